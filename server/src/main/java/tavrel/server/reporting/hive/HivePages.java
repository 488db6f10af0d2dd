package tavrel.server.reporting.hive;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.Fact;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodState;
import tavrel.core.due.DueDays;
import tavrel.core.hive.Hive;
import tavrel.core.life.HiveLife;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.brood.BroodService;
import tavrel.server.hive.HiveStays;
import tavrel.server.hive.Hives;
import tavrel.server.http.Problem;
import tavrel.server.register.Register;
import tavrel.server.series.SeriesService;

/** The page of a hive: its life on one line of time, how it stands, and what is next. */
@Service
class HivePages {

  /** Looks that far ahead are shown. */
  private static final int LOOKS_SHOWN = 2;

  /** What a step leads to. */
  enum HiveStepKind {
    ROUND,
    COUNT,
    LOOK,
    HONEY
  }

  /**
   * What comes next.
   *
   * @param kind what it leads to
   * @param day on which or from when, or null for now
   * @param says what, and why
   */
  record HiveStep(HiveStepKind kind, @Nullable LocalDate day, Fact says) {}

  /**
   * Where it stood.
   *
   * @param apiaryId the apiary
   * @param apiary its name
   * @param name what the hive was called there
   * @param from first day, or null where nobody knows
   * @param to first day on which it no longer stood so, or null
   */
  record Stood(
      UUID apiaryId,
      String apiary,
      String name,
      @Nullable LocalDate from,
      @Nullable LocalDate to) {}

  /**
   * A sample of its bees.
   *
   * @param day when
   * @param share of bees with mites
   * @param low end of the 95 % interval
   * @param high end of the 95 % interval
   */
  record SampleOfHive(LocalDate day, double share, double low, double high) {}

  /**
   * The page.
   *
   * @param hive how it stands, or stood last
   * @param apiary where
   * @param today the date there
   * @param endedOn first day on which it was no more, or null while it lives
   * @param queen what is known of its queen, or null
   * @param brood what the brood clock says of today; of one that ended, null
   * @param unknownPast whether its bees had a life elsewhere that nobody here wrote down
   * @param stays where it stood under which name
   * @param samples of its bees, oldest first
   * @param lines its life, the latest first
   * @param next what comes next, soonest first
   */
  record HivePage(
      Hive hive,
      Apiary apiary,
      LocalDate today,
      @Nullable LocalDate endedOn,
      @Nullable Fact queen,
      @Nullable BroodState brood,
      boolean unknownPast,
      List<Stood> stays,
      List<SampleOfHive> samples,
      List<LifeLines.LifeLine> lines,
      List<HiveStep> next) {}

  private final HivePageMapper mapper;
  private final LifeLines lines;
  private final Hives hives;
  private final HiveStays stays;
  private final Apiaries apiaries;
  private final ApiaryYears apiaryYears;
  private final BroodService broodService;
  private final Register register;
  private final SeriesService series;

  HivePages(
      HivePageMapper mapper,
      LifeLines lines,
      Hives hives,
      HiveStays stays,
      Apiaries apiaries,
      ApiaryYears apiaryYears,
      BroodService broodService,
      Register register,
      SeriesService series) {
    this.mapper = mapper;
    this.lines = lines;
    this.hives = hives;
    this.stays = stays;
    this.apiaries = apiaries;
    this.apiaryYears = apiaryYears;
    this.broodService = broodService;
    this.register = register;
    this.series = series;
  }

  /**
   * All that is known of a hive.
   *
   * @throws Problem 404
   */
  HivePage of(UUID hiveId) {
    Hive hive = hives.byId(hiveId);
    HiveLife life = stays.of(hiveId);
    Apiary apiary = apiaries.byId(life.last().apiaryId());
    LocalDate today = apiaries.today(apiary);
    Map<UUID, String> names =
        apiaries.all().stream().collect(Collectors.toMap(Apiary::id, Apiary::name));
    List<HivePageMapper.Counted> counted = mapper.counted(hiveId);
    double recovery = apiaryYears.of(apiary).rollRecovery();
    BroodClock brood = broodService.clockOf(hiveId);
    boolean lives = life.end() == null;
    return new HivePage(
        hive,
        apiary,
        today,
        life.endedOn(),
        life.queenOn(today).map(LifeLines::told).orElse(null),
        lives ? brood.on(today) : null,
        life.beginning().as().hasUnknownPast(),
        life.stays().stream()
            .filter(stay -> !stay.isEmpty())
            .map(
                stay ->
                    new Stood(
                        stay.apiaryId(),
                        names.getOrDefault(stay.apiaryId(), ""),
                        stay.name(),
                        stay.from(),
                        stay.to()))
            .toList(),
        counted.stream()
            .filter(each -> each.bees() != null)
            .map(each -> LifeLines.sample(each, recovery))
            .toList(),
        lines.of(hiveId, life, names, counted, recovery),
        lives ? next(hive, apiary, today, brood, counted) : List.of());
  }

  private List<HiveStep> next(
      Hive hive,
      Apiary apiary,
      LocalDate today,
      BroodClock brood,
      List<HivePageMapper.Counted> counted) {
    List<HiveStep> next = new ArrayList<>();
    series.open(apiary.id()).stream()
        .filter(each -> each.hiveIds().contains(hive.id()))
        .forEach(
            each ->
                each.toCome().stream()
                    .limit(1)
                    .forEach(
                        day ->
                            next.add(
                                new HiveStep(
                                    HiveStepKind.ROUND,
                                    day,
                                    Fact.of("life.nextRound").text("series", each.name())))));
    brood.lookDates().stream()
        .limit(LOOKS_SHOWN)
        .forEach(look -> next.add(new HiveStep(HiveStepKind.LOOK, look.day(), look.why())));
    register.standing(apiary.id(), today.getYear()).stream()
        .filter(each -> each.hiveId().equals(hive.id()) && each.honey().waits(today))
        .forEach(
            each ->
                next.add(
                    new HiveStep(
                        HiveStepKind.HONEY, each.honey().from(), Fact.of("life.honeyWaits"))));
    LocalDate last = counted.isEmpty() ? null : counted.get(counted.size() - 1).day();
    if (last == null) {
      next.add(new HiveStep(HiveStepKind.COUNT, null, Fact.of("life.neverCounted")));
    } else if (DueDays.countIsDue(last, apiaryYears.of(apiary).dates(), today)) {
      next.add(
          new HiveStep(HiveStepKind.COUNT, null, Fact.of("life.countedLast").day("day", last)));
    }
    next.sort(
        Comparator.comparing(HiveStep::day, Comparator.nullsFirst(Comparator.naturalOrder())));
    return List.copyOf(next);
  }
}
