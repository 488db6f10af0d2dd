package tavrel.server.count;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.count.BoardDoubt;
import tavrel.core.count.BoardTimes;
import tavrel.core.count.Choice;
import tavrel.core.count.Infestation;
import tavrel.core.count.LeftOut;
import tavrel.core.count.SampleReading;
import tavrel.core.count.Sign;
import tavrel.core.count.Wash;
import tavrel.core.hive.Hive;
import tavrel.core.season.SeasonLimits;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.round.Rounds;
import tavrel.server.season.ApiarySeason;
import tavrel.server.season.Seasons;

/** Counts of an apiary, what they say, and what is decided from them. */
@Service
public class Counts {

  private static final int DAYS_SHOWN = 400;
  private static final int DAYS_BACK = 1_100;

  /**
   * A hive's drop board.
   *
   * @param perDay mites a day
   * @param day when it was read
   * @param natural whether no treatment fell into its time
   * @param usualTime whether it lay for the usual 12 to 72 hours
   */
  record Drop(double perDay, LocalDate day, boolean natural, boolean usualTime) {}

  /**
   * One hive's line.
   *
   * @param hive the hive
   * @param reading its latest samples, or null
   * @param naturalDrop its latest natural drop, or null
   * @param lastDrop its latest board, or null
   * @param signs signs seen in the last 30 days
   * @param decision what was decided, or null
   * @param boardLaidAt since when a board lies there, or null
   * @param doubt what to ask about its latest board, or null
   * @param lastTreated the latest day that it was treated on, or null
   */
  record CountLine(
      Hive hive,
      @Nullable SampleReading reading,
      @Nullable Drop naturalDrop,
      @Nullable Drop lastDrop,
      List<CountMapper.SeenSign> signs,
      CountMapper.@Nullable Decision decision,
      @Nullable Instant boardLaidAt,
      @Nullable String doubt,
      @Nullable LocalDate lastTreated) {}

  /**
   * All counts of an apiary.
   *
   * @param apiary the apiary
   * @param today its date
   * @param limit the limit of the season
   * @param lines its hives in walking order
   * @param whole all of today's samples as one, or null
   * @param recent the latest counts
   */
  record CountBoard(
      Apiary apiary,
      LocalDate today,
      SeasonLimits.SeasonLimit limit,
      List<CountLine> lines,
      @Nullable SampleReading whole,
      List<CountMapper.KeptCount> recent) {}

  /**
   * A decision to keep.
   *
   * @param id made on the device
   * @param choice what
   * @param reason why; needed to leave a hive untreated
   */
  record NewDecision(UUID id, Choice choice, @Nullable String reason) {

    NewDecision {
      reason = reason == null || reason.isBlank() ? null : InvalidValue.text("reason", reason, 500);
      if (choice == Choice.LEAVE && reason == null) {
        throw new InvalidValue("reason", "is missing; say why this hive is left untreated");
      }
    }
  }

  /**
   * What was decided, with what to think of.
   *
   * @param says a word on the neighbours, or null
   */
  record Decided(Choice choice, @Nullable String says) {}

  private final CountMapper mapper;
  private final Apiaries apiaries;
  private final Seasons seasons;
  private final Rounds rounds;
  private final Clock clock;

  Counts(CountMapper mapper, Apiaries apiaries, Seasons seasons, Rounds rounds, Clock clock) {
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.seasons = seasons;
    this.rounds = rounds;
    this.clock = clock;
  }

  /** The whole of an apiary's counts. */
  CountBoard board(UUID apiaryId) {
    Apiary apiary = apiaries.byId(apiaryId);
    LocalDate today = apiaries.today(apiary);
    ApiarySeason season = seasons.of(apiary);
    SeasonLimits.SeasonLimit limit = season.limits().on(today);
    Map<UUID, List<LocalDate>> treated = rounds.treatedDays(apiaryId);
    List<CountMapper.KeptCount> kept = kept(apiaryId, today.minusDays(DAYS_SHOWN), treated);
    Map<UUID, List<CountMapper.KeptCount>> byHive =
        kept.stream().collect(Collectors.groupingBy(CountMapper.KeptCount::hiveId));
    Map<UUID, Infestation> samples = samples(apiary, kept);
    Map<UUID, List<CountMapper.SeenSign>> signs =
        mapper.signs(apiaryId, today.minusDays(30)).stream()
            .collect(Collectors.groupingBy(CountMapper.SeenSign::hiveId));
    Map<UUID, CountMapper.Decision> decisions = decisions(apiaryId);
    Map<UUID, Instant> laid = new HashMap<>();
    mapper.laid(apiaryId).forEach(board -> laid.putIfAbsent(board.hiveId(), board.laidAt()));
    List<CountLine> lines = new ArrayList<>();
    for (Hive hive : apiaries.hives(apiaryId)) {
      Infestation found = samples.get(hive.id());
      List<CountMapper.KeptCount> own = byHive.getOrDefault(hive.id(), List.of());
      List<LocalDate> rounded = treated.getOrDefault(hive.id(), List.of());
      lines.add(
          new CountLine(
              hive,
              found == null ? null : SampleReading.of(found, limit.share()),
              drop(own, true),
              drop(own, false),
              signs.getOrDefault(hive.id(), List.of()),
              decisions.get(hive.id()),
              laid.get(hive.id()),
              doubt(own, rounded, season.rollRecovery()),
              rounded.stream().max(LocalDate::compareTo).orElse(null)));
    }
    return new CountBoard(
        apiary,
        today,
        limit,
        lines,
        whole(samples, today, limit),
        kept.stream().limit(60).toList());
  }

