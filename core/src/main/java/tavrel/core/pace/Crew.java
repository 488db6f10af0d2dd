package tavrel.core.pace;

import tavrel.core.InvalidValue;

/**
 * Who works.
 *
 * @param burners people who burn; they also make ready, fill caps and open
 * @param helpers people who do everything but burn
 */
public record Crew(int burners, int helpers) {

  /** One alone. */
  public static final Crew ONE = new Crew(1, 0);

  /**
   * @throws InvalidValue if nobody burns, or more come than a yard holds
   */
  public Crew {
    InvalidValue.inRange("burners", burners, 1, 4, "people who burn");
    InvalidValue.inRange("helpers", helpers, 0, 4, "helpers");
  }

  int size() {
    return burners + helpers;
  }
}
