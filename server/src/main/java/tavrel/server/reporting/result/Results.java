package tavrel.server.reporting.result;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.Fact;
import tavrel.core.brood.BroodClock;
import tavrel.core.hive.Hive;
import tavrel.core.result.Given;
import tavrel.core.result.HiveResult;
import tavrel.core.result.Pooled;
import tavrel.core.result.RestOfSeries;
import tavrel.core.result.RoundsTogether;
import tavrel.core.result.Samples;
import tavrel.core.rulesheet.Judgement;
import tavrel.core.rulesheet.Verdict;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.brood.BroodService;
import tavrel.server.count.Counts;
import tavrel.server.count.NewCount;
import tavrel.server.hive.Hives;
import tavrel.server.reporting.GivenInRounds;
import tavrel.server.series.Series;
import tavrel.server.series.SeriesJudge;
import tavrel.server.series.SeriesService;
import tavrel.server.spacing.SpacingService;

/** Holds counts before, during and after an apiary's rounds against each other. */
@Service
class Results {

  /**
   * One hive's line.
   *
   * @param hive the hive
   * @param result what came of its rounds, or null where it got none
   */
  record ResultLine(Hive hive, @Nullable HiveResult result) {}

  /**
   * An apiary's results.
   *
   * @param apiary the apiary
   * @param today its date
   * @param limitPercent limit of the season, % of bees
   * @param stretches all stretches of rounds there, the latest first
   * @param shown the one that is shown, or null where nothing was done yet
   * @param lines its hives in walking order
   * @param pooled what the rounds took away over all hives counted before and after
   */
  record ApiaryResults(
      Apiary apiary,
      LocalDate today,
      double limitPercent,
      List<RoundsTogether> stretches,
      @Nullable RoundsTogether shown,
      List<ResultLine> lines,
      Pooled pooled) {}

  /**
   * A way to end a series, with what the sheet says of it.
   *
   * @param way its days and what they leave
   * @param verdict of the whole series with these days, or null without a sheet
   * @param labelSays the line that decides it, or null
   */
  record JudgedWay(RestOfSeries.Way way, @Nullable Verdict verdict, @Nullable Fact labelSays) {}

  /**
   * What is still to come of a series, planned anew.
   *
   * @param seriesId the series
   * @param series its name
   * @param limitPercent limit of the season, % of bees
   * @param on day that is looked at
   * @param ways to go on
   * @param without hives with too few counts, not reckoned
   */
  record SeriesRest(
      UUID seriesId,
      String series,
      double limitPercent,
      LocalDate on,
      List<JudgedWay> ways,
      List<String> without) {}

  private final GivenInRounds givenInRounds;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final BroodService broodService;
  private final Counts counts;
  private final ApiaryYears apiaryYears;
  private final SeriesService series;
  private final SpacingService spacingService;

  Results(
      GivenInRounds givenInRounds,
      Apiaries apiaries,
      Hives allHives,
      BroodService broodService,
      Counts counts,
      ApiaryYears apiaryYears,
      SeriesService series,
      SpacingService spacingService) {
    this.givenInRounds = givenInRounds;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.broodService = broodService;
    this.counts = counts;
    this.apiaryYears = apiaryYears;
    this.series = series;
    this.spacingService = spacingService;
  }

  /**
   * The results of an apiary.
   *
   * @param from first day of the stretch to show, or null for the latest
   */
  ApiaryResults of(UUID apiaryId, @Nullable LocalDate from) {
    Apiary apiary = apiaries.byId(apiaryId);
    LocalDate today = apiaries.today(apiary);
    double limit = apiaryYears.of(apiary).limits().on(today).share();
    List<Given> given = givenInRounds.in(apiaryId);
    List<RoundsTogether> stretches =
        RoundsTogether.latestFirst(given.stream().map(Given::day).toList());
    RoundsTogether shown =
        stretches.stream()
            .filter(each -> from == null || each.first().equals(from))
            .findFirst()
            .orElse(null);
    if (shown == null) {
      return new ApiaryResults(
          apiary, today, 100 * limit, stretches, null, List.of(), Pooled.of(List.of(), List.of()));
    }
    List<Hive> hives = allHives.stoodIn(apiaryId, shown.first(), shown.last());
    Map<UUID, Samples> samples = samples(apiary, hives, shown);
    Map<UUID, List<Given>> got =
        given.stream()
            .filter(each -> shown.holds(each.day()))
            .collect(Collectors.groupingBy(Given::hiveId));
    Map<UUID, BroodClock> clocks =
        broodService.clocksOf(apiary, hives.stream().map(Hive::id).toList());
    Map<UUID, List<LocalDate>> toCome = toCome(apiaryId);
    List<ResultLine> lines = new ArrayList<>();
    for (Hive hive : hives) {
      List<Given> own = got.getOrDefault(hive.id(), List.of());
      lines.add(
          new ResultLine(
              hive,
              own.isEmpty()
                  ? null
                  : HiveResult.of(
                      known(
                          hive,
                          Objects.requireNonNull(clocks.get(hive.id())),
                          own,
                          toCome.getOrDefault(hive.id(), List.of()),
                          Objects.requireNonNull(samples.get(hive.id())),
                          limit))));
    }
    return new ApiaryResults(
        apiary,
        today,
        100 * limit,
        stretches,
        shown,
        lines,
        Pooled.of(
            of(samples, lines, line -> line.result() != null),
            of(samples, lines, line -> line.result() == null)));
  }

