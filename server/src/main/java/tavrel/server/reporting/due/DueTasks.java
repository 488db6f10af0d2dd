package tavrel.server.reporting.due;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import tavrel.core.DaySpan;
import tavrel.core.due.DueDays;
import tavrel.core.due.DueTaskKind;
import tavrel.core.spacing.RoundState;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.brood.BroodWindows;
import tavrel.server.count.Counts;
import tavrel.server.count.DropBoards;
import tavrel.server.count.HighCounts;
import tavrel.server.hive.Hives;
import tavrel.server.outfit.OutfitDay;
import tavrel.server.outlook.Outlooks;
import tavrel.server.putoff.PutOff;
import tavrel.server.putoff.PutOffs;
import tavrel.server.register.InHives;
import tavrel.server.run.Rounds;
import tavrel.server.seasonplan.SeasonPlanService;
import tavrel.server.series.Series;
import tavrel.server.series.SeriesService;
import tavrel.server.weather.YardWeather;

/** What is due by the calendar: rounds, windows, boards, counts. */
@Service
class DueTasks {

  private final Apiaries apiaries;
  private final Hives allHives;
  private final SeriesService series;
  private final BroodWindows broodWindows;
  private final Counts counts;
  private final DropBoards dropBoards;
  private final ApiaryYears apiaryYears;
  private final SeasonPlanService seasonPlan;
  private final HighCounts highCounts;
  private final Rounds rounds;
  private final Outlooks outlooks;
  private final OutlookTasks outlookTasks;
  private final PutOffs putOffs;
  private final OutfitDay outfitDay;
  private final YardWeather weather;
  private final InHives inHives;

  DueTasks(
      Apiaries apiaries,
      Hives allHives,
      SeriesService series,
      BroodWindows broodWindows,
      Counts counts,
      DropBoards dropBoards,
      ApiaryYears apiaryYears,
      SeasonPlanService seasonPlan,
      HighCounts highCounts,
      Rounds rounds,
      Outlooks outlooks,
      OutlookTasks outlookTasks,
      PutOffs putOffs,
      OutfitDay outfitDay,
      YardWeather weather,
      InHives inHives) {
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.series = series;
    this.broodWindows = broodWindows;
    this.counts = counts;
    this.dropBoards = dropBoards;
    this.apiaryYears = apiaryYears;
    this.seasonPlan = seasonPlan;
    this.highCounts = highCounts;
    this.rounds = rounds;
    this.outlooks = outlooks;
    this.outlookTasks = outlookTasks;
    this.putOffs = putOffs;
    this.outfitDay = outfitDay;
    this.weather = weather;
    this.inHives = inHives;
  }

  /** All, most pressing first; those put off too, told so. */
  List<DueTask> all() {
    Map<UUID, Apiary> places =
        apiaries.all().stream().collect(Collectors.toMap(Apiary::id, Function.identity()));
    List<Series> open = series.open(null);
    List<DueTask> pressing = new ArrayList<>();
    Map<UUID, LocalDate> inDanger = new HashMap<>();
    addHighCounts(open, pressing, inDanger);
    List<DueTask> tasks = new ArrayList<>(outlookTasks.of(outlooks.all(), pressing, inDanger));
    open.forEach(each -> addRound(each, tasks));
    BroodWindows.Windows windows = broodWindows.all();
    addWindows(DueTaskKind.WINDOW_CLOSES, windows.closing(), tasks);
    addWindows(DueTaskKind.WINDOW_OPENS, windows.freeSoon(), tasks);
    addLooks(tasks);
    addTakeOuts(places, tasks);
    dropBoards
        .toRead()
        .forEach(
            (apiaryId, boards) ->
                tasks.add(
                    DueTask.of(
                            DueTaskKind.BOARDS_TO_READ,
                            apiaryId,
                            Objects.requireNonNull(places.get(apiaryId)).name(),
                            null,
                            null)
                        .ofCounts(boards, null)));
    addMonthlyCounts(places.values(), tasks);
    Map<String, PutOff> off = putOffs.now();
    return tasks.stream()
        .map(each -> each.putOff(off.get(each.line())))
        .sorted(DueTask.mostPressingFirst(outfitDay.today()))
        .toList();
  }

