package tavrel.server.count;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.count.Infestation;
import tavrel.core.count.Sign;
import tavrel.core.count.Wash;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.hive.HiveAt;
import tavrel.server.hive.Hives;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.register.TreatmentDays;
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

/** Counts and signs as they are kept, and what samples say of a hive. */
@Service
public class Counts {

  static final int DAYS_SHOWN = 400;
  private static final int DAYS_BACK = 1_100;

  private final CountMapper mapper;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final ApiaryYears apiaryYears;
  private final TreatmentDays treatmentDays;
  private final Clock clock;
  private final KeptWhileUnchanged<There, Map<UUID, Infestation>> kept;
  private final KeptWhileUnchanged<Since, List<CountMapper.KeptCount>> counted;

  Counts(
      CountMapper mapper,
      Apiaries apiaries,
      Hives allHives,
      ApiaryYears apiaryYears,
      TreatmentDays treatmentDays,
      Changes changes,
      Clock clock) {
    kept = new KeptWhileUnchanged<>(changes, this::read, "count", "register", "hive", "apiaryyear");
    counted =
        new KeptWhileUnchanged<>(
            changes, of -> mapper.counts(of.hiveIds(), of.since()), "count", "hive");
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.apiaryYears = apiaryYears;
    this.treatmentDays = treatmentDays;
    this.clock = clock;
  }

  /** Counts of some hives from a day on, by hive, the latest first. */
  public Map<UUID, List<NewCount>> byHive(Collection<UUID> hiveIds, LocalDate since) {
    return hiveIds.isEmpty()
        ? Map.of()
        : after(mapper.counts(hiveIds, since), treatmentDays.withAnything(hiveIds)).stream()
            .map(CountMapper.KeptCount::count)
            .collect(Collectors.groupingBy(NewCount::hiveId));
  }

  /** Counts as they are kept, but a board that lay after a treatment tells no natural drop. */
  List<CountMapper.KeptCount> kept(
      UUID apiaryId, LocalDate since, Map<UUID, List<LocalDate>> treated) {
    return after(counts(apiaryId, since), treated);
  }

  private static List<CountMapper.KeptCount> after(
      List<CountMapper.KeptCount> counts, Map<UUID, List<LocalDate>> treated) {
    return counts.stream()
        .map(each -> each.after(treated.getOrDefault(each.hiveId(), List.of())))
        .toList();
  }

  /** The latest pooled sample of each hive that has one. */
  public Map<UUID, Infestation> samples(Apiary apiary) {
    return kept.of(new There(apiary, apiaries.today(apiary)));
  }

  private record There(Apiary apiary, LocalDate today) {}

  private Map<UUID, Infestation> read(There there) {
    Apiary apiary = there.apiary();
    LocalDate since = there.today().minusDays(DAYS_SHOWN);
    return Collections.unmodifiableMap(
        samples(
            counts(apiary.id(), since),
            treatmentDays.withAnything(apiary.id()),
            apiaryYears.of(apiary).rollRecovery()));
  }

  private List<CountMapper.KeptCount> counts(UUID apiaryId, LocalDate since) {
    List<UUID> hiveIds = allHives.idsIn(apiaryId);
    return hiveIds.isEmpty() ? List.of() : counted.of(new Since(hiveIds, since));
  }

  private record Since(List<UUID> hiveIds, LocalDate since) {}

  /** Signs seen in an apiary since a day, the latest first. */
  List<CountMapper.SeenSign> signs(UUID apiaryId, LocalDate since) {
    List<UUID> hiveIds = allHives.idsIn(apiaryId);
    return hiveIds.isEmpty() ? List.of() : mapper.signs(hiveIds, since);
  }

  static Map<UUID, Infestation> samples(
      List<CountMapper.KeptCount> kept, Map<UUID, List<LocalDate>> treated, double recovery) {
    Map<UUID, List<Wash>> washes = new HashMap<>();
    for (CountMapper.KeptCount each : kept) {
      Wash wash = each.count().wash();
      if (wash != null) {
        washes.computeIfAbsent(each.hiveId(), key -> new ArrayList<>()).add(wash);
      }
    }
    Map<UUID, Infestation> samples = new HashMap<>();
    washes.forEach(
        (hive, own) ->
            samples.put(
                hive, Infestation.latest(own, treated.getOrDefault(hive, List.of()), recovery)));
    return samples;
  }

