package tavrel.core.hive;

/** How the bees come and go. */
public enum Entrance {
  FULL,
  REDUCED,
  LOW,
  ROUND_HOLE
}
