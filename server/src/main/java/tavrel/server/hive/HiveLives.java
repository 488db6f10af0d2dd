package tavrel.server.hive;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.hive.StandName;
import tavrel.core.life.Evidence;
import tavrel.core.life.HiveLife;
import tavrel.core.life.Stay;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiary.Holds;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;

/** Lives of hives: what happened to them, and what follows from it for where they stand. */
@Service
public class HiveLives {

  /** So many rows are written at once. */
  private static final int AT_ONCE = 100;

  private final LifeMapper mapper;
  private final HiveStays stays;
  private final Apiaries apiaries;
  private final Holds holds;
  private final List<HiveHistory> histories;
  private final List<HivesInHand> workers;
  private final List<HivesInSeries> series;
  private final Clock clock;

  HiveLives(
      LifeMapper mapper,
      HiveStays stays,
      Apiaries apiaries,
      Holds holds,
      List<HiveHistory> histories,
      List<HivesInHand> workers,
      List<HivesInSeries> series,
      Clock clock) {
    this.mapper = mapper;
    this.stays = stays;
    this.apiaries = apiaries;
    this.holds = holds;
    this.histories = histories;
    this.workers = workers;
    this.series = series;
    this.clock = clock;
  }

  /**
   * Writes down what happened to hives: all of them or none. The same act again changes nothing.
   *
   * @throws InvalidValue naming the field that cannot be, and the hive where there are several
   * @throws Problem 404 for an unknown hive or apiary, 409 for hives in the middle of a run
   */
  @Transactional
  public void act(UUID actId, NewAct act, Account who) {
    if (!mapper.ofAct(actId).isEmpty()) {
      return;
    }
    Map<UUID, HiveLife> lives = stays.of(act.written());
    hold(lives.values(), act.apiaryId());
    if (act.apiaryId() != null) {
      refuseClosed(act.apiaryId());
    }
    refuseHeld(act, lives);
    refuseInHand(act, lives);
    refuseSeriesUnasked(act);
    if (act.intoId() != null) {
      refuseReceiver(act, act.intoId());
    }
    Map<UUID, List<Evidence>> seen = seen(act.written(), act.day());
    Map<UUID, String> nameless = nameless(act, lives);
    Instant now = clock.instant();
    List<LifeRow> rows =
        act.written().stream()
            .map(
                hive ->
                    LifeRow.of(
                        actId,
                        hive,
                        act.day(),
                        act.event(Objects.requireNonNull(lives.get(hive)), nameless),
                        who.name(),
                        now))
            .toList();
    List<HiveLife> after = new ArrayList<>();
    for (LifeRow row : rows) {
      HiveLife life = Objects.requireNonNull(lives.get(row.hiveId()));
      after.add(life.with(row.entry(), today(life), seen.getOrDefault(row.hiveId(), List.of())));
    }
    if (act.moves() || act.kind() == LifeKind.RENAMED) {
      refuseTaken(act, clashes(after, act.day()));
    }
    HiveStays.parts(rows, AT_ONCE).forEach(some -> mapper.add(some, who.id()));
    stays.tiesChange();
    stays.draw(lives, after);
    if (act.stand() != null) {
      act.hiveIds().forEach(hive -> mapper.share(hive, act.stand()));
    }
    if (act.moves()) {
      Map<UUID, Integer> places = new HashMap<>();
      List<LifeMapper.Walked> walked = new ArrayList<>();
      for (HiveLife life : after) {
        UUID yard = life.last().apiaryId();
        int last = places.computeIfAbsent(yard, each -> mapper.lastPlace(each, act.hiveIds()));
        places.put(yard, last + 1);
        walked.add(new LifeMapper.Walked(life.hiveId(), last + 1));
      }
      HiveStays.parts(walked, AT_ONCE).forEach(mapper::walkAt);
      mapper.leaveStands(act.hiveIds());
    }
    if (act.ends() || act.moves()) {
      workers.forEach(each -> each.leave(actId, act.hiveIds(), act.moves(), who));
    }
    UUID movedTo = act.apiaryId();
    if (movedTo != null && act.series() == NewAct.SeriesChoice.GO_ALONG) {
      series.forEach(each -> each.goAlong(actId, act.hiveIds(), movedTo, who));
    }
  }

