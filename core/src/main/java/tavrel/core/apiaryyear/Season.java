package tavrel.core.apiaryyear;

import tavrel.core.Worded;

/** A stretch of the year with a limit of its own. */
public enum Season implements Worded {
  /** From the first brood to the end of the flow. */
  SPRING,
  /** While the winter bees are raised. */
  LATE_SUMMER,
  /** While the colony sits in a cluster. */
  WINTER
}
