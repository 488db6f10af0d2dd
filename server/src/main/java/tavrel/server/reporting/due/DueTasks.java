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
import tavrel.core.NumberText;
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
   * @param says what and why, in a sentence
   * @param seriesId the series that it belongs to, or null
   * @param seriesNumber which of its rounds, or null
   * @param hiveId the hive that it is about, or null
   */
  record DueTask(
      DueTaskKind kind,
      UUID apiaryId,
      String apiary,
      @Nullable LocalDate day,
      String says,
      @Nullable UUID seriesId,
      @Nullable Integer seriesNumber,
      @Nullable UUID hiveId) {}

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
            (apiaryId, says) ->
                tasks.add(
                    of(
                        DueTaskKind.BOARDS_TO_READ,
                        Objects.requireNonNull(places.get(apiaryId)),
                        null,
                        says)));
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
      add(
          DueTaskKind.DANGER,
          here.stream().filter(HighCounts.High::inDanger).toList(),
          "treat now as your label allows, and look at the hives beside it",
          tasks);
      add(
          DueTaskKind.ABOVE_UNPLANNED,
          here.stream()
              .filter(
                  each -> !each.inDanger() && !each.left() && !planned.contains(each.hive().id()))
              .toList(),
          "above your limit, and nothing is planned",
          tasks);
    }
  }

  private static void add(
      DueTaskKind kind, List<HighCounts.High> hives, String says, List<DueTask> tasks) {
    if (hives.isEmpty()) {
      return;
    }
    HighCounts.High first = hives.get(0);
    String names =
        hives.stream()
                .limit(NAMED)
                .map(
                    each ->
                        each.hive().name()
                            + " "
                            + NumberText.tenths(100 * each.sample().share())
                            + " %")
                .collect(Collectors.joining(", "))
            + (hives.size() > NAMED ? " and " + (hives.size() - NAMED) + " more" : "");
    LocalDate oldest =
        hives.stream().map(each -> each.sample().last()).min(LocalDate::compareTo).orElseThrow();
    tasks.add(
        new DueTask(
            kind,
            first.apiary().id(),
            first.apiary().name(),
            oldest,
            names + ": " + says,
            null,
            null,
            first.hive().id()));
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
    long late = ChronoUnit.DAYS.between(next.day(), each.today());
    String crew = seasonPlan.agreedCrew(each.id(), next.number());
    String what =
        each.name()
            + ", round "
            + next.number()
            + " of "
            + each.rounds().size()
            + ", "
            + hives(each.hives().size())
            + (crew == null ? "" : ", with " + crew);
    tasks.add(
        new DueTask(
            kind,
            each.apiaryId(),
            each.apiary(),
            next.day(),
            what + (late > 0 ? ": " + days(late) + " late, re-space the rest or do it" : ""),
            each.id(),
            next.number(),
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
      tasks.add(
          new DueTask(
              DueTaskKind.RECOUNT_DUE,
              each.apiaryId(),
              each.apiary(),
              recount.to(),
              "wash again: "
                  + each.name()
                  + " ended on "
                  + NumberText.day(done)
                  + ", a count 2 to 4 weeks after shows whether it worked",
              each.id(),
              null,
              null));
    }
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
      String names =
          lines.stream()
                  .limit(NAMED)
                  .map(BroodService.WindowLine::hive)
                  .collect(Collectors.joining(", "))
              + (lines.size() > NAMED ? " and " + (lines.size() - NAMED) + " more" : "");
      String when = day == null ? "" : NumberText.day(day);
      String says =
          kind == DueTaskKind.WINDOW_OPENS
              ? names + ": without capped brood, the first from " + when + "; look to confirm"
              : names + ": nothing capped, the first until " + when + "; one round reaches all";
      tasks.add(
          new DueTask(
              kind, first.apiaryId(), first.apiary(), day, says, null, null, first.hiveId()));
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
                counted == null
                    ? "none on record: wash a few hives"
                    : "the last was on " + NumberText.day(counted)));
      }
    }
  }

  private static DueTask of(DueTaskKind kind, Apiary apiary, @Nullable LocalDate day, String says) {
    return new DueTask(kind, apiary.id(), apiary.name(), day, says, null, null, null);
  }

  private static String hives(int count) {
    return count == 1 ? "1 hive" : count + " hives";
  }

  private static String days(long count) {
    return count == 1 ? "1 day" : count + " days";
  }
}