  /**
   * Takes an act back, whole: what it said stays on record, struck out, and hives stand as if it
   * had not been. The same again changes nothing.
   *
   * @throws Problem 404 for an unknown act
   * @throws InvalidValue if what was done since shows that it was true, or a name was given away
   */
  @Transactional
  public void takeBack(UUID actId, @Nullable String why, Account who) {
    List<LifeRow> rows = mapper.ofAct(actId);
    if (rows.isEmpty()) {
      throw Problem.missing(Missing.ENTRY);
    }
    if (rows.stream().noneMatch(LifeRow::stands)) {
      return;
    }
    List<UUID> hiveIds = rows.stream().map(LifeRow::hiveId).toList();
    LocalDate day = rows.get(0).day();
    Map<UUID, HiveLife> before = stays.of(hiveIds);
    hold(before.values(), rows.get(0).apiaryId());
    mapper.strike(
        actId,
        who.name(),
        clock.instant(),
        why == null || why.isBlank() ? null : InvalidValue.text("why", why, 200));
    Map<UUID, HiveLife> lives = stays.of(hiveIds);
    Map<UUID, List<Evidence>> seen = seen(hiveIds, day);
    for (UUID hiveId : hiveIds) {
      HiveLife life = Objects.requireNonNull(lives.get(hiveId));
      life.refuseAgainst(seen.getOrDefault(hiveId, List.of()));
    }
    Set<String> taken = clashes(lives.values(), day);
    if (!taken.isEmpty()) {
      throw new InvalidValue(
          "name",
          "nameGivenAway",
          "{names}: the name was given to another hive since; rename that one first",
          String.join(", ", taken));
    }
    stays.draw(before, lives.values());
    stays.tiesChange();
    series.forEach(each -> each.comeBack(actId));
    workers.forEach(each -> each.comeBack(actId, hiveIds, who));
  }

  private void hold(Collection<HiveLife> lives, @Nullable UUID movedTo) {
    Set<UUID> yards = new TreeSet<>();
    lives.forEach(life -> yards.add(life.last().apiaryId()));
    if (movedTo != null) {
      yards.add(movedTo);
    }
    yards.forEach(apiaries::hold);
  }

  private LocalDate today(HiveLife life) {
    return apiaries.today(apiaries.byId(life.last().apiaryId()));
  }

  private Map<UUID, List<Evidence>> seen(Collection<UUID> hiveIds, LocalDate day) {
    return histories.stream()
        .flatMap(history -> history.since(hiveIds, day).stream())
        .collect(
            Collectors.groupingBy(
                HiveHistory.Seen::hiveId,
                Collectors.mapping(HiveHistory.Seen::evidence, Collectors.toList())));
  }

  private void refuseClosed(UUID apiaryId) {
    Apiary there = apiaries.byId(apiaryId);
    if (!there.isOpen()) {
      throw new InvalidValue(
          "apiaryId", "apiaryIsClosed", "{apiary} is closed; open it again first", there.name());
    }
  }

  private void refuseHeld(NewAct act, Map<UUID, HiveLife> lives) {
    if (act.moves() || act.intoId() != null) {
      Set<UUID> yards = new TreeSet<>();
      lives.values().forEach(life -> yards.add(life.last().apiaryId()));
      yards.forEach(yard -> holds.refuse("hiveIds", yard, act.day()));
    }
    UUID movedTo = act.apiaryId();
    if (movedTo != null) {
      holds.refuse("apiaryId", movedTo, act.day());
    }
  }

