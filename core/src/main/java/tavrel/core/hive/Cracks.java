package tavrel.core.hive;

/** Gaps between and in the boxes, by eye; old unplugged ports among them. */
public enum Cracks {
  NONE,
  A_FEW,
  MANY
}
