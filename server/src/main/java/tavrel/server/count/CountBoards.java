package tavrel.server.count;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.Fact;
import tavrel.core.apiaryyear.SeasonLimits;
import tavrel.core.count.BoardDoubt;
import tavrel.core.count.BoardReading;
import tavrel.core.count.Danger;
import tavrel.core.count.Infestation;
import tavrel.core.count.SampleReading;
import tavrel.core.count.Sign;
import tavrel.core.count.SquaresCounted;
import tavrel.core.count.YardReading;
import tavrel.core.hive.Hive;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiarySeason;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.hive.Hives;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.register.TreatmentDays;

/** What is known of each hive of an apiary from counts, in walking order. */
@Service
class CountBoards {

  /**
   * A hive's drop board.
   *
   * @param perDay mites a day
   * @param day when it was read
   * @param natural whether no treatment fell into its time
   * @param usualTime whether it lay for the usual 12 to 72 hours
   * @param low lower end of its 95 % interval, mites a day, where only squares were counted; or
   *     null
   * @param high upper end, or null
   */
  record Drop(
      double perDay,
      LocalDate day,
      boolean natural,
      boolean usualTime,
      @Nullable Double low,
      @Nullable Double high) {

    static @Nullable Drop of(NewCount count) {
      BoardReading board = count.board();
      if (board == null) {
        return null;
      }
      SquaresCounted.BoardTotal squares = count.squares() == null ? null : count.squares().read();
      double days = board.hours() / 24;
      return new Drop(
          board.perDay(),
          board.day(),
          board.natural(),
          board.usualTime(),
          squares == null ? null : squares.low() / days,
          squares == null ? null : squares.high() / days);
    }
  }

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
      @Nullable Fact doubt,
      @Nullable LocalDate lastTreated) {}

  /**
   * All counts of an apiary.
   *
   * @param apiary the apiary
   * @param today its date
   * @param limit the limit of the season
   * @param lines its hives in walking order
   * @param whole what the week's samples say of the yard; null for fewer than three hives
   * @param counted hives with a sample of the week
   * @param recent the latest counts
   */
  record CountBoard(
      Apiary apiary,
      LocalDate today,
      SeasonLimits.SeasonLimit limit,
      List<CountLine> lines,
      @Nullable YardReading whole,
      int counted,
      List<CountMapper.KeptCount> recent) {}

  private final CountMapper mapper;
  private final Counts counts;
  private final Decisions decisions;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final ApiaryYears apiaryYears;
  private final TreatmentDays treatmentDays;
  private final HiveSpreads spreads;
  private final OwnParameters figures;

  CountBoards(
      CountMapper mapper,
      Counts counts,
      Decisions decisions,
      Apiaries apiaries,
      Hives allHives,
      ApiaryYears apiaryYears,
      TreatmentDays treatmentDays,
      HiveSpreads spreads,
      OwnParameters figures) {
    this.mapper = mapper;
    this.counts = counts;
    this.decisions = decisions;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.apiaryYears = apiaryYears;
    this.treatmentDays = treatmentDays;
    this.spreads = spreads;
    this.figures = figures;
  }

  /** The whole of an apiary's counts. */
  CountBoard of(UUID apiaryId) {
    Apiary apiary = apiaries.byId(apiaryId);
    LocalDate today = apiaries.today(apiary);
    ApiarySeason season = apiaryYears.of(apiary);
    SeasonLimits.SeasonLimit limit = season.limits().on(today);
    Map<UUID, List<LocalDate>> rounded = treatmentDays.withOxalicAcid(apiaryId);
    Map<UUID, List<LocalDate>> treated = treatmentDays.withAnything(apiaryId);
    List<CountMapper.KeptCount> kept =
        counts.kept(apiaryId, today.minusDays(Counts.DAYS_SHOWN), treated);
    Map<UUID, List<CountMapper.KeptCount>> byHive =
        kept.stream().collect(Collectors.groupingBy(CountMapper.KeptCount::hiveId));
    Map<UUID, Infestation> samples = Counts.samples(kept, treated, season.rollRecovery());
    Map<UUID, List<CountMapper.SeenSign>> signs =
        counts.signs(apiaryId, today.minusDays(Sign.TELL_FOR_DAYS)).stream()
            .collect(Collectors.groupingBy(CountMapper.SeenSign::hiveId));
    Map<UUID, CountMapper.Decision> decided = decisions.latest(apiaryId);
    Map<UUID, Instant> laid = new HashMap<>();
    mapper.laid().forEach(board -> laid.putIfAbsent(board.hiveId(), board.laidAt()));
    Danger danger = figures.danger();
    List<CountLine> lines = new ArrayList<>();
    for (Hive hive : allHives.in(apiaryId)) {
      Infestation found = samples.get(hive.id());
      List<CountMapper.KeptCount> own = byHive.getOrDefault(hive.id(), List.of());
      lines.add(
          new CountLine(
              hive,
              found == null ? null : SampleReading.of(found, limit.share(), danger),
              drop(own, true),
              drop(own, false),
              signs.getOrDefault(hive.id(), List.of()),
              decided.get(hive.id()),
              laid.get(hive.id()),
              doubt(own, rounded.getOrDefault(hive.id(), List.of()), season.rollRecovery()),
              latest(treated.getOrDefault(hive.id(), List.of()))));
    }
    List<Infestation> ofTheWeek = YardReading.lately(samples.values(), today);
    return new CountBoard(
        apiary,
        today,
        limit,
        lines,
        YardReading.of(ofTheWeek, limit.share(), spreads.now()),
        ofTheWeek.size(),
        kept.stream().limit(60).toList());
  }

  private static @Nullable LocalDate latest(List<LocalDate> ascending) {
    return ascending.isEmpty() ? null : ascending.get(ascending.size() - 1);
  }

  private static @Nullable Fact doubt(
      List<CountMapper.KeptCount> own, List<LocalDate> rounded, double rollRecovery) {
    List<NewCount> counts = own.stream().map(CountMapper.KeptCount::count).toList();
    return counts.stream()
        .map(NewCount::board)
        .filter(Objects::nonNull)
        .findFirst()
        .map(
            board ->
                BoardDoubt.of(
                    board,
                    rounded,
                    counts.stream().map(NewCount::wash).filter(Objects::nonNull).toList(),
                    rollRecovery))
        .orElse(null);
  }

  private static @Nullable Drop drop(List<CountMapper.KeptCount> own, boolean natural) {
    return own.stream()
        .map(each -> Drop.of(each.count()))
        .filter(Objects::nonNull)
        .filter(drop -> !natural || drop.natural())
        .findFirst()
        .orElse(null);
  }
}
