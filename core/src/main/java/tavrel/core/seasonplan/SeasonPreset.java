package tavrel.core.seasonplan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.apiaryyear.SeasonDates;

/**
 * What is usually done in an apiary at a time of its year: a start for the keeper's own plan.
 *
 * @param occasion which
 * @param rounds how many
 * @param gaps days between them
 * @param startOn day on which the first is wanted
 * @param lastDay last day on which any may be
 * @param finishBy day by which the last should be done, or null
 * @param broodless whether days without capped brood are hoped for
 */
public record SeasonPreset(
    Occasion occasion,
    int rounds,
    Gaps gaps,
    LocalDate startOn,
    LocalDate lastDay,
    @Nullable LocalDate finishBy,
    boolean broodless) {

  /** Times of the year. */
  public enum Occasion {
    LATE_SUMMER,
    WINTER
  }

  private static final int WEEK = 7;
  private static final int SUMMER_ROUNDS = 4;

  /** Room for bad days after the last round's wanted day. */
  private static final int ROOM = 14;

  /** Both occasions; winter is missing where no time without capped brood is expected. */
  public static List<SeasonPreset> of(SeasonDates dates, LocalDate today) {
    List<SeasonPreset> presets = new ArrayList<>();
    LocalDate by = dates.winterBeesAfter(today);
    int length = (SUMMER_ROUNDS - 1) * WEEK;
    LocalDate start = by.minusDays(length).isBefore(today) ? today : by.minusDays(length);
    presets.add(
        new SeasonPreset(
            Occasion.LATE_SUMMER,
            SUMMER_ROUNDS,
            new Gaps(WEEK - 2, WEEK, WEEK + 2),
            start,
            start.plusDays(length + ROOM),
            by,
            false));
    DaySpan free = dates.broodlessAfter(today);
    if (free != null) {
      LocalDate from = free.from().isBefore(today) ? today : free.from();
      presets.add(
          new SeasonPreset(Occasion.WINTER, 1, new Gaps(1, 1, 1), from, free.to(), null, true));
    }
    return List.copyOf(presets);
  }
}
