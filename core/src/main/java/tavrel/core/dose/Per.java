package tavrel.core.dose;

/** What an amount is counted by. */
public enum Per {
  BOX,
  HIVE
}
