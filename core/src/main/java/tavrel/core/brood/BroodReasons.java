package tavrel.core.brood;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.Fact;

/** What a brood clock goes by, and what would make days without capped brood. */
final class BroodReasons {

  private final BroodClock clock;

  BroodReasons(BroodClock clock) {
    this.clock = clock;
  }

  List<Fact> all() {
    List<Fact> says = new ArrayList<>();
    List<BroodEvent> events = clock.events();
    events.subList(Math.max(0, events.size() - 4), events.size()).stream()
        .map(BroodReasons::of)
        .forEach(says::add);
    if (events.isEmpty()) {
      says.add(Fact.of("brood.nothingOnRecord"));
    }
    FreeWindow window = clock.workers();
    DaySpan days = window.widest();
    if (days == null || days.from().isAfter(clock.today().plusDays(BroodClock.WEEKS_AHEAD))) {
      says.addAll(whatWouldMakeOne());
    } else if (window.sure() == null) {
      says.add(Fact.of("brood.noDayIsSure"));
    }
    return List.copyOf(says);
  }

  private static Fact of(BroodEvent event) {
    return told(event).day("day", event.day());
  }

  private static Fact told(BroodEvent event) {
    if (event instanceof BroodEvent.SwarmHived swarm) {
      return Fact.of("brood.swarmHived").word("comb", swarm.comb());
    }
    if (event instanceof BroodEvent.PackageHived bees) {
      return bees.released() == null
          ? Fact.of("brood.packageHivedCaged")
          : Fact.of("brood.packageHived").day("released", bees.released());
    }
    if (event instanceof BroodEvent.OldQueenMoved) {
      return Fact.of("brood.oldQueenMoved");
    }
    if (event instanceof BroodEvent.QueenCaged) {
      return Fact.of("brood.queenCaged")
          .day("workersOut", event.day().plusDays(BroodTimeline.WORKER_GONE))
          .day("dronesOut", event.day().plusDays(BroodTimeline.DRONE_GONE));
    }
    if (event instanceof BroodEvent.QueenReleased) {
      return Fact.of("brood.queenReleased");
    }
    if (event instanceof BroodEvent.Split split) {
      return Fact.of("brood.split").word("youngest", split.youngest()).word("queen", split.queen());
    }
    if (event instanceof BroodEvent.SwarmLeft) {
      return Fact.of("brood.swarmLeft");
    }
    if (event instanceof BroodEvent.BroodGiven given) {
      return Fact.of("brood.given").word("given", given.given());
    }
    if (event instanceof BroodEvent.BroodRemoved removed) {
      return Fact.of("brood.removed").word("left", removed.left());
    }
    if (event instanceof BroodEvent.LayingStopped) {
      return Fact.of("brood.layingStopped");
    }
    if (event instanceof BroodEvent.LayingStarted) {
      return Fact.of("brood.layingStarted");
    }
    return of((BroodEvent.Inspection) event);
  }

  private static Fact of(BroodEvent.Inspection look) {
    return (look.capped() == Capped.FRAMES
            ? Fact.of("brood.lookedFrames").figure("frames", look.cappedFrames())
            : Fact.of("brood.looked").word("capped", look.capped()))
        .word("open", look.open());
  }

  private List<Fact> whatWouldMakeOne() {
    List<Fact> says = new ArrayList<>();
    DaySpan caging = lastCaging();
    if (caging != null) {
      long shut = ChronoUnit.DAYS.between(caging.from(), caging.to());
      long workers = BroodTimeline.WORKER_GONE - BroodTimeline.WORKER_CAPPED + 1 - shut;
      long drones = BroodTimeline.DRONE_GONE - BroodTimeline.WORKER_CAPPED + 1 - shut;
      if (workers > 0) {
        says.add(
            Fact.of("brood.cagedTooShort")
                .count("shut", shut, "day")
                .count("workers", workers, "day")
                .count("drones", drones, "day"));
      }
    }
    says.add(Fact.of("brood.leastExpected").day("day", clock.leastCapped()));
    says.add(Fact.of("brood.whatWouldMakeDays"));
    return says;
  }

  private @Nullable DaySpan lastCaging() {
    LocalDate caged = null;
    DaySpan last = null;
    for (BroodEvent event : clock.events()) {
      if (event instanceof BroodEvent.QueenCaged) {
        caged = event.day();
      } else if (event instanceof BroodEvent.QueenReleased && caged != null) {
        last = new DaySpan(caged, event.day());
      }
    }
    return last;
  }
}
