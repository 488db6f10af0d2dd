package tavrel.core.brood;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.NumberText;

/** The brood clock in the keeper's words. */
final class BroodReasons {

  private final BroodClock clock;

  BroodReasons(BroodClock clock) {
    this.clock = clock;
  }

  List<String> all() {
    List<String> says = new ArrayList<>();
    List<BroodEvent> events = clock.events();
    events.subList(Math.max(0, events.size() - 4), events.size()).stream()
        .map(BroodReasons::of)
        .forEach(says::add);
    if (events.isEmpty()) {
      says.add("Nothing on record: the queen is taken to lay, but for the winter of the calendar.");
    }
    FreeWindow window = clock.workers();
    DaySpan days = window.widest();
    if (days == null || days.from().isAfter(clock.today().plusDays(BroodClock.WEEKS_AHEAD))) {
      says.addAll(whatWouldMakeOne());
    } else if (window.sure() == null) {
      says.add("No day is sure, since laying may begin early: look inside before one round alone.");
    }
    return List.copyOf(says);
  }

  private static String of(BroodEvent event) {
    String on = " on " + NumberText.day(event.day());
    if (event instanceof BroodEvent.SwarmHived swarm) {
      return "Swarm hived" + on + " on " + swarm.comb().words() + ", without brood.";
    }
    if (event instanceof BroodEvent.PackageHived bees) {
      return "Package hived"
          + on
          + (bees.released() == null
              ? ", its queen still caged."
              : ", its queen out on " + NumberText.day(bees.released()) + ".");
    }
    if (event instanceof BroodEvent.OldQueenMoved) {
      return "Old queen moved here" + on + " onto comb without brood; she goes on laying.";
    }
    if (event instanceof BroodEvent.QueenCaged) {
      return "Queen caged"
          + on
          + ": the last worker brood is out on "
          + NumberText.day(event.day().plusDays(BroodTimeline.WORKER_GONE))
          + ", the last drones on "
          + NumberText.day(event.day().plusDays(BroodTimeline.DRONE_GONE))
          + ".";
    }
    if (event instanceof BroodEvent.QueenReleased) {
      return "Queen let out" + on + ": she may lay that day, capped 9 days later.";
    }
    if (event instanceof BroodEvent.Split split) {
      return "Split"
          + on
          + " with "
          + split.youngest().words()
          + " and "
          + split.queen().words()
          + ".";
    }
    if (event instanceof BroodEvent.SwarmLeft) {
      return "A swarm left" + on + ": the last of its brood emerges three weeks later.";
    }
    if (event instanceof BroodEvent.BroodGiven given) {
      return "A frame of " + given.given().words() + " given" + on + ".";
    }
    if (event instanceof BroodEvent.BroodRemoved removed) {
      return "Capped brood taken out" + on + ", " + removed.left().words() + ".";
    }
    if (event instanceof BroodEvent.LayingStopped) {
      return "Laying stopped" + on + ".";
    }
    if (event instanceof BroodEvent.LayingStarted) {
      return "First eggs again" + on + ".";
    }
    return of((BroodEvent.Inspection) event);
  }

  private static String of(BroodEvent.Inspection look) {
    String capped =
        look.capped() == Capped.FRAMES
            ? NumberText.plain(look.cappedFrames()) + " frames capped"
            : look.capped().words();
    return "Looked inside on "
        + NumberText.day(look.day())
        + ": "
        + capped
        + ", open brood "
        + look.open().words()
        + ".";
  }

  private List<String> whatWouldMakeOne() {
    List<String> says = new ArrayList<>();
    DaySpan caging = lastCaging();
    if (caging != null) {
      long shut = ChronoUnit.DAYS.between(caging.from(), caging.to());
      long workers = BroodTimeline.WORKER_GONE - BroodTimeline.WORKER_CAPPED + 1 - shut;
      long drones = BroodTimeline.DRONE_GONE - BroodTimeline.WORKER_CAPPED + 1 - shut;
      if (workers > 0) {
        says.add(
            "Caged "
                + shut
                + " days: "
                + workers
                + (workers == 1 ? " day" : " days")
                + " more would have freed it of capped workers for a day, "
                + drones
                + " of drones too.");
      }
    }
    says.add(
        "Not without capped brood in the next six weeks; the least is expected on "
            + NumberText.day(clock.leastCapped())
            + ".");
    says.add(
        "What would make such days: the queen caged at least 13 days (16 for drones too), capped"
            + " frames taken out, or a split left to raise a queen.");
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
