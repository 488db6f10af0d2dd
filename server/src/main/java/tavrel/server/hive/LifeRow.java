package tavrel.server.hive;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.hive.BoxNotation;
import tavrel.core.life.DeadOutSign;
import tavrel.core.life.EndKind;
import tavrel.core.life.LifeEntry;
import tavrel.core.life.LifeEvent;
import tavrel.core.life.QueenChange;

/**
 * A row of the lives of hives; what a kind of event does not tell is null.
 *
 * @param struckAt when it was taken back, or null while it stands
 */
record LifeRow(
    UUID id,
    UUID actId,
    UUID hiveId,
    LocalDate day,
    LifeKind kind,
    @Nullable UUID apiaryId,
    @Nullable String name,
    @Nullable QueenChange queen,
    @Nullable Integer queenYear,
    @Nullable String queenMark,
    @Nullable String queenLine,
    @Nullable UUID intoId,
    @Nullable EndKind endKind,
    @Nullable DeadOutSign endSign,
    @Nullable String says,
    @Nullable String boxes,
    @Nullable Integer supers,
    @Nullable UUID supersFromId,
    String doneBy,
    Instant receivedAt,
    @Nullable String struckBy,
    @Nullable Instant struckAt,
    @Nullable String struckWhy) {

  /** What happened to one hive of an act; its key follows from both. */
  static LifeRow of(
      UUID actId, UUID hiveId, LocalDate day, LifeEvent event, String by, Instant at) {
    LifeEvent.QueenChanged queen = event instanceof LifeEvent.QueenChanged it ? it : null;
    LifeEvent.SetUp setUp = event instanceof LifeEvent.SetUp it ? it : null;
    LifeEvent.Ended end = event instanceof LifeEvent.Ended it ? it : null;
    return new LifeRow(
        UUID.nameUUIDFromBytes((actId + " " + hiveId).getBytes(StandardCharsets.UTF_8)),
        actId,
        hiveId,
        day,
        kindOf(event),
        event instanceof LifeEvent.Moved moved ? moved.apiaryId() : null,
        event instanceof LifeEvent.Renamed renamed ? renamed.name() : null,
        queen == null ? null : queen.change(),
        queen == null ? null : queen.year(),
        queen == null ? null : queen.mark(),
        queen == null ? null : queen.line(),
        event instanceof LifeEvent.UnitedInto united ? united.hiveId() : null,
        end == null ? null : end.how(),
        end == null ? null : end.sign(),
        end == null ? null : end.says(),
        setUp == null ? null : BoxNotation.write(setUp.boxes()),
        setUp == null ? null : setUp.supers(),
        setUp == null ? null : setUp.supersFromId(),
        by,
        at,
        null,
        null,
        null);
  }

  private static LifeKind kindOf(LifeEvent event) {
    if (event instanceof LifeEvent.Moved) {
      return LifeKind.MOVED;
    }
    if (event instanceof LifeEvent.Renamed) {
      return LifeKind.RENAMED;
    }
    if (event instanceof LifeEvent.QueenChanged) {
      return LifeKind.QUEEN;
    }
    if (event instanceof LifeEvent.SetUp) {
      return LifeKind.SET_UP;
    }
    return event instanceof LifeEvent.UnitedInto ? LifeKind.UNITED : LifeKind.ENDED;
  }

  boolean stands() {
    return struckAt == null;
  }

  /** Whether it had been written down at a moment, and not been taken back by then. */
  boolean stoodAt(Instant knownAt) {
    return !receivedAt.isAfter(knownAt) && (struckAt == null || struckAt.isAfter(knownAt));
  }

  LifeEvent event() {
    return switch (kind) {
      case MOVED -> new LifeEvent.Moved(Objects.requireNonNull(apiaryId));
      case RENAMED -> new LifeEvent.Renamed(Objects.requireNonNull(name));
      case QUEEN ->
          new LifeEvent.QueenChanged(
              Objects.requireNonNull(queen), queenYear, queenMark, queenLine);
      case UNITED -> new LifeEvent.UnitedInto(Objects.requireNonNull(intoId));
      case SET_UP ->
          new LifeEvent.SetUp(
              BoxNotation.read(Objects.requireNonNull(boxes)),
              Objects.requireNonNull(supers),
              supersFromId);
      case ENDED -> new LifeEvent.Ended(Objects.requireNonNull(endKind), endSign, says);
    };
  }

  LifeEntry entry() {
    return new LifeEntry(id, day, event(), doneBy, receivedAt);
  }
}
