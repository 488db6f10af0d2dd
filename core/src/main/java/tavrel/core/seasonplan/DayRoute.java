package tavrel.core.seasonplan;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A crew's day on the road.
 *
 * @param crewId who
 * @param day when
 * @param leaves the depot
 * @param back at the depot
 * @param km way in all, km
 * @param drivingMinutes time on the road, min
 * @param stops in order
 */
public record DayRoute(
    UUID crewId,
    LocalDate day,
    Instant leaves,
    Instant back,
    double km,
    int drivingMinutes,
    List<RouteStop> stops) {

  /**
   * One apiary on the way.
   *
   * @param seriesId the series
   * @param number which of its rounds
   * @param yardId where
   * @param km way to it from the stop before, km
   * @param arrives there
   * @param begins work; later than the arrival where the hour is waited for
   * @param ends work, cleared away
   * @param fairMinutes of it in fair hours, min
   * @param expectedMinutes of it in hours that no source tells of: they are to be confirmed, min
   * @param outsideMinutes of it outside the workable hours, min
   */
  public record RouteStop(
      UUID seriesId,
      int number,
      UUID yardId,
      double km,
      Instant arrives,
      Instant begins,
      Instant ends,
      int fairMinutes,
      int expectedMinutes,
      int outsideMinutes) {}
}
