package tavrel.core.brood;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.apiaryyear.SeasonDates;

/**
 * One colony's brood clock: what is capped on which day, from what was done to it and seen in it.
 * Workers are capped on day 9 and emerge on day 21 from laying, drones on days 10 and 24. An
 * estimate; a look inside beats it.
 */
public final class BroodClock {

  /** How far ahead windows are looked for, days. */
  public static final int AHEAD = 200;

  /** The weeks ahead that are planned with, days. */
  static final int WEEKS_AHEAD = 42;

  private final List<BroodEvent> events;
  private final BroodDefaults defaults;
  private final SeasonDates calendar;
  private final LocalDate today;
  private final BroodTimeline sure;
  private final BroodTimeline likely;
  private @Nullable BroodTimeline latest;

  private BroodClock(
      List<BroodEvent> events, BroodDefaults defaults, SeasonDates calendar, LocalDate today) {
    this.events = EventOrder.of(events);
    this.defaults = defaults;
    this.calendar = calendar;
    this.today = today;
    this.sure = BroodTimeline.of(this.events, defaults, calendar, today, Scenario.EARLIEST);
    this.likely = BroodTimeline.of(this.events, defaults, calendar, today, Scenario.LIKELY);
  }

  /**
   * Reads a colony's events.
   *
   * @param events in any order; none at all means a queen that lays but for the calendar's winter
   * @param calendar the apiary's expected winter; it never makes a window sure
   * @throws tavrel.core.InvalidValue if the events cannot have happened together
   */
  public static BroodClock of(
      List<BroodEvent> events, BroodDefaults defaults, SeasonDates calendar, LocalDate today) {
    return new BroodClock(events, defaults, calendar, today);
  }

  /**
   * Refuses an event whose day cannot be entered: one that has not come, or years ago. A queen's
   * release may be planned 60 days ahead.
   *
   * @throws tavrel.core.InvalidValue at "day" or "released"
   */
  public static void checkEntered(BroodEvent event, LocalDate today) {
    EventOrder.checkDay(event, today);
  }

  /**
   * The same colony if more had happened, or will.
   *
   * @throws tavrel.core.InvalidValue if that cannot be
   */
  public BroodClock and(BroodEvent... more) {
    List<BroodEvent> all = new ArrayList<>(events);
    all.addAll(List.of(more));
    return new BroodClock(all, defaults, calendar, today);
  }

  /** The events in order. */
  public List<BroodEvent> events() {
    return events;
  }

  /** The day it is read on. */
  public LocalDate today() {
    return today;
  }

  /** What is known of capped worker brood on a day. */
  public BroodState on(LocalDate day) {
    long at = day.toEpochDay();
    if (sure.surelyFreeOn(at)) {
      return BroodState.FREE;
    }
    return likely.cappedOn(at) ? BroodState.CAPPED : BroodState.LIKELY_FREE;
  }

  /** The window without capped worker brood that is open, or opens next within 200 days. */
  public FreeWindow workers() {
    return window(false);
  }

  /** The same, without capped drone brood too. */
  public FreeWindow withDrones() {
    return window(true);
  }

  private FreeWindow window(boolean withDrones) {
    long begin = today.toEpochDay();
    long end = begin + AHEAD;
    DaySpan likelyDays = around(likely.free(withDrones, from(likely), end), begin);
    DaySpan sureDays = around(sure.sureFree(withDrones, from(sure), end), begin);
    if (likelyDays != null && sureDays != null && !sureDays.meets(likelyDays)) {
      sureDays = null;
    }
    boolean openEnded = likelyDays != null && likelyDays.to().toEpochDay() == end;
    return new FreeWindow(sureDays, likelyDays, openEnded);
  }

  private long from(BroodTimeline timeline) {
    return Math.max(timeline.knownFrom(), today.toEpochDay() - AHEAD);
  }

  private static @Nullable DaySpan around(List<LaidDays.Span> spans, long day) {
    for (LaidDays.Span span : spans) {
      if (span.to() >= day) {
        return new DaySpan(LocalDate.ofEpochDay(span.from()), LocalDate.ofEpochDay(span.to()));
      }
    }
    return null;
  }

  /** Days on which to look inside, soonest first. */
  public List<LookDate> lookDates() {
    List<LookDate> dates = new ArrayList<>();
    FreeWindow window = workers();
    DaySpan days = window.likely();
    if (days != null && !days.equals(window.sure()) && !days.to().isBefore(today)) {
      LocalDate opens = days.from().isBefore(today) ? today : days.from();
      dates.add(new LookDate(opens, Fact.of("brood.isNothingCapped")));
    }
    LocalDate eggs = eggsBy();
    if (eggs != null && !eggs.isBefore(today)) {
      dates.add(new LookDate(eggs, Fact.of("brood.eggsByThen")));
    }
    return List.copyOf(dates);
  }

