package tavrel.server.reporting.due;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.DaySpan;
import tavrel.core.count.BoardsDue;
import tavrel.core.due.DueDays;
import tavrel.core.due.DueTaskKind;
import tavrel.core.spacing.RoundState;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.brood.BroodService;
import tavrel.server.count.Counts;
import tavrel.server.count.DropBoards;
import tavrel.server.count.HighCounts;
import tavrel.server.hive.Hives;
import tavrel.server.run.Rounds;
import tavrel.server.seasonplan.SeasonPlanService;
import tavrel.server.series.Series;
import tavrel.server.series.SeriesService;

/** What is due by the calendar: rounds, windows, boards, counts. */
@Service
class DueTasks {

  private static final int NAMED = 6;

  /**
   * Something due.
   *
   * @param kind what
   * @param apiaryId where
   * @param apiary its name
   * @param day the day it is due, or null
   * @param hives the hives that it is about, the first few
   * @param moreHives how many there are besides
   * @param round the round that it is about, or null
   * @param boards what is due of drop boards, or null
   * @param lastCount day of the latest count, or null
   * @param ended day of the last round of a series that ended, or null
   * @param seriesId the series that it belongs to, or null
   * @param series its name, or null
   * @param hiveId the hive that it leads to, or null
   */
  record DueTask(
      DueTaskKind kind,
      UUID apiaryId,
      String apiary,
      @Nullable LocalDate day,
      List<NamedHive> hives,
      int moreHives,
      @Nullable DueRound round,
      @Nullable BoardsDue boards,
      @Nullable LocalDate lastCount,
      @Nullable LocalDate ended,
      @Nullable UUID seriesId,
      @Nullable String series,
      @Nullable UUID hiveId) {}

  /**
   * A hive that is named.
   *
   * @param name its name
   * @param share share of its bees with mites, or null where that is not the matter
   */
  record NamedHive(String name, @Nullable Double share) {}

  /**
   * A round of a series that is due.
   *
   * @param number which of its rounds
   * @param of how many there are
   * @param hives how many hives it treats
   * @param crew who was agreed to go, or null
   * @param daysLate how late it is, days; 0 where it is not
   */
  record DueRound(int number, int of, int hives, @Nullable String crew, long daysLate) {}

  private final Apiaries apiaries;
  private final Hives allHives;
  private final SeriesService series;
  private final BroodService broodService;
  private final Counts counts;
  private final DropBoards dropBoards;
  private final ApiaryYears apiaryYears;
  private final SeasonPlanService seasonPlan;
  private final HighCounts highCounts;
  private final Rounds rounds;

  DueTasks(
      Apiaries apiaries,
      Hives allHives,
      SeriesService series,
      BroodService broodService,
      Counts counts,
      DropBoards dropBoards,
      ApiaryYears apiaryYears,
      SeasonPlanService seasonPlan,
      HighCounts highCounts,
      Rounds rounds) {
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.series = series;
    this.broodService = broodService;
    this.counts = counts;
    this.dropBoards = dropBoards;
    this.apiaryYears = apiaryYears;
    this.seasonPlan = seasonPlan;
    this.highCounts = highCounts;
    this.rounds = rounds;
  }

