package tavrel.core.spacing;

import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodEvent;

/**
 * A plan that fits an occasion of the year, with its days for one colony.
 *
 * @param occasion which
 * @param days days of the rounds; empty where the occasion is not there
 * @param says why these days, or why none
 */
public record SeriesPreset(Occasion occasion, List<LocalDate> days, Fact says) {

  /** Occasions on which keepers treat. */
  public enum Occasion {
    SWARM,
    PACKAGE,
    SPLIT,
    BEFORE_SALE,
    SPRING,
    LATE_SUMMER,
    WINTER
  }

  private static final int WEEK = 7;

  /**
   * All occasions for one colony.
   *
   * @param south whether the apiary lies south of the equator
   */
  public static List<SeriesPreset> of(BroodClock clock, SeasonDates season, boolean south) {
    return List.of(
        inWindow(Occasion.SWARM, clock, BroodEvent.SwarmHived.class, Fact.of("preset.noSwarm")),
        inWindow(
            Occasion.PACKAGE, clock, BroodEvent.PackageHived.class, Fact.of("preset.noPackage")),
        inWindow(Occasion.SPLIT, clock, BroodEvent.Split.class, Fact.of("preset.noSplit")),
        new SeriesPreset(
            Occasion.BEFORE_SALE,
            Schedule.every(clock.today(), 3, WEEK).days(),
            Fact.of("preset.beforeSale").day("day", clock.today().plusDays(3L * WEEK))),
        spring(clock.today(), season),
        lateSummer(clock.today(), season),
        winter(clock, season, south));
  }

  private static SeriesPreset inWindow(
      Occasion occasion, BroodClock clock, Class<? extends BroodEvent> wanted, Fact none) {
    BroodEvent last =
        clock.events().stream()
            .filter(wanted::isInstance)
            .reduce((first, second) -> second)
            .orElse(null);
    LocalDate day = last == null ? null : BroodBreak.ownDay(clock);
    if (last == null || day == null || !day.isBefore(clock.today().plusDays(45))) {
      return new SeriesPreset(
          occasion, List.of(), last == null ? none : Fact.of("preset.windowIsOver"));
    }
    return new SeriesPreset(
        occasion,
        List.of(day),
        Fact.of("preset.oneRound").day("day", day).word("brood", clock.on(day)));
  }

  /**
   * The last round of spring lies so long before supers go on: many labels have no longer wait,
   * days.
   */
  private static final int BEFORE_SUPERS = 14;

  /** Supers further ahead than this are of no spring that is near, days. */
  private static final int SPRING_IS_NEAR = 90;

  private static SeriesPreset spring(LocalDate today, SeasonDates season) {
    LocalDate supers = season.supersGoOnAfter(today);
    if (supers == null
        || supers.isAfter(today.plusDays(SPRING_IS_NEAR))
        || !supers.minusDays(BEFORE_SUPERS).isAfter(today)) {
      return new SeriesPreset(Occasion.SPRING, List.of(), Fact.of("preset.noSpring"));
    }
    LocalDate last = supers.minusDays(BEFORE_SUPERS);
    int rounds = (int) Math.min(3, 1 + ChronoUnit.DAYS.between(today, last) / WEEK);
    return new SeriesPreset(
        Occasion.SPRING,
        Schedule.every(last.minusDays((rounds - 1L) * WEEK), rounds, WEEK).days(),
        Fact.of("preset.beforeFlow").day("last", last).day("supers", supers));
  }

  private static SeriesPreset lateSummer(LocalDate today, SeasonDates season) {
    LocalDate by = season.winterBeesAfter(today);
    LocalDate start = by.minusDays(3L * WEEK);
    boolean late = start.isBefore(today);
    return new SeriesPreset(
        Occasion.LATE_SUMMER,
        Schedule.every(late ? today : start, 4, WEEK).days(),
        (late ? Fact.of("preset.fourFromToday") : Fact.of("preset.fourUntil")).day("by", by));
  }

  private static SeriesPreset winter(BroodClock clock, SeasonDates season, boolean south) {
    DaySpan pause = nextPause(clock.today(), season);
    LocalDate solstice =
        south
            ? LocalDate.of(pause.to().getYear(), Month.JUNE, 21)
            : LocalDate.of(pause.from().getYear(), Month.DECEMBER, 21);
    LocalDate day = nearestFree(clock, pause, solstice);
    return day == null
        ? new SeriesPreset(Occasion.WINTER, List.of(), Fact.of("preset.noFreeDay"))
        : new SeriesPreset(
            Occasion.WINTER, List.of(day), Fact.of("preset.nearSolstice").day("day", day));
  }

  private static DaySpan nextPause(LocalDate today, SeasonDates season) {
    DaySpan last = season.pauseOf(today.getYear() - 1);
    if (!last.to().isBefore(today)) {
      return last;
    }
    DaySpan here = season.pauseOf(today.getYear());
    return here.to().isBefore(today) ? season.pauseOf(today.getYear() + 1) : here;
  }

  private static @Nullable LocalDate nearestFree(
      BroodClock clock, DaySpan pause, LocalDate wanted) {
    LocalDate best = null;
    for (LocalDate day = pause.from(); !day.isAfter(pause.to()); day = day.plusDays(1)) {
      boolean free = clock.on(day) != tavrel.core.brood.BroodState.CAPPED;
      if (free && !day.isBefore(clock.today()) && (best == null || nearer(day, best, wanted))) {
        best = day;
      }
    }
    return best;
  }

  private static boolean nearer(LocalDate day, LocalDate than, LocalDate wanted) {
    return Math.abs(ChronoUnit.DAYS.between(day, wanted))
        < Math.abs(ChronoUnit.DAYS.between(than, wanted));
  }
}
