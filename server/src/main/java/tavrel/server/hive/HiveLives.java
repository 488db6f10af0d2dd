package tavrel.server.hive;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
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
import tavrel.core.life.Evidence;
import tavrel.core.life.HiveLife;
import tavrel.core.life.LifeEvent;
import tavrel.core.life.Stay;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;

/** Lives of hives: what happened to them, and what follows from it for where they stand. */
@Service
public class HiveLives {

  private final LifeMapper mapper;
  private final HiveStays stays;
  private final Apiaries apiaries;
  private final List<HiveHistory> histories;
  private final List<HivesInHand> workers;
  private final List<HivesInSeries> series;
  private final Clock clock;

  HiveLives(
      LifeMapper mapper,
      HiveStays stays,
      Apiaries apiaries,
      List<HiveHistory> histories,
      List<HivesInHand> workers,
      List<HivesInSeries> series,
      Clock clock) {
    this.mapper = mapper;
    this.stays = stays;
    this.apiaries = apiaries;
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
    LifeEvent event = act.event();
    Map<UUID, HiveLife> lives = stays.of(act.hiveIds());
    hold(lives.values(), event);
    refuseClosed(event);
    refuseInHand(act, event, lives);
    refuseSeriesUnasked(act, event);
    if (event instanceof LifeEvent.UnitedInto united) {
      refuseReceiver(act, united);
    }
    Map<UUID, List<Evidence>> seen = seen(act.hiveIds(), act.day());
    Instant now = clock.instant();
    List<LifeRow> rows =
        act.hiveIds().stream()
            .map(hive -> LifeRow.of(actId, hive, act.day(), event, who.name(), now))
            .toList();
    List<HiveLife> after = new ArrayList<>();
    for (LifeRow row : rows) {
      HiveLife life = Objects.requireNonNull(lives.get(row.hiveId()));
      after.add(life.with(row.entry(), today(life), seen.getOrDefault(row.hiveId(), List.of())));
    }
    if (event instanceof LifeEvent.Moved || event instanceof LifeEvent.Renamed) {
      refuseTaken(act, clashes(after, act.day()));
    }
    rows.forEach(row -> mapper.add(row, who.id()));
    stays.tiesChange();
    after.forEach(stays::draw);
    if (event instanceof LifeEvent.Moved) {
      after.forEach(life -> mapper.walkLast(life.hiveId(), life.last().apiaryId()));
    }
    if (event.ends() || event instanceof LifeEvent.Moved) {
      workers.forEach(each -> each.leave(actId, act.hiveIds(), !event.ends(), who));
    }
    if (event instanceof LifeEvent.Moved moved && act.series() == NewAct.SeriesChoice.GO_ALONG) {
      series.forEach(each -> each.goAlong(actId, act.hiveIds(), moved.apiaryId(), who));
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
    hold(stays.of(hiveIds).values(), rows.get(0).event());
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
    lives.values().forEach(stays::draw);
    stays.tiesChange();
    series.forEach(each -> each.comeBack(actId));
    workers.forEach(each -> each.comeBack(actId, hiveIds, who));
  }

  private void hold(Collection<HiveLife> lives, LifeEvent event) {
    Set<UUID> yards = new TreeSet<>();
    lives.forEach(life -> yards.add(life.last().apiaryId()));
    if (event instanceof LifeEvent.Moved moved) {
      yards.add(moved.apiaryId());
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

  private void refuseClosed(LifeEvent event) {
    if (event instanceof LifeEvent.Moved moved) {
      Apiary there = apiaries.byId(moved.apiaryId());
      if (!there.isOpen()) {
        throw new InvalidValue(
            "apiaryId", "apiaryIsClosed", "{apiary} is closed; open it again first", there.name());
      }
    }
  }

  private void refuseInHand(NewAct act, LifeEvent event, Map<UUID, HiveLife> lives) {
    if (!event.ends() && !(event instanceof LifeEvent.Moved)) {
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

  private void refuseSeriesUnasked(NewAct act, LifeEvent event) {
    if (event instanceof LifeEvent.Moved && act.series() == null) {
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

  private void refuseReceiver(NewAct act, LifeEvent.UnitedInto united) {
    HiveLife into = stays.of(united.hiveId());
    if (act.hiveIds().contains(united.hiveId())) {
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
    for (HiveLife life : after) {
      Stay stay = life.last();
      if (life.end() == null) {
        boolean beside =
            mapper.calledFrom(stay.apiaryId(), stay.name(), day).stream()
                .anyMatch(other -> !own.contains(other));
        boolean among = !met.add(stay.apiaryId() + " " + stay.name().toLowerCase(Locale.ROOT));
        if (beside || among) {
          taken.add(stay.name());
        }
      }
    }
    return taken;
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
