package tavrel.server.hive;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.hive.HiveChange;
import tavrel.core.life.BeganAs;
import tavrel.core.life.Beginning;
import tavrel.core.life.LifeEvent;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Holds;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;

/** Changes of how hives stand in an apiary: painted, walked in another order, added. */
@Service
public class HiveEditor {

  private static final int MOST_PAINTED = 2_000;

  private final HiveMapper mapper;
  private final HiveStays stays;
  private final Apiaries apiaries;
  private final Holds holds;
  private final List<HiveHistory> histories;
  private final Clock clock;

  HiveEditor(
      HiveMapper mapper,
      HiveStays stays,
      Apiaries apiaries,
      Holds holds,
      List<HiveHistory> histories,
      Clock clock) {
    this.mapper = mapper;
    this.stays = stays;
    this.apiaries = apiaries;
    this.holds = holds;
    this.histories = histories;
    this.clock = clock;
  }

  /**
   * One change for some hives.
   *
   * @param hiveIds the hives
   * @param change what is painted over them; what it does not name stays
   */
  public record Painted(List<UUID> hiveIds, HiveChange change) {}

  /**
   * The order of the walk.
   *
   * @param rows hives of each row in walking order; rows follow each other
   */
  public record Walk(List<List<UUID>> rows) {}

  /**
   * A hive entered by hand.
   *
   * @param name what is painted on it
   * @param boxes brood boxes as a roster writes them
   * @param supers honey supers
   * @param floor what closes it below
   * @param since since when it stands, or null
   * @param line line of its bees, or null
   * @param beganAs how it came, or null if it stood there already
   * @param motherId the hive that it was split from, or null
   */
  public record NewHive(
      String name,
      String boxes,
      int supers,
      Floor floor,
      @Nullable LocalDate since,
      @Nullable String line,
      @Nullable BeganAs beganAs,
      @Nullable UUID motherId) {}

  /**
   * Paints hives; all changes or none. Fields that are not named keep what another device gave them
   * meanwhile. Other boxes and supers hold from today on.
   *
   * @return the apiary's hives afterwards
   * @throws Problem 404 for an unknown apiary or a hive that stands elsewhere
   * @throws InvalidValue naming the field that cannot be
   */
  @Transactional
  public List<Hive> paint(UUID apiaryId, List<Painted> painted, Account who) {
    apiaries.hold(apiaryId);
    LocalDate today = apiaries.today(apiaries.byId(apiaryId));
    Map<UUID, Hive> hives = byId(apiaryId);
    InvalidValue.inRange(
        "hiveIds",
        painted.stream().mapToInt(each -> each.hiveIds().size()).sum(),
        1,
        MOST_PAINTED,
        "hives at once");
    for (Painted each : painted) {
      for (UUID hiveId : each.hiveIds()) {
        Hive hive = hives.get(hiveId);
        if (hive == null) {
          throw Problem.missing(Missing.HIVE);
        }
        Hive changed = each.change().applyTo(hive);
        refuseLate(changed, hive, apiaryId);
        if (!changed.equals(hive)) {
          mapper.changeHive(changed);
          stays.setUp(hive, changed, today, who);
          if (!Objects.equals(changed.since(), hive.since())) {
            stays.draw(hiveId);
          }
          hives.put(hiveId, changed);
        }
      }
    }
    return mapper.hives(apiaryId);
  }

  /**
   * Puts the hives into rows and into the order of the walk.
   *
   * @throws InvalidValue if a hive is missing, or named twice
   */
  @Transactional
  public List<Hive> walk(UUID apiaryId, Walk walk) {
    apiaries.hold(apiaryId);
    Map<UUID, Hive> hives = byId(apiaryId);
    List<List<UUID>> rows = walk.rows().stream().filter(row -> !row.isEmpty()).toList();
    List<UUID> order = rows.stream().flatMap(List::stream).toList();
    Set<UUID> named = new HashSet<>(order);
    if (named.size() < order.size() || !named.equals(hives.keySet())) {
      throw new InvalidValue(
          "rows",
          "mustNameEveryHive",
          "must name every hive of the apiary once; load the apiary again and repeat it");
    }
    int place = 1;
    for (int row = 0; row < rows.size(); row++) {
      for (UUID hiveId : rows.get(row)) {
        Hive hive = Objects.requireNonNull(hives.get(hiveId));
        Hive moved = hive.at(row + 1, place++);
        if (!moved.equals(hive)) {
          mapper.changeHive(moved);
        }
      }
    }
    return mapper.hives(apiaryId);
  }