  /** Counts of an apiary from a day on, by hive, the latest first. */
  public Map<UUID, List<NewCount>> byHive(UUID apiaryId, LocalDate since) {
    return kept(apiaryId, since, rounds.treatedDays(apiaryId)).stream()
        .map(CountMapper.KeptCount::count)
        .collect(Collectors.groupingBy(NewCount::hiveId));
  }

  /** Counts as they are kept, but a board that lay after a round tells no natural drop. */
  private List<CountMapper.KeptCount> kept(
      UUID apiaryId, LocalDate since, Map<UUID, List<LocalDate>> treated) {
    return mapper.counts(apiaryId, since).stream()
        .map(each -> each.after(treated.getOrDefault(each.hiveId(), List.of())))
        .toList();
  }

  /** The latest pooled sample of each hive that has one. */
  public Map<UUID, Infestation> samples(Apiary apiary) {
    LocalDate since = apiaries.today(apiary).minusDays(DAYS_SHOWN);
    return samples(apiary, mapper.counts(apiary.id(), since));
  }

  private Map<UUID, Infestation> samples(Apiary apiary, List<CountMapper.KeptCount> kept) {
    double recovery = seasons.of(apiary).rollRecovery();
    Map<UUID, List<LocalDate>> treated = rounds.treatedDays(apiary.id());
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

  /** The latest decision of each hive that has one. */
  public Map<UUID, Choice> choices(UUID apiaryId) {
    return decisions(apiaryId).values().stream()
        .collect(Collectors.toMap(CountMapper.Decision::hiveId, CountMapper.Decision::choice));
  }

  private Map<UUID, CountMapper.Decision> decisions(UUID apiaryId) {
    return mapper.decisions(apiaryId).stream()
        .collect(
            Collectors.toMap(
                CountMapper.Decision::hiveId, Function.identity(), (first, second) -> second));
  }

  private static @Nullable SampleReading whole(
      Map<UUID, Infestation> samples, LocalDate today, SeasonLimits.SeasonLimit limit) {
    List<Infestation> recent =
        samples.values().stream()
            .filter(each -> !each.last().isBefore(today.minusDays(Infestation.POOLED_DAYS)))
            .toList();
    if (recent.isEmpty()) {
      return null;
    }
    int mites = recent.stream().mapToInt(Infestation::mites).sum();
    int bees = recent.stream().mapToInt(Infestation::bees).sum();
    double recovery = recent.stream().mapToDouble(Infestation::recovery).average().orElse(1);
    int counts = recent.stream().mapToInt(Infestation::counts).sum();
    return SampleReading.of(new Infestation(mites, bees, recovery, counts, today), limit.share());
  }

  private static @Nullable String doubt(
      List<CountMapper.KeptCount> own, List<LocalDate> treated, double rollRecovery) {
    List<NewCount> counts = own.stream().map(CountMapper.KeptCount::count).toList();
    return counts.stream()
        .map(NewCount::board)
        .filter(Objects::nonNull)
        .findFirst()
        .map(
            board ->
                BoardDoubt.of(
                    board,
                    treated,
                    counts.stream().map(NewCount::wash).filter(Objects::nonNull).toList(),
                    rollRecovery))
        .orElse(null);
  }

  private static @Nullable Drop drop(List<CountMapper.KeptCount> own, boolean natural) {
    return own.stream()
        .map(each -> each.count().board())
        .filter(Objects::nonNull)
        .filter(board -> !natural || board.natural())
        .findFirst()
        .map(board -> new Drop(board.perDay(), board.day(), board.natural(), board.usualTime()))
        .orElse(null);
  }

  /**
   * Keeps counts, all or none. One that is known already changes nothing, so that a second press or
   * a lost answer does no harm.
   *
   * @throws InvalidValue naming the count and its field
   */
  @Transactional
  public void keep(List<NewCount> counts, Account who) {
    Map<UUID, Map<UUID, Hive>> hives = new HashMap<>();
    for (int i = 0; i < counts.size(); i++) {
      NewCount count = counts.get(i);
      Apiary apiary = apiaryOf(count.hiveId());
      checkDay(i + ".day", count.day(), apiary);
      Hive hive = hives.computeIfAbsent(apiary.id(), this::byId).get(count.hiveId());
      if (hive != null) {
        hive.refuseBefore(i + ".day", count.day());
      }
      if (mapper.known(count.id()) == 0) {
        mapper.add(count, who.name(), who.id(), clock.instant());
        if (count.board() != null) {
          mapper.takeOut(count.hiveId(), clock.instant());
        }
      }
    }
  }

  private Map<UUID, Hive> byId(UUID apiaryId) {
    return apiaries.hives(apiaryId).stream()
        .collect(Collectors.toMap(Hive::id, Function.identity()));
  }

  /** Strikes a count out; it is kept, and counts no longer. */
  @Transactional
  public void strike(UUID id) {
    if (mapper.known(id) == 0) {
      throw Problem.missing("This count");
    }
    mapper.strike(id, clock.instant());
  }

  /** Marks a sign. */
  @Transactional
  public void mark(UUID id, UUID hiveId, Sign sign, Account who) {
    Apiary apiary = apiaryOf(hiveId);
    mapper.addSign(id, hiveId, apiaries.today(apiary), sign, who.name(), who.id(), clock.instant());
  }

  /** Strikes a sign out. */
  @Transactional
  public void strikeSign(UUID id) {
    mapper.strikeSign(id, clock.instant());
  }

  /** Lays boards under hives; one that lies there already goes on. */
  @Transactional
  public void lay(Map<UUID, UUID> boardByHive, Account who) {
    boardByHive.forEach(
        (hiveId, id) -> {
          Apiary apiary = apiaryOf(hiveId);
          boolean lies =
              mapper.laid(apiary.id()).stream().anyMatch(board -> board.hiveId().equals(hiveId));
          if (!lies) {
            mapper.lay(id, hiveId, clock.instant(), who.name(), who.id());
          }
        });
  }

  /** Keeps a decision. */
  @Transactional
  Decided decide(UUID hiveId, NewDecision decision, Account who) {
    Apiary apiary = apiaryOf(hiveId);
    mapper.decide(
        decision.id(),
        hiveId,
        decision.choice(),
        decision.reason(),
        apiaries.today(apiary),
        who.name(),
        who.id(),
        clock.instant());
    if (decision.choice() != Choice.LEAVE) {
      return new Decided(decision.choice(), null);
    }
    List<Hive> row = apiaries.hives(apiary.id());
    String says =
        row.stream()
            .filter(hive -> hive.id().equals(hiveId))
            .findFirst()
            .map(hive -> LeftOut.says(row, hive))
            .orElse(null);
    return new Decided(decision.choice(), says);
  }

  /** What is due of boards that have lain long enough to read, by apiary. */
  public Map<UUID, String> boardsToRead() {
    Instant now = clock.instant();
    Map<UUID, List<Duration>> lain = new HashMap<>();
    for (CountMapper.LaidBoard board : mapper.laid(null)) {
      Duration time = Duration.between(board.laidAt(), now);
      if (time.compareTo(BoardTimes.FIRST) >= 0) {
        mapper
            .apiaryOf(board.hiveId())
            .ifPresent(id -> lain.computeIfAbsent(id, none -> new ArrayList<>()).add(time));
      }
    }
    Map<UUID, String> says = new HashMap<>();
    lain.forEach(
        (id, times) -> says.put(id, BoardTimes.says(times.size(), Collections.max(times))));
    return says;
  }

  /** The latest day that something was counted, by apiary. */
  public Map<UUID, LocalDate> lastCounts() {
    return mapper.lastCounts().stream()
        .collect(Collectors.toMap(CountMapper.LastCount::apiaryId, CountMapper.LastCount::day));
  }

  /** Hives of a series that were washed after a day. */
  public int washedSince(UUID seriesId, LocalDate after) {
    return mapper.washedSince(seriesId, after);
  }

  /** Every count with names, oldest first. */
  List<CountMapper.Named> named(@Nullable UUID apiaryId) {
    return mapper.named(apiaryId);
  }

  private Apiary apiaryOf(UUID hiveId) {
    return apiaries.byId(mapper.apiaryOf(hiveId).orElseThrow(() -> Problem.missing("This hive")));
  }

  /** Refuses a day that has not come, or is too long ago to mean anything. */
  void checkDay(String field, LocalDate day, Apiary apiary) {
    LocalDate today = apiaries.today(apiary);
    if (day.isAfter(today)) {
      throw new InvalidValue(field, day + " has not come yet; today is " + today);
    }
    if (day.isBefore(today.minusDays(DAYS_BACK))) {
      throw new InvalidValue(field, day + " is more than three years ago");
    }
  }
}
