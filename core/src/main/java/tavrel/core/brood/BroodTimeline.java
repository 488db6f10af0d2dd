package tavrel.core.brood;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.apiaryyear.SeasonDates;

/**
 * Folds a colony's events, in their order, into the days on which its living brood was laid, for
 * one scenario of first eggs that nobody saw.
 */
final class BroodTimeline {

  /** Days from egg to capping, worker. */
  static final int WORKER_CAPPED = 9;

  /** Days from egg to emergence, worker. */
  static final int WORKER_GONE = 21;

  /** Days from egg to capping, drone. */
  static final int DRONE_CAPPED = 10;

  /** Days from egg to emergence, drone. */
  static final int DRONE_GONE = 24;

  /** Laying that stops this many days before the calendar's date is still its winter. */
  private static final int EARLY_STOP = 60;

  private final Scenario scenario;
  private final BroodDefaults defaults;
  private final SeasonDates calendar;
  private final LaidDays workers = LaidDays.always();
  private final LaidDays drones = LaidDays.always();
  private final List<LaidDays.Span> givenWorkers = new ArrayList<>(0);
  private final List<LaidDays.Span> givenDrones = new ArrayList<>(0);
  private long seenFreeOn = LaidDays.EVER;
  private boolean packageQueenCaged;
  private boolean queenComing;
  private long knownFrom = LaidDays.EVER;
  private @Nullable LocalDate stoppedOn;
  private LocalDate winterSeenTo = LocalDate.MIN;

  private BroodTimeline(Scenario scenario, BroodDefaults defaults, SeasonDates calendar) {
    this.scenario = scenario;
    this.defaults = defaults;
    this.calendar = calendar;
  }

  /**
   * Folds events.
   *
   * @param events in order of days
   * @param today up to a year after it is looked at
   */
  static BroodTimeline of(
      List<BroodEvent> events,
      BroodDefaults defaults,
      SeasonDates calendar,
      LocalDate today,
      Scenario scenario) {
    BroodTimeline timeline = new BroodTimeline(scenario, defaults, calendar);
    for (BroodEvent event : events) {
      timeline.expectWinters(event.day());
      timeline.fold(event);
    }
    timeline.expectWinters(today.plusYears(1));
    return timeline;
  }

  LaidDays workers() {
    return workers;
  }

  LaidDays drones() {
    return drones;
  }

  /** The day from which on it is known what is capped: before it, brood was that is gone now. */
  long knownFrom() {
    return knownFrom;
  }

  /** Worker-only spans without capped brood; with drones, those where neither is capped. */
  List<LaidDays.Span> free(boolean withDrones, long from, long to) {
    LaidDays allWorkers = workers.with(givenWorkers);
    List<LaidDays.Span> free = allWorkers.freeOf(WORKER_CAPPED, WORKER_GONE, from, to);
    if (!withDrones) {
      return free;
    }
    LaidDays allDrones = drones.with(givenDrones);
    return free.stream()
        .flatMap(
            span -> allDrones.freeOf(DRONE_CAPPED, DRONE_GONE, span.from(), span.to()).stream())
        .toList();
  }

  /**
   * The same for sure: development varies by a day or two, so a window keeps a day's distance at
   * each end that the clock reckoned. An end that somebody saw or made stays: the day of a look
   * with nothing capped, of a swarm hived, of frames taken out.
   */
  List<LaidDays.Span> sureFree(boolean withDrones, long from, long to) {
    List<LaidDays.Span> sure = new ArrayList<>(2);
    for (LaidDays.Span span : free(withDrones, from, to)) {
      long begin = span.from() <= Math.max(from, knownFrom) ? span.from() : span.from() + 1;
      long end = span.to() == to ? span.to() : span.to() - 1;
      if (seenFreeOn >= span.from() && seenFreeOn <= span.to()) {
        end = Math.max(end, seenFreeOn);
        begin = Math.min(begin, seenFreeOn);
      }
      if (begin <= end) {
        sure.add(new LaidDays.Span(begin, end));
      }
    }
    return sure;
  }

