package tavrel.core.brood;

import tavrel.core.Worded;

/** Capped brood as a look inside finds it. */
public enum Capped implements Worded {
  NONE,
  FEW_CELLS,
  FRAMES
}
