package tavrel.core.life;

import tavrel.core.Worded;

/** What is found in a hive that died, and tells why. */
public enum DeadOutSign implements Worded {
  /** A handful of bees, mites on the floor and food left: the way that mites kill. */
  FEW_BEES_MANY_MITES,
  /** No food within reach of the cluster. */
  STARVED,
  /** No queen, or drone brood all over. */
  QUEENLESS,
  /** Water or mould. */
  WET,
  /** Torn cappings and wax crumbs. */
  ROBBED,
  /** Nothing tells. */
  UNKNOWN
}
