package tavrel.core.brood;

import tavrel.core.Worded;

/** What the brood clock says of capped worker brood on a day. */
public enum BroodState implements Worded {
  FREE,
  LIKELY_FREE,
  CAPPED
}
