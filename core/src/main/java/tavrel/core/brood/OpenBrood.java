package tavrel.core.brood;

import tavrel.core.Worded;

/** Uncapped brood as a look inside finds it; it tells what will be capped next. */
public enum OpenBrood implements Worded {
  NOT_NOTED,
  /** Neither eggs nor larvae. */
  NONE,
  EGGS_ONLY,
  LARVAE
}
