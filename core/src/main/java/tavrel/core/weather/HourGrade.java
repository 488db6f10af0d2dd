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
  OFF_LABEL,
  /** No grade: no source tells of it. */
  UNKNOWN;

  /** Whether it is worth working in. */
  public boolean isWorkable() {
    return this == GOOD || this == FAIR;
  }
}
