package tavrel.core.hive;

/** The cover below the roof. */
public enum InnerCover {
  CLOSED,
  HOLE_OPEN
}
