package tavrel.core.run;

import java.time.Instant;
import java.util.Comparator;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * One entry of a run's log, made on the device that saw it happen and never changed.
 *
 * @param id made on the device; the same id is the same event, however often it arrives
 * @param hiveId the hive it happened to; null where it happened to the crew or a tool
 * @param kind what happened
 * @param at when, UTC
 * @param by who did it
 * @param load which load, from 1, for the events of a burn; otherwise null
 * @param reason why or what, where that must be said
 * @param undoes the event that was a mistake, for {@link EventKind#UNDONE}; otherwise null
 * @param tool number of the run's tool that did it, or null where none is named
 * @param clockOff how far the device's clock was ahead of the server's, s, where {@code at} was set
 *     right by it; otherwise null
 */
public record RunEvent(
    UUID id,
    @Nullable UUID hiveId,
    EventKind kind,
    Instant at,
    String by,
    @Nullable Integer load,
    @Nullable String reason,
    @Nullable UUID undoes,
    @Nullable Integer tool,
    @Nullable Integer clockOff) {

  /** Order of happening; the same however the events arrive. */
  public static final Comparator<RunEvent> BY_TIME =
      (one, other) -> {
        int order = one.at().compareTo(other.at());
        if (order == 0) {
          order = one.kind().compareTo(other.kind());
        }
        return order == 0 ? one.id().compareTo(other.id()) : order;
      };

  /** Longest reason or note, in characters. */
  public static final int LONGEST_REASON = 500;

  /**
   * @throws InvalidValue if a part is missing that this kind of event needs
   */
  public RunEvent {
    reason =
        reason == null || reason.isBlank()
            ? null
            : InvalidValue.text("reason", reason, LONGEST_REASON);
    if (hiveId == null && !kind.isOfCrew() && kind != EventKind.UNDONE) {
      throw new InvalidValue("hiveId", "missingSayWhichHive", "is missing; say which hive");
    }
    if (tool != null) {
      InvalidValue.inRange("tool", tool, 1, RunTool.MOST, "as number of a tool");
    }
    switch (kind) {
      case CHECKED -> ReadyPoint.named(reason);
      case LOADED, BURN_STARTED, BURN_ENDED, RELEASED -> {
        if (load == null) {
          throw new InvalidValue(
              "load", "missingSayWhichLoad", "is missing; say which load, from 1");
        }
        InvalidValue.inRange("load", load, 1, 99, "as load number");
      }
      case SKIPPED, ABORTED, NOTE, PAUSED, PUT_OFF, EXPOSURE, ACCIDENT -> {
        if (reason == null) {
          throw new InvalidValue(
              "reason", "missingSayWhyFew", "is missing; say why in a few words");
        }
      }
      case UNDONE -> {
        if (undoes == null) {
          throw new InvalidValue(
              "undoes", "missingNameEventWas", "is missing; name the event that was a mistake");
        }
      }
      default -> {}
    }
  }

  /** Something that happened to a hive, by hands or by the run's first tool. */
  public static RunEvent at(
      UUID id,
      UUID hiveId,
      EventKind kind,
      Instant at,
      String by,
      @Nullable Integer load,
      @Nullable String reason) {
    return new RunEvent(id, hiveId, kind, at, by, load, reason, null, null, null);
  }
}
