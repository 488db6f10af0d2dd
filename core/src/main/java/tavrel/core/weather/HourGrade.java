package tavrel.core.weather;

/** How well an hour suits a round, best first. */
public enum HourGrade {
  GOOD,
  FAIR,
  /** Warned of, never blocked. */
  POOR,
  /** The planner stays away. */
  UNSAFE,
  /** Outside the rule sheet's own temperatures. */
  OFF_LABEL
}
