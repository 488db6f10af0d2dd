package tavrel.core.brood;

import tavrel.core.Worded;

/** What a swarm is given to lay in. */
public enum Comb implements Worded {
  DRAWN,
  FOUNDATION
}
