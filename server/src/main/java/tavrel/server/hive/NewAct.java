package tavrel.server.hive;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.life.DeadOutSign;
import tavrel.core.life.EndKind;
import tavrel.core.life.LifeEvent;
import tavrel.core.life.QueenChange;

/**
 * Something that is said to have happened to one hive or many; one act, with one way back.
 *
 * @param hiveIds the hives
 * @param day on which it happened
 * @param kind what happened; the fields below that it does not need are left empty
 * @param apiaryId where they stand from then on, if they moved
 * @param name what it is called from then on, if one was renamed
 * @param queen what happened to its queen
 * @param queenYear in which she hatched, or null
 * @param queenMark how she is marked, or null
 * @param queenLine line of her bees, or null
 * @param intoId the hive that they were united into
 * @param endKind how they left the outfit
 * @param endSign what a dead-out showed, or null
 * @param says whatever else is worth a word, or null
 * @param series what becomes of rounds to come of series that hives leave by a move; null to be
 *     asked
 */
public record NewAct(
    List<UUID> hiveIds,
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
    @Nullable SeriesChoice series) {

  /** Most hives of one act. */
  static final int MOST_HIVES = 2_000;

  /** What becomes of rounds to come, where hives of a series move. */
  public enum SeriesChoice {
    /** They are done where the hives go. */
    GO_ALONG,
    /** They end for these hives. */
    END
  }

  /**
   * @throws InvalidValue if it names no hives, one twice, or too many
   */
  public NewAct {
    hiveIds = List.copyOf(hiveIds);
    InvalidValue.inRange("hiveIds", hiveIds.size(), 1, MOST_HIVES, "hives at once");
    if (hiveIds.stream().distinct().count() < hiveIds.size()) {
      throw new InvalidValue("hiveIds", "hiveNamedTwice", "names a hive twice");
    }
    if (kind == LifeKind.RENAMED && hiveIds.size() > 1) {
      throw new InvalidValue("hiveIds", "renamesOne", "must be one hive; two cannot share a name");
    }
  }

  /** Hives stand in another apiary from a day on; rounds to come go along. */
  public static NewAct move(List<UUID> hiveIds, LocalDate day, UUID apiaryId) {
    return new NewAct(
        hiveIds,
        day,
        LifeKind.MOVED,
        apiaryId,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        SeriesChoice.GO_ALONG);
  }

  /**
   * What happened to each.
   *
   * @throws InvalidValue if what the kind needs is missing
   */
  LifeEvent event() {
    return switch (kind) {
      case MOVED -> new LifeEvent.Moved(needed("apiaryId", apiaryId));
      case RENAMED -> new LifeEvent.Renamed(needed("name", name));
      case QUEEN ->
          new LifeEvent.QueenChanged(needed("queen", queen), queenYear, queenMark, queenLine);
      case UNITED -> new LifeEvent.UnitedInto(needed("intoId", intoId));
      case ENDED -> new LifeEvent.Ended(needed("endKind", endKind), endSign, says);
    };
  }

  private static <T> T needed(String field, @Nullable T value) {
    if (value == null) {
      throw new InvalidValue(field, "missingSayWhich", "is missing; say which");
    }
    return value;
  }
}
