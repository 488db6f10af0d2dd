package tavrel.core.seasonplan;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A round of a series, with the crew and the day that it was given.
 *
 * @param seriesId the series
 * @param number which of its rounds, from 1
 * @param crewId who goes, or null where it has no place
 * @param day when, or null with the crew
 * @param pinned whether the keeper put it there and the search leaves it alone
 */
public record PlacedVisit(
    UUID seriesId, int number, @Nullable UUID crewId, @Nullable LocalDate day, boolean pinned) {

  /**
   * @throws IllegalArgumentException if it has a crew without a day, or is pinned to nothing
   */
  public PlacedVisit {
    if ((crewId == null) != (day == null)) {
      throw new IllegalArgumentException("a crew and a day go together");
    }
    if (pinned && day == null) {
      throw new IllegalArgumentException("a visit without a day cannot be pinned");
    }
  }
}
