package tavrel.server.parameter;

import tavrel.core.Worded;

/** What figures are about. */
enum FigureGroup implements Worded {
  BROOD_CLOCK,
  MITE_MODEL,
  BEES,
  KILL,
  SEAL,
  GEAR,
  STOCK_AND_MONEY,
  COUNTS,
  YEAR,
  ROADS,
  SEASON_PLAN
}
