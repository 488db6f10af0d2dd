package tavrel.server.hive;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.hive.BoxNotation;
import tavrel.core.life.DeadOutSign;
import tavrel.core.life.EndKind;
import tavrel.core.life.HiveLife;
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
 * @param names what each is called from then on, in the order of the hives, if several were renamed
 * @param stand stand that they share from then on without names of their own, if they were renamed
 *     so
 * @param queen what happened to its queen
 * @param queenYear in which she hatched, or null
 * @param queenMark how she is marked, or null
 * @param queenLine line of her bees, or null
 * @param intoId the hive that they were united into
 * @param endKind how they left the outfit
 * @param endSign what a dead-out showed, or null
 * @param says whatever else is worth a word, or null
 * @param boxes brood boxes that they stand in from then on, as a roster writes them; null for those
 *     of that day
 * @param supers honey supers on each from then on, null for those of that day; with intoId, how
 *     many go from one hive to that other
 * @param series what becomes of rounds to come of series that hives leave by a move; null to be
 *     asked
 */
public record NewAct(
    List<UUID> hiveIds,
    LocalDate day,
    LifeKind kind,
    @Nullable UUID apiaryId,
    @Nullable String name,
    @Nullable List<String> names,
    @Nullable String stand,
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
    // What a kind does not need must not do anything either.
    apiaryId = kind == LifeKind.MOVED ? apiaryId : null;
    intoId = kind == LifeKind.UNITED || kind == LifeKind.SET_UP ? intoId : null;
    stand =
        kind == LifeKind.RENAMED && stand != null ? InvalidValue.text("stand", stand, 40) : null;
    names = names == null ? null : List.copyOf(names);
    if (names != null && names.size() != hiveIds.size()) {
      throw new InvalidValue("names", "oneNameEach", "must be one for each hive");
    }
    if (kind == LifeKind.RENAMED && hiveIds.size() > 1 && names == null && stand == null) {
      throw new InvalidValue("hiveIds", "renamesOne", "must be one hive; two cannot share a name");
    }
    if (kind == LifeKind.SET_UP && intoId != null && (hiveIds.size() > 1 || supers == null)) {
      throw new InvalidValue(
          "supers", "supersOfOne", "must be some of one hive, where they go to another");
    }
  }

  /** Hives stand in another apiary from a day on; rounds to come go along. */
  public static NewAct move(List<UUID> hiveIds, LocalDate day, UUID apiaryId) {
    return of(hiveIds, day, LifeKind.MOVED, apiaryId, null, null);
  }

  /** Hives are no more. */
  static NewAct end(List<UUID> hiveIds, LocalDate day, EndKind how, @Nullable DeadOutSign sign) {
    return of(hiveIds, day, LifeKind.ENDED, null, how, sign);
  }

  private static NewAct of(
      List<UUID> hiveIds,
      LocalDate day,
      LifeKind kind,
      @Nullable UUID apiaryId,
      @Nullable EndKind how,
      @Nullable DeadOutSign sign) {
    return new NewAct(
        hiveIds,
        day,
        kind,
        apiaryId,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        how,
        sign,
        null,
        null,
        null,
        SeriesChoice.GO_ALONG);
  }

  /** Whether they stand in another yard after it. */
  boolean moves() {
    return kind == LifeKind.MOVED;
  }

  /** Whether they are no more after it. */
  boolean ends() {
    return kind == LifeKind.ENDED || kind == LifeKind.UNITED;
  }

  /** Whether supers of one hive go to another. */
  boolean givesSupers() {
    return kind == LifeKind.SET_UP && intoId != null;
  }

  /** Hives whose lives it is written in. */
  List<UUID> written() {
    return givesSupers() ? List.of(hiveIds.get(0), needed("intoId", intoId)) : hiveIds;
  }

  /**
   * What happened to a hive.
   *
   * @param life of the hive until then
   * @param nameless what those are called that share a stand from then on, by hive
   * @throws InvalidValue if what the kind needs is missing, or there are fewer supers than go
   */
  LifeEvent event(HiveLife life, Map<UUID, String> nameless) {
    UUID hiveId = life.hiveId();
    LifeEvent.SetUp stood = life.setUpOn(day);
    if (kind == LifeKind.RENAMED) {
      String own = names == null ? name : names.get(hiveIds.indexOf(hiveId));
      return new LifeEvent.Renamed(needed("name", nameless.getOrDefault(hiveId, own)));
    }
    if (kind != LifeKind.SET_UP) {
      return same();
    }
    if (!givesSupers()) {
      return new LifeEvent.SetUp(
          boxes == null ? stood.boxes() : BoxNotation.read(boxes),
          supers == null ? stood.supers() : supers,
          null);
    }
    int go = needed("supers", supers);
    UUID giver = hiveIds.get(0);
    if (giver.equals(intoId)) {
      throw new InvalidValue("intoId", "unitedWithItself", "is the same hive; choose another");
    }
    return giver.equals(hiveId) ? stood.givesSupers(go) : stood.takesSupers(go, giver);
  }

  private LifeEvent same() {
    return switch (kind) {
      case MOVED -> new LifeEvent.Moved(needed("apiaryId", apiaryId));
      case QUEEN ->
          new LifeEvent.QueenChanged(needed("queen", queen), queenYear, queenMark, queenLine);
      case UNITED -> new LifeEvent.UnitedInto(needed("intoId", intoId));
      case RENAMED, SET_UP -> throw new IllegalStateException("differs from hive to hive");
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