  /**
   * The rounds to come of every series of an apiary that stands between two rounds, planned anew
   * from what its rounds so far showed.
   */
  List<SeriesRest> rest(UUID apiaryId) {
    List<Given> given = givenInRounds.in(apiaryId);
    RoundsTogether latest =
        RoundsTogether.latestFirst(given.stream().map(Given::day).toList()).stream()
            .findFirst()
            .orElse(null);
    Apiary apiary = apiaries.byId(apiaryId);
    if (latest == null || !latest.concerns(apiaries.today(apiary))) {
      return List.of();
    }
    double limit = apiaryYears.of(apiary).limits().on(apiaries.today(apiary)).share();
    Map<UUID, Samples> samples = samples(apiary, allHives.in(apiaryId), latest);
    Map<UUID, BroodClock> clocks = broodService.clocksOf(apiary);
    Map<UUID, Hive> hives =
        allHives.in(apiaryId).stream().collect(Collectors.toMap(Hive::id, Function.identity()));
    Map<UUID, List<Given>> got =
        given.stream()
            .filter(each -> latest.holds(each.day()))
            .collect(Collectors.groupingBy(Given::hiveId));
    List<SeriesRest> all = new ArrayList<>();
    for (Series each : series.open(apiaryId)) {
      List<RestOfSeries.InSeries> inSeries = new ArrayList<>();
      for (UUID id : each.hiveIds()) {
        Hive hive = hives.get(id);
        List<Given> own = got.getOrDefault(id, List.of());
        if (hive != null) {
          inSeries.add(
              new RestOfSeries.InSeries(
                  id,
                  hive.name(),
                  own.isEmpty()
                      ? null
                      : known(
                          hive,
                          Objects.requireNonNull(clocks.get(id)),
                          own,
                          each.toCome(),
                          Objects.requireNonNull(samples.get(id)),
                          limit)));
        }
      }
      SeriesJudge.HivesHeld held = series.heldWithRest(each);
      RestOfSeries rest =
          each.standsBetweenRounds()
              ? RestOfSeries.of(
                  inSeries, each.toCome(), limit, days -> !SeriesJudge.isOff(held.on(days)))
              : null;
      if (rest != null) {
        all.add(judged(each, rest, held, limit));
      }
    }
    return List.copyOf(all);
  }

  private static SeriesRest judged(
      Series of, RestOfSeries rest, SeriesJudge.HivesHeld held, double limit) {
    return new SeriesRest(
        of.id(),
        of.name(),
        100 * limit,
        rest.on(),
        rest.ways().stream()
            .map(
                way -> {
                  Judgement judgement = way.days().isEmpty() ? null : held.on(way.days());
                  return new JudgedWay(
                      way,
                      judgement == null ? null : judgement.verdict(),
                      Judgement.decidedBy(judgement));
                })
            .toList(),
        rest.without());
  }

  private static List<Samples> of(
      Map<UUID, Samples> samples, List<ResultLine> lines, Predicate<ResultLine> which) {
    return lines.stream().filter(which).map(line -> samples.get(line.hive().id())).toList();
  }

  private HiveResult.Known known(
      Hive hive,
      BroodClock clock,
      List<Given> got,
      List<LocalDate> toCome,
      Samples samples,
      double limit) {
    List<LocalDate> rounds = got.stream().map(Given::day).distinct().sorted().toList();
    return new HiveResult.Known(
        spacingService.colonyOn(
            hive,
            rounds.get(0),
            samples.before(),
            Given.gramsPerBox(got),
            Given.sealMinutes(got),
            limit),
        clock,
        rounds,
        toCome,
        samples,
        limit);
  }

  private Map<UUID, Samples> samples(Apiary apiary, List<Hive> hives, RoundsTogether shown) {
    double recovery = apiaryYears.of(apiary).rollRecovery();
    Map<UUID, List<NewCount>> counted =
        counts.byHive(
            hives.stream().map(Hive::id).toList(), shown.first().minusDays(RoundsTogether.BEFORE));
    Map<UUID, Samples> samples = new HashMap<>();
    for (Hive hive : hives) {
      List<NewCount> own =
          counted.getOrDefault(hive.id(), List.of()).stream()
              .filter(each -> shown.concerns(each.day()))
              .toList();
      samples.put(
          hive.id(),
          new Samples(
              shown,
              own.stream().map(NewCount::wash).filter(Objects::nonNull).toList(),
              own.stream().map(NewCount::board).filter(Objects::nonNull).toList(),
              recovery));
    }
    return samples;
  }

  /** Days of the rounds that are agreed and not done yet, by hive. */
  private Map<UUID, List<LocalDate>> toCome(UUID apiaryId) {
    Map<UUID, List<LocalDate>> toCome = new HashMap<>();
    for (Series each : series.open(apiaryId)) {
      each.hiveIds().forEach(hive -> toCome.put(hive, each.toCome()));
    }
    return toCome;
  }
}