  /**
   * Keeps counts, all or none. One that is known already changes nothing, so that a second press or
   * a lost answer does no harm.
   *
   * @throws InvalidValue naming the count and its field
   */
  @Transactional
  public void keep(List<NewCount> counts, Account who) {
    if (counts.isEmpty()) {
      return;
    }
    Map<UUID, HiveAt> hives =
        allHives.at(counts.stream().map(NewCount::hiveId).collect(Collectors.toSet()));
    Set<UUID> known = new HashSet<>(mapper.known(counts.stream().map(NewCount::id).toList()));
    for (int i = 0; i < counts.size(); i++) {
      NewCount count = counts.get(i);
      HiveAt hive = Objects.requireNonNull(hives.get(count.hiveId()));
      checkDay(i + ".day", count.day(), hive.apiary());
      hive.refuseOutside(i + ".day", count.day());
      if (known.add(count.id())) {
        mapper.add(count, who.name(), who.id(), clock.instant());
        if (count.board() != null) {
          mapper.takeOut(count.hiveId(), clock.instant());
        }
      }
    }
  }

  /** Strikes a count out; it is kept, and counts no longer. */
  @Transactional
  public void strike(UUID id) {
    if (mapper.known(List.of(id)).isEmpty()) {
      throw Problem.missing(Missing.COUNT);
    }
    mapper.strike(id, clock.instant());
  }

  /** Marks a sign. */
  @Transactional
  public void mark(UUID id, UUID hiveId, Sign sign, Account who) {
    Apiary apiary = allHives.apiaryOf(hiveId);
    mapper.addSign(id, hiveId, apiaries.today(apiary), sign, who.name(), who.id(), clock.instant());
  }

  /** Strikes a sign out. */
  @Transactional
  public void strikeSign(UUID id) {
    mapper.strikeSign(id, clock.instant());
  }

  /** The latest day that something was counted, by apiary. */
  public Map<UUID, LocalDate> lastCounts() {
    Map<UUID, UUID> there = allHives.apiaryIds();
    return mapper.lastCounts().stream()
        .collect(
            Collectors.toMap(
                each -> Objects.requireNonNull(there.get(each.hiveId())),
                CountMapper.LastCount::day,
                BinaryOperator.maxBy(Comparator.naturalOrder())));
  }

  /** The latest day that something was counted, by hive. */
  public Map<UUID, LocalDate> lastCountOfHives() {
    return mapper.lastCounts().stream()
        .collect(Collectors.toMap(CountMapper.LastCount::hiveId, CountMapper.LastCount::day));
  }

  /** How many of some hives were washed after a day. */
  public int washedSince(Collection<UUID> hiveIds, LocalDate after) {
    return hiveIds.isEmpty() ? 0 : mapper.washedSince(hiveIds, after);
  }

  /** Every count with names, oldest first. */
  List<CountMapper.Named> named(@Nullable UUID apiaryId) {
    List<Hives.Named> inOrder =
        allHives.named().values().stream()
            .filter(hive -> apiaryId == null || hive.apiaryId().equals(apiaryId))
            .toList();
    Map<UUID, String> apiaryNames =
        apiaries.all().stream().collect(Collectors.toMap(Apiary::id, Apiary::name));
    Map<UUID, List<CountMapper.KeptCount>> byHive =
        mapper.all().stream().collect(Collectors.groupingBy(CountMapper.KeptCount::hiveId));
    return inOrder.stream()
        .flatMap(
            hive ->
                byHive.getOrDefault(hive.hiveId(), List.of()).stream()
                    .map(
                        count ->
                            count.named(
                                apiaryNames.getOrDefault(hive.apiaryId(), ""), hive.hive())))
        .sorted(
            Comparator.comparing(CountMapper.Named::day).thenComparing(CountMapper.Named::apiary))
        .toList();
  }

  /** Refuses a day that has not come, or is too long ago to mean anything. */
  void checkDay(String field, LocalDate day, Apiary apiary) {
    LocalDate today = apiaries.today(apiary);
    if (day.isAfter(today)) {
      throw new InvalidValue(
          field, "hasNotComeYet", "{day} has not come yet; today is {today}", day, today);
    }
    if (day.isBefore(today.minusDays(DAYS_BACK))) {
      throw new InvalidValue(
          field, "moreThanThreeYears", "{day} is more than three years ago", day);
    }
  }
}
