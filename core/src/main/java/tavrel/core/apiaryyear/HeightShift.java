package tavrel.core.apiaryyear;

import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.FigureSource;
import tavrel.core.ModelParameter;

/**
 * How an apiary's year moves when it is copied to one that stands higher or lower: what belongs to
 * spring comes later with height, what belongs to autumn earlier. A rule of thumb, and a start for
 * the keeper's own dates.
 *
 * @param days by which spring is later; negative for one that stands lower
 * @param south whether the apiary lies south of the equator
 */
public record HeightShift(int days, boolean south) {

  private static final ModelParameter PER_100_M =
      new ModelParameter(
          "season.daysPer100m",
          3,
          0,
          10,
          "days a 100 m",
          "How much later spring comes, and how much earlier autumn, with height",
          FigureSource.GROWERS_RULE);
  private static final int A_YEAR = 2001;

  /** Figures that a keeper may change. */
  public static List<ModelParameter> parameters() {
    return List.of(PER_100_M);
  }

  /**
   * Between two heights; none where one of them is unknown.
   *
   * @param from height of the apiary that is copied, m above the sea, or null
   * @param to height of the other, m above the sea, or null
   */
  public static HeightShift between(
      @Nullable Double from, @Nullable Double to, boolean south, Map<String, Double> own) {
    return new HeightShift(
        from == null || to == null ? 0 : (int) Math.round((to - from) / 100 * PER_100_M.in(own)),
        south);
  }

  /** The dates of a year, moved. */
  public SeasonDates of(SeasonDates dates) {
    return new SeasonDates(
        of(dates.layingStops()),
        of(dates.layingStarts()),
        dates.shiftDays(),
        dates.supersOn() == null ? null : of(dates.supersOn()),
        dates.supersOff() == null ? null : of(dates.supersOff()),
        of(dates.winterBees()));
  }

  /** A band, moved as a whole by the season in which it begins; days off stay. */
  public YearBand of(YearBand band, UUID newId) {
    return band.later(newId, band.kind() == YearBand.Kind.OFF ? 0 : by(MonthDay.from(band.from())));
  }

  private MonthDay of(MonthDay day) {
    LocalDate date = day.atYear(A_YEAR).plusDays(by(day));
    return MonthDay.from(date);
  }

  /** From the winter solstice to the summer solstice is spring. */
  private int by(MonthDay day) {
    boolean first =
        day.isBefore(MonthDay.of(Month.JUNE, 21)) || !day.isBefore(MonthDay.of(Month.DECEMBER, 21));
    return first == south ? -days : days;
  }
}