  /** All, most pressing first. */
  List<DueTask> all() {
    Map<UUID, Apiary> places =
        apiaries.all().stream().collect(Collectors.toMap(Apiary::id, Function.identity()));
    List<DueTask> tasks = new ArrayList<>();
    List<Series> open = series.open(null);
    addHighCounts(open, tasks);
    open.forEach(each -> addRound(each, tasks));
    BroodService.Windows windows = broodService.windows();
    addWindows(DueTaskKind.WINDOW_CLOSES, windows.closing(), tasks);
    addWindows(DueTaskKind.WINDOW_OPENS, windows.freeSoon(), tasks);
    dropBoards
        .toRead()
        .forEach(
            (apiaryId, boards) ->
                tasks.add(
                    of(
                        DueTaskKind.BOARDS_TO_READ,
                        Objects.requireNonNull(places.get(apiaryId)),
                        null,
                        boards,
                        null)));
    addMonthlyCounts(places.values(), tasks);
    tasks.sort(
        Comparator.comparing(DueTask::kind)
            .thenComparing(DueTask::day, Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(DueTask::apiary));
    return tasks;
  }

  /**
   * Hives in danger whatever is planned, and hives above the limit of which nothing is: neither a
   * round under way or planned nor one of a series to come, nor the decision to leave them.
   */
  private void addHighCounts(List<Series> open, List<DueTask> tasks) {
    Set<UUID> planned =
        Stream.concat(
                open.stream()
                    .filter(each -> !each.toCome().isEmpty())
                    .flatMap(each -> each.hiveIds().stream()),
                rounds.open().stream()
                    .flatMap(each -> rounds.hiveNames(each.id()).keySet().stream()))
            .collect(Collectors.toSet());
    Map<UUID, List<HighCounts.High>> byApiary =
        highCounts.all().stream()
            .collect(
                Collectors.groupingBy(
                    each -> each.apiary().id(), LinkedHashMap::new, Collectors.toList()));
    for (List<HighCounts.High> here : byApiary.values()) {
      add(DueTaskKind.DANGER, here.stream().filter(HighCounts.High::inDanger).toList(), tasks);
      add(
          DueTaskKind.ABOVE_UNPLANNED,
          here.stream()
              .filter(
                  each -> !each.inDanger() && !each.left() && !planned.contains(each.hive().id()))
              .toList(),
          tasks);
    }
  }

  private static void add(DueTaskKind kind, List<HighCounts.High> hives, List<DueTask> tasks) {
    if (hives.isEmpty()) {
      return;
    }
    HighCounts.High first = hives.get(0);
    LocalDate oldest =
        hives.stream().map(each -> each.sample().last()).min(LocalDate::compareTo).orElseThrow();
    tasks.add(
        about(
            kind,
            first.apiary().id(),
            first.apiary().name(),
            oldest,
            hives.stream()
                .map(each -> new NamedHive(each.hive().name(), each.sample().share()))
                .toList(),
            first.hive().id()));
  }

  private static DueTask about(
      DueTaskKind kind,
      UUID apiaryId,
      String apiary,
      @Nullable LocalDate day,
      List<NamedHive> hives,
      UUID hiveId) {
    return new DueTask(
        kind,
        apiaryId,
        apiary,
        day,
        hives.stream().limit(NAMED).toList(),
        Math.max(0, hives.size() - NAMED),
        null,
        null,
        null,
        null,
        null,
        null,
        hiveId);
  }

  private void addRound(Series each, List<DueTask> tasks) {
    Series.SeriesRound next = each.next();
    if (next == null) {
      addRecount(each, tasks);
      return;
    }
    DueTaskKind kind = DueDays.ofRound(next.day(), each.today()).orElse(null);
    if (kind == null || next.state() == RoundState.OPEN) {
      return;
    }
    tasks.add(
        ofSeries(
            kind,
            each,
            next.day(),
            new DueRound(
                next.number(),
                each.rounds().size(),
                each.hives().size(),
                seasonPlan.agreedCrew(each.id(), next.number()),
                Math.max(0, ChronoUnit.DAYS.between(next.day(), each.today()))),
            null));
  }

  private void addRecount(Series each, List<DueTask> tasks) {
    LocalDate done = each.doneOn();
    if (done == null) {
      return;
    }
    DaySpan recount = DueDays.recount(done);
    boolean counted = counts.washedSince(each.hiveIds(), recount.from().minusDays(1)) > 0;
    if (!each.today().isBefore(recount.from()) && !counted) {
      tasks.add(ofSeries(DueTaskKind.RECOUNT_DUE, each, recount.to(), null, done));
    }
  }

  private static DueTask ofSeries(
      DueTaskKind kind,
      Series each,
      LocalDate day,
      @Nullable DueRound round,
      @Nullable LocalDate ended) {
    return new DueTask(
        kind,
        each.apiaryId(),
        each.apiary(),
        day,
        List.of(),
        0,
        round,
        null,
        null,
        ended,
        each.id(),
        each.name(),
        null);
  }

  private static void addWindows(
      DueTaskKind kind, BroodService.WindowList windows, List<DueTask> tasks) {
    Map<UUID, List<BroodService.WindowLine>> byApiary =
        windows.lines().stream().collect(Collectors.groupingBy(BroodService.WindowLine::apiaryId));
    for (List<BroodService.WindowLine> lines : byApiary.values()) {
      BroodService.WindowLine first = lines.get(0);
      LocalDate day =
          lines.stream()
              .map(line -> line.window().widest())
              .filter(Objects::nonNull)
              .map(kind == DueTaskKind.WINDOW_OPENS ? DaySpan::from : DaySpan::to)
              .min(LocalDate::compareTo)
              .orElse(null);
      tasks.add(
          about(
              kind,
              first.apiaryId(),
              first.apiary(),
              day,
              lines.stream().map(line -> new NamedHive(line.hive(), null)).toList(),
              first.hiveId()));
    }
  }

  private void addMonthlyCounts(Iterable<Apiary> places, List<DueTask> tasks) {
    Map<UUID, LocalDate> last = counts.lastCounts();
    Map<UUID, Integer> hives = allHives.counts();
    for (Apiary apiary : places) {
      LocalDate counted = last.get(apiary.id());
      if (hives.containsKey(apiary.id())
          && DueDays.countIsDue(counted, apiaryYears.of(apiary).dates(), apiaries.today(apiary))) {
        tasks.add(
            of(
                DueTaskKind.COUNT_DUE,
                apiary,
                counted == null ? null : DueDays.nextCount(counted),
                null,
                counted));
      }
    }
  }

  private static DueTask of(
      DueTaskKind kind,
      Apiary apiary,
      @Nullable LocalDate day,
      @Nullable BoardsDue boards,
      @Nullable LocalDate lastCount) {
    return new DueTask(
        kind,
        apiary.id(),
        apiary.name(),
        day,
        List.of(),
        0,
        null,
        boards,
        lastCount,
        null,
        null,
        null,
        null);
  }
}