  /** Adds a hive at the end of the walk; the same id again changes nothing. */
  @Transactional
  public List<Hive> add(UUID apiaryId, UUID hiveId, NewHive wanted) {
    apiaries.hold(apiaryId);
    List<Hive> hives = new ArrayList<>(mapper.hives(apiaryId));
    if (hives.stream().noneMatch(hive -> hive.id().equals(hiveId))) {
      if (mapper.apiaryOf(hiveId).isPresent()) {
        throw Problem.conflict(Fact.of("refused.hiveIdTaken"));
      }
      if (hives.stream().anyMatch(hive -> hive.name().equalsIgnoreCase(wanted.name().strip()))) {
        throw new InvalidValue(
            "name", "takenByAnotherHive", "is taken by another hive of this apiary");
      }
      int place = hives.stream().mapToInt(Hive::place).max().orElse(0) + 1;
      int row = hives.stream().mapToInt(Hive::row).max().orElse(1);
      Hive hive =
          Hive.ofRoster(
                  hiveId,
                  wanted.name(),
                  place,
                  BoxNotation.read(wanted.boxes()),
                  wanted.supers(),
                  wanted.floor())
              .at(row, place)
              .since(wanted.since())
              .ofLine(wanted.line());
      refuseAhead(hive, apiaryId);
      BeganAs beganAs = wanted.beganAs() == null ? BeganAs.ALREADY_HERE : wanted.beganAs();
      new Beginning(
          beganAs,
          hive.since(),
          apiaryId,
          hive.name(),
          wanted.motherId(),
          new LifeEvent.SetUp(hive.boxes(), hive.supers(), null));
      refuseMother(wanted);
      refuseHeld(wanted, apiaryId);
      mapper.addHive(hive, apiaryId, beganAs, wanted.motherId(), clock.instant());
      stays.begin(hive, apiaryId);
      stays.tiesChange();
    }
    return mapper.hives(apiaryId);
  }

  /**
   * Refuses a day since which a hive is to stand, where something is known of it before.
   *
   * @throws InvalidValue at "since"
   */
  public void refuseLate(Hive changed, Hive before, UUID apiaryId) {
    LocalDate since = changed.since();
    if (since == null || since.equals(before.since())) {
      return;
    }
    refuseAhead(changed, apiaryId);
    histories.stream()
        .map(history -> history.firstDay(changed.id()))
        .flatMap(Optional::stream)
        .min(Comparator.naturalOrder())
        .filter(day -> day.isBefore(since))
        .ifPresent(
            day -> {
              throw new InvalidValue(
                  "since",
                  "tooLateWasCounted",
                  "{since} is too late: {changed} was counted or treated on {day}",
                  since,
                  changed.name(),
                  day);
            });
  }

  /** Bees and brood that come from another yard, or leave one that is held. */
  private void refuseHeld(NewHive wanted, UUID apiaryId) {
    LocalDate day = wanted.since();
    if (day == null || wanted.beganAs() == null || wanted.beganAs() == BeganAs.ALREADY_HERE) {
      return;
    }
    holds.refuse("beganAs", apiaryId, day);
    UUID motherId = wanted.motherId();
    if (motherId != null) {
      holds.refuse("motherId", stays.of(motherId).last().apiaryId(), day);
    }
  }

  private void refuseMother(NewHive wanted) {
    UUID motherId = wanted.motherId();
    LocalDate day = wanted.since();
    if (motherId != null && day != null && stays.of(motherId).on(day).isEmpty()) {
      throw new InvalidValue(
          "motherId",
          "motherNotThere",
          "{hive} did not live on {day}; choose another",
          stays.of(motherId).last().name(),
          day);
    }
  }

  private void refuseAhead(Hive hive, UUID apiaryId) {
    LocalDate since = hive.since();
    LocalDate today = apiaries.today(apiaries.byId(apiaryId));
    if (since != null && since.isAfter(today)) {
      throw new InvalidValue(
          "since", "hasNotComeYet2", "{since} has not come yet; today is {today}", since, today);
    }
  }

  private Map<UUID, Hive> byId(UUID apiaryId) {
    return mapper.hives(apiaryId).stream().collect(Collectors.toMap(Hive::id, Function.identity()));
  }
}
