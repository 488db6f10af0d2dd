package tavrel.core.brood;

import tavrel.core.Worded;

/** How a queenless part gets a queen. */
public enum NewQueen implements Worded {
  RIPE_CELL,
  FROM_EGGS,
  MATED_QUEEN
}
