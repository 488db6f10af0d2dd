package tavrel.core.run;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the log says of the crew: pauses, what was put off, and what happened to people.
 *
 * @param paused the pause that lasts, or null
 * @param putOff the latest "the rest another day", or null
 * @param happened exposures and accidents, in order
 * @param pauses all pauses, in order
 */
public record CrewLog(
    @Nullable Halt paused, @Nullable Halt putOff, List<Happened> happened, List<Pause> pauses) {

  /**
   * A halt.
   *
   * @param at since when
   * @param by who said so
   * @param why in words
   */
  public record Halt(Instant at, String by, String why) {}

  /**
   * A pause.
   *
   * @param from its beginning
   * @param to its end, or null while it lasts
   * @param why in words
   */
  public record Pause(Instant from, @Nullable Instant to, String why) {

    boolean holds(Instant at) {
      return !at.isBefore(from) && (to == null || at.isBefore(to));
    }
  }

  /**
   * Something that happened to a person.
   *
   * @param kind exposure or accident
   * @param at when
   * @param by who wrote it down
   * @param says who, what, and what was done
   */
  public record Happened(EventKind kind, Instant at, String by, String says) {}

  /** Whether a people check confirmed at a moment still holds: not once the rest was put off. */
  public boolean stillHolds(Instant confirmedAt) {
    return putOff == null || !putOff.at().isAfter(confirmedAt);
  }

  /**
   * Whether people had been checked for what was done at a moment: an event of the day before the
   * rest was put off was done under that day's check.
   *
   * @param confirmedAt when the latest check was confirmed, or null where there was none
   */
  boolean checked(@Nullable Instant confirmedAt, Instant at) {
    return confirmedAt != null
        && (stillHolds(confirmedAt) || (putOff != null && at.isBefore(putOff.at())));
  }

  /** Folds the events that concern the crew, in any order, with repeats; others are left out. */
  public static CrewLog of(Collection<RunEvent> events) {
    Set<UUID> undone = HiveState.undone(events);
    List<RunEvent> standing =
        events.stream()
            .filter(event -> event.kind().isOfCrew() && !undone.contains(event.id()))
            .distinct()
            .sorted(RunEvent.BY_TIME)
            .toList();
    Halt paused = null;
    Halt putOff = null;
    List<Happened> happened = new ArrayList<>();
    List<Pause> pauses = new ArrayList<>();
    for (RunEvent event : standing) {
      String says = event.reason() == null ? "" : event.reason();
      switch (event.kind()) {
        case PAUSED -> paused = paused == null ? new Halt(event.at(), event.by(), says) : paused;
        case PUT_OFF, WENT_ON -> {
          if (paused != null) {
            pauses.add(new Pause(paused.at(), event.at(), paused.why()));
          }
          paused = null;
          putOff =
              event.kind() == EventKind.PUT_OFF ? new Halt(event.at(), event.by(), says) : putOff;
        }
        case EXPOSURE, ACCIDENT ->
            happened.add(new Happened(event.kind(), event.at(), event.by(), says));
        default -> {}
      }
    }
    if (paused != null) {
      pauses.add(new Pause(paused.at(), null, paused.why()));
    }
    return new CrewLog(paused, putOff, List.copyOf(happened), List.copyOf(pauses));
  }
}