  /** The day by which a queen that was awaited should lay, or null where none is awaited. */
  private @Nullable LocalDate eggsBy() {
    BroodEvent last = events.isEmpty() ? null : events.get(events.size() - 1);
    if (last == null || last instanceof BroodEvent.Inspection) {
      return null;
    }
    long happened = last.day().toEpochDay();
    return latest().workers().spans().stream()
        .map(LaidDays.Span::from)
        .filter(from -> from > happened && from <= happened + WEEKS_AHEAD)
        .map(LocalDate::ofEpochDay)
        .findFirst()
        .orElse(null);
  }

  /** Folded only where it is asked for: the lists of thousands of hives never do. */
  private BroodTimeline latest() {
    BroodTimeline folded = latest;
    if (folded == null) {
      folded = BroodTimeline.of(events, defaults, calendar, today, Scenario.LATEST);
      latest = folded;
    }
    return folded;
  }

  /**
   * The day of the next weeks with the least capped worker brood, for a colony that is never free.
   */
  public LocalDate leastCapped() {
    LocalDate best = today;
    long least = Long.MAX_VALUE;
    for (int i = 0; i <= WEEKS_AHEAD; i++) {
      long day = today.toEpochDay() + i;
      long capped =
          likely
              .workers()
              .daysIn(day - BroodTimeline.WORKER_GONE + 1, day - BroodTimeline.WORKER_CAPPED);
      if (capped < least) {
        least = capped;
        best = LocalDate.ofEpochDay(day);
      }
    }
    return best;
  }

  /**
   * Stages of brood on the comb, as the likely course has them.
   *
   * @param from first day that is drawn
   * @param to last day that is drawn
   */
  public List<StageBand> bands(LocalDate from, LocalDate to) {
    List<StageBand> bands = new ArrayList<>();
    for (StageBand.Stage stage : StageBand.Stage.values()) {
      LaidDays laid = stage == StageBand.Stage.CAPPED_DRONE ? likely.drones() : likely.workers();
      long next = Long.MIN_VALUE;
      for (LaidDays.Span span : laid.spans()) {
        long begin = Math.max(from.toEpochDay(), span.from() + stage.begins());
        long end = Math.min(to.toEpochDay(), span.to() + stage.ends() - 1);
        begin = Math.max(begin, next);
        if (begin <= end) {
          bands.add(
              new StageBand(
                  stage, new DaySpan(LocalDate.ofEpochDay(begin), LocalDate.ofEpochDay(end))));
          next = end + 1;
        }
      }
    }
    return List.copyOf(bands);
  }

  /**
   * How much of an ordinary day's brood is expected to be capped on a day, where any is: by what
   * was laid nine days before, as laying goes in the apiary's year; 0.1 to 1.
   */
  public double cappedShareOn(LocalDate day) {
    return calendar.layingShareOn(day.minusDays(BroodTimeline.WORKER_CAPPED));
  }

  /** Whether worker cells are capped on a day, in the likely course. */
  public boolean capsWorkersOn(LocalDate day) {
    long laid = day.toEpochDay() - BroodTimeline.WORKER_CAPPED;
    return likely.workers().anyIn(laid, laid);
  }

  /** Whether drone cells are capped on a day, in the likely course. */
  public boolean capsDronesOn(LocalDate day) {
    long laid = day.toEpochDay() - BroodTimeline.DRONE_CAPPED;
    return likely.drones().anyIn(laid, laid);
  }

  /** The latest look inside, or null. */
  public BroodEvent.@Nullable Inspection lastLook() {
    for (int i = events.size() - 1; i >= 0; i--) {
      if (events.get(i) instanceof BroodEvent.Inspection look) {
        return look;
      }
    }
    return null;
  }

  /**
   * The day on which this colony came into the hive, or null; what was counted before is not its.
   */
  public @Nullable LocalDate foundedOn() {
    return events.stream()
        .filter(
            event ->
                event instanceof BroodEvent.SwarmHived
                    || event instanceof BroodEvent.PackageHived
                    || event instanceof BroodEvent.OldQueenMoved
                    || event instanceof BroodEvent.Split)
        .map(BroodEvent::day)
        .max(LocalDate::compareTo)
        .orElse(null);
  }

  /** What the clock says and from what, in sentences. */
  public List<Fact> why() {
    return new BroodReasons(this).all();
  }
}
