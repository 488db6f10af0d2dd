package tavrel.server.hive;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Hive;
import tavrel.core.hive.UsualSetUp;
import tavrel.core.life.DeadOutSign;
import tavrel.core.life.EndKind;
import tavrel.server.apiary.Apiaries;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;

/**
 * Hives of a yard looked for, one by one, against what is written of it: in one pass, all or
 * nothing.
 */
@Service
class Stocktakes {

  private final StocktakeMapper mapper;
  private final Hives hives;
  private final HiveLives lives;
  private final HiveEditor editor;
  private final Apiaries apiaries;
  private final Clock clock;

  Stocktakes(
      StocktakeMapper mapper,
      Hives hives,
      HiveLives lives,
      HiveEditor editor,
      Apiaries apiaries,
      Clock clock) {
    this.mapper = mapper;
    this.hives = hives;
    this.lives = lives;
    this.editor = editor;
    this.apiaries = apiaries;
    this.clock = clock;
  }

  /**
   * What somebody found. Each hive that stands there by the book is named once.
   *
   * @param day on which
   * @param found those that are there and live
   * @param dead those that are there and dead
   * @param gone those that are not there
   * @param unread those of which nobody can tell, as where a number cannot be read: they stay
   * @param added names of hives that are there and stand in no book
   */
  record NewStocktake(
      LocalDate day,
      List<UUID> found,
      List<UUID> dead,
      List<UUID> gone,
      List<UUID> unread,
      List<String> added) {}

  /**
   * A stocktake that was done.
   *
   * @param id key
   * @param day on which
   * @param written how many stood in the book before
   * @param found how many were there and lived
   * @param dead how many were there and dead
   * @param gone how many were not there
   * @param unread of how many nobody could tell
   * @param added how many were new
   * @param doneBy who did it
   * @param struckBy who took its ends back, or null
   */
  record Stocktake(
      UUID id,
      LocalDate day,
      int written,
      int found,
      int dead,
      int gone,
      int unread,
      int added,
      String doneBy,
      @Nullable String struckBy) {}

  /** Stocktakes of a yard, the latest first. */
  List<Stocktake> of(UUID apiaryId) {
    return mapper.of(apiaryId);
  }

  /**
   * Writes down what was found: dead and gone ones end, new ones begin. The same id again changes
   * nothing.
   *
   * @throws InvalidValue if a hive is named twice or not at all, or an end cannot be
   */
  @Transactional
  public void keep(UUID id, UUID apiaryId, NewStocktake taken, Account who) {
    apiaries.hold(apiaryId);
    if (mapper.byId(id).isPresent()) {
      return;
    }
    List<Hive> standing = hives.in(apiaryId);
    refuseUnlessWhole(taken, standing);
    mapper.add(
        new Stocktake(
            id,
            taken.day(),
            standing.size(),
            taken.found().size(),
            taken.dead().size(),
            taken.gone().size(),
            taken.unread().size(),
            taken.added().size(),
            who.name(),
            null),
        apiaryId,
        who.id(),
        clock.instant());
    end(dead(id), taken.dead(), taken.day(), EndKind.DIED, DeadOutSign.UNKNOWN, who);
    end(gone(id), taken.gone(), taken.day(), EndKind.GONE, null, who);
    UsualSetUp usual = UsualSetUp.of(standing);
    for (String name : taken.added()) {
      UUID hiveId = derived(id, "new " + name);
      editor.add(
          apiaryId,
          hiveId,
          new HiveEditor.NewHive(
              name,
              BoxNotation.write(usual.boxes()),
              usual.supers(),
              usual.floor(),
              null,
              null,
              null,
              null));
    }
  }

  /**
   * Takes back the ends that a stocktake wrote; hives that were new stay. The same again changes
   * nothing.
   *
   * @throws Problem 404
   */
  @Transactional
  public void takeBack(UUID id, Account who) {
    Stocktake taken = mapper.byId(id).orElseThrow(() -> Problem.missing(Missing.ENTRY));
    if (taken.struckBy() != null) {
      return;
    }
    if (taken.dead() > 0) {
      lives.takeBack(dead(id), null, who);
    }
    if (taken.gone() > 0) {
      lives.takeBack(gone(id), null, who);
    }
    mapper.strike(id, who.name(), clock.instant());
  }

  private void end(
      UUID actId,
      List<UUID> hiveIds,
      LocalDate day,
      EndKind how,
      @Nullable DeadOutSign sign,
      Account who) {
    if (!hiveIds.isEmpty()) {
      lives.act(actId, NewAct.end(hiveIds, day, how, sign), who);
    }
  }

  private static void refuseUnlessWhole(NewStocktake taken, List<Hive> standing) {
    List<UUID> named =
        Stream.of(taken.found(), taken.dead(), taken.gone(), taken.unread())
            .flatMap(Collection::stream)
            .toList();
    Set<UUID> once = new HashSet<>(named);
    Set<UUID> here = standing.stream().map(Hive::id).collect(Collectors.toSet());
    if (once.size() < named.size() || !here.containsAll(once)) {
      throw new InvalidValue(
          "found",
          "stocktakeOfOthers",
          "names a hive twice, or one that does not stand here any more; load the yard again and look at it");
    }
    Set<String> left = new TreeSet<>();
    standing.stream()
        .filter(hive -> !once.contains(hive.id()))
        .forEach(hive -> left.add(hive.name()));
    if (!left.isEmpty()) {
      throw new InvalidValue(
          "found",
          "stocktakeLeaves",
          "says nothing of {hives}; say whether they are there",
          String.join(", ", left));
    }
  }

  private static UUID dead(UUID id) {
    return derived(id, "dead");
  }

  private static UUID gone(UUID id) {
    return derived(id, "gone");
  }

  private static UUID derived(UUID id, String of) {
    return UUID.nameUUIDFromBytes((id + " " + of).getBytes(StandardCharsets.UTF_8));
  }
}
