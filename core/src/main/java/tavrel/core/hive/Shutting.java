package tavrel.core.hive;

/** What is done with the entrance while the vapour is inside. */
public enum Shutting {
  WET_CLOTH,
  LEFT_OPEN
}