  /**
   * Hives in danger whatever is planned, and hives above the limit of which nothing is: neither a
   * round under way or planned nor one of a series to come, nor the decision to leave them.
   */
  private void addHighCounts(
      List<Series> open, List<DueTask> tasks, Map<UUID, LocalDate> inDanger) {
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
      here.stream()
          .filter(HighCounts.High::inDanger)
          .forEach(each -> inDanger.put(each.hive().id(), each.sample().last()));
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
        DueTask.of(kind, first.apiary().id(), first.apiary().name(), oldest, null)
            .about(
                hives.stream()
                    .sorted(Comparator.comparing(HighCounts.High::byYard))
                    .map(
                        each ->
                            new DueTask.NamedHive(
                                each.hive().id(),
                                each.hive().name(),
                                each.byYard() ? null : each.sample().share()))
                    .toList(),
                OutlookTasks.NAMED));
  }

  /** Strips, pads and trays whose time in the hive is over soon, by yard. */
  private void addTakeOuts(Map<UUID, Apiary> places, List<DueTask> tasks) {
    inHives.still().stream()
        .filter(each -> places.containsKey(each.apiaryId()))
        .filter(
            each ->
                DueDays.takeOutIsDue(
                    each.outBy(),
                    apiaries.today(Objects.requireNonNull(places.get(each.apiaryId())))))
        .collect(
            Collectors.groupingBy(
                InHives.StillIn::apiaryId, LinkedHashMap::new, Collectors.toList()))
        .forEach(
            (apiaryId, all) ->
                tasks.add(
                    DueTask.of(
                            DueTaskKind.TAKE_OUT,
                            apiaryId,
                            Objects.requireNonNull(places.get(apiaryId)).name(),
                            all.get(0).outBy(),
                            null)
                        .about(
                            all.stream()
                                .map(
                                    each -> new DueTask.NamedHive(each.hiveId(), each.hive(), null))
                                .toList(),
                            OutlookTasks.NAMED)));
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
    DueTask.DueRound round =
        new DueTask.DueRound(
            next.number(),
            each.rounds().size(),
            each.hives().size(),
            seasonPlan.agreedCrew(each.id(), next.number()),
            Math.max(0, ChronoUnit.DAYS.between(next.day(), each.today())));
    tasks.add(ofRound(kind, each, next.day(), round));
    if (DueDays.hoursMatter(kind)) {
      weather
          .lost(apiaries.byId(each.apiaryId()), next.day())
          .map(lost -> ofRound(DueTaskKind.HOURS_GONE, each, next.day(), round).lost(lost))
          .ifPresent(tasks::add);
    }
  }

  private static DueTask ofRound(
      DueTaskKind kind, Series series, LocalDate day, DueTask.DueRound round) {
    return DueTask.of(kind, series.apiaryId(), series.apiary(), day, series.id())
        .ofSeries(series, round, null);
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
          DueTask.of(
                  DueTaskKind.RECOUNT_DUE, each.apiaryId(), each.apiary(), recount.to(), each.id())
              .ofSeries(each, null, done));
    }
  }

  private static void addWindows(
      DueTaskKind kind, BroodWindows.WindowList windows, List<DueTask> tasks) {
    Map<UUID, List<BroodWindows.WindowLine>> byApiary =
        windows.lines().stream().collect(Collectors.groupingBy(BroodWindows.WindowLine::apiaryId));
    for (List<BroodWindows.WindowLine> lines : byApiary.values()) {
      BroodWindows.WindowLine first = lines.get(0);
      LocalDate day =
          lines.stream()
              .map(line -> line.window().widest())
              .filter(Objects::nonNull)
              .map(kind == DueTaskKind.WINDOW_OPENS ? DaySpan::from : DaySpan::to)
              .min(LocalDate::compareTo)
              .orElse(null);
      tasks.add(
          DueTask.of(kind, first.apiaryId(), first.apiary(), day, null)
              .about(
                  lines.stream()
                      .map(line -> new DueTask.NamedHive(line.hiveId(), line.hive(), null))
                      .toList(),
                  OutlookTasks.NAMED));
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
            DueTask.of(
                    DueTaskKind.COUNT_DUE,
                    apiary.id(),
                    apiary.name(),
                    counted == null ? null : DueDays.nextCount(counted),
                    null)
                .ofCounts(null, counted));
      }
    }
  }

  /** Looks inside that settle what can only be expected, by yard. */
  private void addLooks(List<DueTask> tasks) {
    broodWindows.looksDue().stream()
        .collect(Collectors.groupingBy(BroodWindows.LookLine::apiaryId))
        .forEach(
            (apiaryId, lines) ->
                tasks.add(
                    DueTask.of(
                            DueTaskKind.LOOK_DUE,
                            apiaryId,
                            lines.get(0).apiary(),
                            lines.stream()
                                .map(line -> line.look().day())
                                .min(LocalDate::compareTo)
                                .orElse(null),
                            null)
                        .about(
                            lines.stream()
                                .map(
                                    line -> new DueTask.NamedHive(line.hiveId(), line.hive(), null))
                                .toList(),
                            OutlookTasks.NAMED)));
  }
}