  /** What hives are called that share a stand from then on without names of their own. */
  private Map<UUID, String> nameless(NewAct act, Map<UUID, HiveLife> lives) {
    String stand = act.stand();
    if (act.kind() != LifeKind.RENAMED || stand == null) {
      return Map.of();
    }
    Map<UUID, String> names = new HashMap<>();
    UUID apiaryId = Objects.requireNonNull(lives.get(act.hiveIds().get(0))).last().apiaryId();
    int number = 1;
    for (UUID hiveId : act.hiveIds()) {
      String name = StandName.of(stand, number++);
      while (mapper.calledFrom(apiaryId, name, act.day()).stream()
          .anyMatch(other -> !act.hiveIds().contains(other))) {
        name = StandName.of(stand, number++);
      }
      names.put(hiveId, name);
    }
    return names;
  }

  private void refuseInHand(NewAct act, Map<UUID, HiveLife> lives) {
    if (!act.ends() && !act.moves()) {
      return;
    }
    List<String> names =
        workers.stream()
            .flatMap(each -> each.inHand(act.hiveIds()).stream())
            .map(hiveId -> Objects.requireNonNull(lives.get(hiveId)).last().name())
            .sorted()
            .toList();
    if (!names.isEmpty()) {
      throw Problem.conflict(Fact.of("refused.hivesInRun").text("hives", String.join(", ", names)));
    }
  }

  private void refuseSeriesUnasked(NewAct act) {
    if (act.moves() && act.series() == null) {
      List<String> names =
          series.stream()
              .flatMap(each -> each.withRoundsToCome(act.hiveIds()).stream())
              .distinct()
              .toList();
      if (!names.isEmpty()) {
        throw new InvalidValue(
            "series",
            "seriesGoOrEnd",
            "{series} has rounds to come for hives that move; say whether they go along or end",
            String.join(", ", names));
      }
    }
  }

  private void refuseReceiver(NewAct act, UUID intoId) {
    HiveLife into = stays.of(intoId);
    if (act.hiveIds().contains(intoId)) {
      throw new InvalidValue("intoId", "unitedWithItself", "is the same hive; choose another");
    }
    if (into.end() != null || into.on(act.day()).isEmpty()) {
      throw new InvalidValue(
          "intoId",
          "receiverNotThere",
          "{hive} did not live on {day}; choose another",
          into.last().name(),
          act.day());
    }
  }

  /** Names that would stand twice in one yard, among these hives or beside others. */
  private Set<String> clashes(Collection<HiveLife> after, LocalDate day) {
    Set<UUID> own = after.stream().map(HiveLife::hiveId).collect(Collectors.toSet());
    Set<String> met = new HashSet<>();
    Set<String> taken = new TreeSet<>();
    Map<UUID, Set<String>> others = new HashMap<>();
    for (HiveLife life : after) {
      Stay stay = life.last();
      if (life.end() == null) {
        String key = stay.name().toLowerCase(Locale.ROOT);
        boolean beside =
            others
                .computeIfAbsent(stay.apiaryId(), yard -> namesOfOthers(yard, own, day))
                .contains(key);
        boolean among = !met.add(stay.apiaryId() + " " + key);
        if (beside || among) {
          taken.add(stay.name());
        }
      }
    }
    return taken;
  }

  private Set<String> namesOfOthers(UUID yard, Set<UUID> own, LocalDate day) {
    return mapper.allCalledFrom(yard, day).stream()
        .filter(each -> !own.contains(each.hiveId()))
        .map(LifeMapper.Called::key)
        .collect(Collectors.toSet());
  }

  private static void refuseTaken(NewAct act, Set<String> taken) {
    if (!taken.isEmpty()) {
      throw new InvalidValue(
          act.kind() == LifeKind.RENAMED ? "name" : "hiveIds",
          "namesStandThere",
          "{names}: another hive of this name stands there; rename one of them first",
          String.join(", ", taken));
    }
  }
}