  /** Whether a day lies in a sure window, see {@link #sureFree}. */
  boolean surelyFreeOn(long day) {
    return sureFree(false, Math.max(knownFrom, day - DRONE_GONE), day + DRONE_GONE).stream()
        .anyMatch(span -> span.from() <= day && day <= span.to());
  }

  boolean cappedOn(long day) {
    return workers.with(givenWorkers).anyIn(day - WORKER_GONE + 1, day - WORKER_CAPPED);
  }

  private void fold(BroodEvent event) {
    long day = event.day().toEpochDay();
    if (changesWhatIsThere(event)) {
      knownFrom = day;
    }
    if (event instanceof BroodEvent.SwarmHived swarm) {
      boolean drawn = swarm.comb() == Comb.DRAWN;
      foundAnew(day + (drawn ? defaults.onDrawnComb() : defaults.onFoundation()));
    } else if (event instanceof BroodEvent.PackageHived bees) {
      hive(bees);
    } else if (event instanceof BroodEvent.OldQueenMoved) {
      foundAnew(day);
    } else if (event instanceof BroodEvent.QueenCaged) {
      endOn(day, day);
    } else if (event instanceof BroodEvent.QueenReleased) {
      startOn(packageQueenCaged ? day + defaults.afterRelease() : day);
      packageQueenCaged = false;
    } else if (event instanceof BroodEvent.Split split) {
      endOn(day - split.youngest().workerAge(), day - split.youngest().droneAge());
      startOn(day + defaults.firstEggs(split.queen(), scenario));
      queenComing = true;
    } else if (event instanceof BroodEvent.SwarmLeft) {
      endOn(day, day);
      startOn(day + defaults.firstEggs(NewQueen.RIPE_CELL, scenario));
      queenComing = true;
    } else if (event instanceof BroodEvent.BroodGiven given) {
      givenWorkers.add(given.given().workers(day));
      givenDrones.add(given.given().drones(day));
    } else if (event instanceof BroodEvent.BroodRemoved removed) {
      givenWorkers.clear();
      givenDrones.clear();
      seenFreeOn = day;
      keepFrom(day - removed.left().oldestWorker(), day - removed.left().oldestDrone());
    } else if (event instanceof BroodEvent.LayingStopped) {
      stop(event.day());
    } else if (event instanceof BroodEvent.LayingStarted) {
      if (stoppedOn != null) {
        workers.pause(stoppedOn.toEpochDay() + 1, day);
        drones.pause(stoppedOn.toEpochDay() + 1, day);
      }
      startOn(day);
    } else if (event instanceof BroodEvent.Inspection look) {
      look(look, day);
    }
  }

  private static boolean changesWhatIsThere(BroodEvent event) {
    return event instanceof BroodEvent.SwarmHived
        || event instanceof BroodEvent.PackageHived
        || event instanceof BroodEvent.OldQueenMoved
        || event instanceof BroodEvent.Split
        || event instanceof BroodEvent.SwarmLeft
        || event instanceof BroodEvent.BroodRemoved
        || (event instanceof BroodEvent.Inspection look && look.capped() == Capped.NONE);
  }

  private void hive(BroodEvent.PackageHived bees) {
    LocalDate released = bees.released();
    if (released == null) {
      empty();
      packageQueenCaged = true;
    } else {
      foundAnew(released.toEpochDay() + defaults.afterRelease());
    }
  }

  /** Nobody saw her begin again: for sure that may be tomorrow, likely it is when winter ends. */
  private void stop(LocalDate day) {
    endOn(day.toEpochDay(), day.toEpochDay());
    LocalDate again =
        scenario == Scenario.EARLIEST ? day.plusDays(1) : winterEndsAfter(day, EARLY_STOP);
    if (again != null) {
      startOn(again.toEpochDay());
    }
    stoppedOn = day;
  }

