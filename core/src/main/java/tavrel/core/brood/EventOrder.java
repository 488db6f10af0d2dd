package tavrel.core.brood;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/** Puts a colony's events in order and refuses what cannot have happened, with the reason. */
final class EventOrder {

  /** Older events say nothing of today's brood, and are taken for a slip of typing. */
  static final int DAYS_BACK = 1_100;

  /** A release may be planned this far ahead. */
  static final int RELEASE_AHEAD = 60;

  private enum Queen {
    LAYING,
    CAGED,
    COMING,
    NOT_LAYING
  }

  private Queen queen = Queen.LAYING;
  private @Nullable LocalDate since;

  private EventOrder() {}

  /**
   * Events by day, as they were entered within a day.
   *
   * @throws InvalidValue at "day" (or "released") naming what contradicts what
   */
  static List<BroodEvent> of(List<BroodEvent> events) {
    List<BroodEvent> ordered = new ArrayList<>(events);
    ordered.sort(Comparator.comparing(BroodEvent::day));
    EventOrder order = new EventOrder();
    for (BroodEvent event : ordered) {
      order.follow(event);
    }
    return List.copyOf(ordered);
  }

  /**
   * Refuses a day on which nobody can enter an event.
   *
   * @throws InvalidValue at "day" (or "released") if it has not come or is years ago
   */
  static void checkDay(BroodEvent event, LocalDate today) {
    boolean release = event instanceof BroodEvent.QueenReleased;
    long ahead = ChronoUnit.DAYS.between(today, event.day());
    if (ahead > (release ? RELEASE_AHEAD : 0)) {
      throw new InvalidValue(
          "day",
          "dayNotCome",
          "{why}",
          release
              ? Fact.of("order.tooFarAhead")
                  .day("day", event.day())
                  .count("most", RELEASE_AHEAD, "day")
              : Fact.of("order.hasNotCome").day("day", event.day()).day("today", today));
    }
    if (-ahead > DAYS_BACK) {
      throw new InvalidValue(
          "day", "moreThanThreeYears", "{day} is more than three years ago", event.day());
    }
    if (event instanceof BroodEvent.Split split
        && split.queen() == NewQueen.FROM_EGGS
        && split.youngest().tooOldForAQueen()) {
      throw new InvalidValue(
          "newQueen",
          "cannotRaisedNoEgg",
          "cannot be raised: no egg or young larva was left. Give a cell or a queen, or say what else was there");
    }
    if (event instanceof BroodEvent.PackageHived bees
        && bees.released() != null
        && ChronoUnit.DAYS.between(today, bees.released()) > RELEASE_AHEAD) {
      throw new InvalidValue(
          "released", "moreThanDaysAhead", "is more than {value} days ahead", RELEASE_AHEAD);
    }
  }

  private void follow(BroodEvent event) {
    LocalDate day = event.day();
    if (event instanceof BroodEvent.SwarmHived || event instanceof BroodEvent.OldQueenMoved) {
      become(Queen.LAYING, day);
    } else if (event instanceof BroodEvent.PackageHived bees) {
      become(bees.released() == null ? Queen.CAGED : Queen.LAYING, day);
    } else if (event instanceof BroodEvent.QueenCaged) {
      refuseIf(queen == Queen.CAGED, day, Fact.of("order.cagedAlready"));
      refuseIf(queen == Queen.COMING, day, Fact.of("order.noQueenToCage"));
      become(Queen.CAGED, day);
    } else if (event instanceof BroodEvent.QueenReleased) {
      refuseIf(queen != Queen.CAGED, day, Fact.of("order.noneCaged"));
      become(Queen.LAYING, day);
    } else if (event instanceof BroodEvent.Split || event instanceof BroodEvent.SwarmLeft) {
      become(Queen.COMING, day);
    } else if (event instanceof BroodEvent.LayingStopped) {
      refuseIf(queen == Queen.CAGED, day, Fact.of("order.cagedSoNoneLays"));
      refuseIf(queen == Queen.NOT_LAYING, day, Fact.of("order.stoppedAlready"));
      become(Queen.NOT_LAYING, day);
    } else if (event instanceof BroodEvent.LayingStarted) {
      refuseIf(queen == Queen.CAGED, day, Fact.of("order.cagedLetOut"));
      refuseIf(queen == Queen.LAYING, day, Fact.of("order.hadNotStopped"));
      become(Queen.LAYING, day);
    } else if (event instanceof BroodEvent.Inspection look && queen == Queen.NOT_LAYING) {
      boolean eggs = look.open() == OpenBrood.EGGS_ONLY || look.open() == OpenBrood.LARVAE;
      if (eggs) {
        become(Queen.LAYING, day);
      }
    } else if (event instanceof BroodEvent.Inspection && queen == Queen.COMING) {
      become(Queen.LAYING, day);
    }
  }

  private void become(Queen state, LocalDate day) {
    queen = state;
    since = day;
  }

  private void refuseIf(boolean impossible, LocalDate day, Fact why) {
    if (impossible) {
      throw new InvalidValue(
          "day",
          "cannotHaveHappened",
          "on {day} {why}",
          day,
          since == null ? why : why.day("since", since));
    }
  }
}
