package tavrel.core.count;

import tavrel.core.Worded;

/** How a count stands to a threshold. */
public enum InfestationStatus implements Worded {
  /** Far above: the colony may collapse. */
  DANGER,
  ABOVE,
  BELOW,
  /** The interval holds the threshold. */
  CANNOT_TELL
}