  private void look(BroodEvent.Inspection look, long day) {
    seenFreeOn = look.capped() == Capped.NONE ? day : LaidDays.EVER;
    if (look.capped() == Capped.NONE) {
      givenWorkers.removeIf(
          span -> span.from() + WORKER_GONE > day && span.to() + WORKER_CAPPED <= day);
      givenDrones.removeIf(
          span -> span.from() + DRONE_GONE > day && span.to() + DRONE_CAPPED <= day);
    }
    if (look.capped() != Capped.NONE) {
      if (!cappedOn(day)) {
        // The bees know better: the queen has laid all along, whatever was reckoned.
        foundAnew(day - WORKER_GONE + 1);
      }
      return;
    }
    switch (look.open()) {
      case LARVAE -> keepFrom(day - WORKER_CAPPED + 1, day - DRONE_CAPPED + 1);
      case EGGS_ONLY -> keepFrom(day - 3, day - 3);
      case NOT_NOTED -> keepFrom(day - WORKER_CAPPED + 1, day - DRONE_CAPPED + 1);
      case NONE -> seeNoBroodAtAll(look.day());
    }
  }

  private void seeNoBroodAtAll(LocalDate date) {
    long day = date.toEpochDay();
    boolean laying = workers.goesOnAt(day);
    keepFrom(day + 1, day + 1);
    if (!laying) {
      return;
    }
    if (scenario == Scenario.EARLIEST) {
      startOn(day);
    } else if (queenComing) {
      startOn(day + 1);
    } else {
      endOn(day, day);
      LocalDate again = winterEndsAfter(date, 0);
      if (again != null) {
        startOn(again.toEpochDay());
      }
    }
  }

  /** The day on which laying begins again after the winter that a day belongs to, or null. */
  private @Nullable LocalDate winterEndsAfter(LocalDate day, int daysEarly) {
    for (int year = day.getYear() - 1; year <= day.getYear(); year++) {
      DaySpan pause = calendar.pauseOf(year);
      if (!day.isBefore(pause.from().minusDays(daysEarly)) && !day.isAfter(pause.to())) {
        return pause.to().plusDays(1);
      }
    }
    return null;
  }

  /** Cuts the winters that the calendar expects out of laying that goes on; never for sure. */
  private void expectWinters(LocalDate until) {
    if (scenario == Scenario.EARLIEST) {
      return;
    }
    int first = Math.max(winterSeenTo.getYear(), until.getYear() - 3);
    for (int year = first; year <= until.getYear(); year++) {
      DaySpan pause = calendar.pauseOf(year);
      if (pause.from().isAfter(winterSeenTo) && !pause.from().isAfter(until)) {
        cut(workers, pause);
        cut(drones, pause);
      }
    }
    if (until.isAfter(winterSeenTo)) {
      winterSeenTo = until;
    }
  }

  private static void cut(LaidDays laid, DaySpan pause) {
    long from = pause.from().toEpochDay();
    boolean wintering =
        laid.spans().stream().anyMatch(span -> span.goesOn() && span.from() <= from);
    if (wintering) {
      laid.pause(from + 1, pause.to().toEpochDay() + 1);
    }
  }

  private void foundAnew(long firstEggs) {
    empty();
    startOn(firstEggs);
  }

  private void empty() {
    givenWorkers.clear();
    givenDrones.clear();
    workers.clear();
    drones.clear();
    queenComing = false;
  }

  private void startOn(long day) {
    workers.startOn(day);
    drones.startOn(day);
    queenComing = false;
    stoppedOn = null;
  }

  private void endOn(long workerDay, long droneDay) {
    workers.endOn(workerDay);
    drones.endOn(droneDay);
  }

  private void keepFrom(long workerDay, long droneDay) {
    workers.keepFrom(workerDay);
    drones.keepFrom(droneDay);
  }
}
