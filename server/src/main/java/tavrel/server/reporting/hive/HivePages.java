package tavrel.server.reporting.hive;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.Fact;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodState;
import tavrel.core.count.Infestation;
import tavrel.core.count.Interval;
import tavrel.core.hive.Hive;
import tavrel.core.life.Beginning;
import tavrel.core.life.EndKind;
import tavrel.core.life.HiveLife;
import tavrel.core.life.LifeEvent;
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

  /** A hive that was not counted for so long is due, days. */
  private static final int COUNT_DUE = 30;

  /** Looks that far ahead are shown. */
  private static final int LOOKS_SHOWN = 2;

  /** Of what a line tells. */
  enum LifeLineKind {
    LIFE,
    TREATED,
    COUNTED,
    BROOD,
    NOTE
  }

  /**
   * That an act was taken back.
   *
   * @param by who did
   * @param why in words, or null
   */
  record StruckOut(String by, @Nullable String why) {}

  /**
   * A line of its life.
   *
   * @param day on which, or null where nobody knows
   * @param kind of what it tells
   * @param says what happened
   * @param by who did it or said so; empty where nobody is named
   * @param actId the act that it can be taken back with, or null
   * @param roundId the round that it belongs to, or null
   * @param hiveId the other hive that it names, or null
   * @param takenBack that it was taken back, or null while it stands
   */
  record LifeLine(
      @Nullable LocalDate day,
      LifeLineKind kind,
      Fact says,
      String by,
      @Nullable UUID actId,
      @Nullable UUID roundId,
      @Nullable UUID hiveId,
      @Nullable StruckOut takenBack) {}

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
      List<LifeLine> lines,
      List<HiveStep> next) {}

  private final HivePageMapper mapper;
  private final Hives hives;
  private final HiveStays stays;
  private final Apiaries apiaries;
  private final ApiaryYears apiaryYears;
  private final BroodService broodService;
  private final Register register;
  private final SeriesService series;

  HivePages(
      HivePageMapper mapper,
      Hives hives,
      HiveStays stays,
      Apiaries apiaries,
      ApiaryYears apiaryYears,
      BroodService broodService,
      Register register,
      SeriesService series) {
    this.mapper = mapper;
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
        life.queenOn(today).map(HivePages::told).orElse(null),
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
            .map(each -> sample(each, recovery))
            .toList(),
        lines(hiveId, life, names, counted, recovery),
        lives ? next(hive, apiary, today, brood, counted) : List.of());
  }

  private List<LifeLine> lines(
      UUID hiveId,
      HiveLife life,
      Map<UUID, String> apiaryNames,
      List<HivePageMapper.Counted> counted,
      double recovery) {
    List<LifeLine> lines = new ArrayList<>();
    lines.add(began(life.beginning(), apiaryNames));
    mapper.happened(hiveId).forEach(each -> lines.add(told(each)));
    mapper
        .received(hiveId)
        .forEach(each -> lines.add(kin(each, Fact.of("life.received").text("hive", each.name()))));
    mapper
        .splits(hiveId)
        .forEach(each -> lines.add(kin(each, Fact.of("life.gaveSplit").text("hive", each.name()))));
    counted.forEach(
        each ->
            lines.add(
                line(each.day(), LifeLineKind.COUNTED, told(each, recovery), each.doneBy(), null)));
    mapper
        .treated(hiveId)
        .forEach(
            each ->
                lines.add(
                    line(
                        each.day(),
                        LifeLineKind.TREATED,
                        each.acid() > 0
                            ? Fact.of("life.treatedWithAcid")
                                .word("means", each.means())
                                .grams("acid", each.acid())
                            : Fact.of("life.treated").word("means", each.means()),
                        each.people(),
                        each.roundId())));
    mapper
        .written(hiveId)
        .forEach(
            each ->
                lines.add(
                    line(
                        each.day(),
                        LifeLineKind.NOTE,
                        Fact.of("life.note").text("says", each.says()),
                        each.by(),
                        null)));
    mapper
        .brood(hiveId)
        .forEach(
            each ->
                lines.add(
                    line(
                        each.day(),
                        LifeLineKind.BROOD,
                        Fact.of("life.brood").word("event", each.kind()),
                        each.doneBy(),
                        null)));
    lines.sort(
        Comparator.comparing(
            LifeLine::day, Comparator.nullsLast(Comparator.<LocalDate>naturalOrder().reversed())));
    return List.copyOf(lines);
  }

  private static LifeLine line(
      LocalDate day, LifeLineKind kind, Fact says, String by, @Nullable UUID roundId) {
    return new LifeLine(day, kind, says, by, null, roundId, null, null);
  }

  private static LifeLine kin(HivePageMapper.Kin other, Fact says) {
    return new LifeLine(
        other.day(), LifeLineKind.LIFE, says, other.doneBy(), null, null, other.hiveId(), null);
  }

  private LifeLine began(Beginning began, Map<UUID, String> apiaryNames) {
    Fact says =
        Fact.of("life.began")
            .word("as", began.as())
            .text("apiary", apiaryNames.getOrDefault(began.apiaryId(), ""));
    UUID motherId = began.motherId();
    if (motherId != null) {
      says = Fact.of("life.beganFrom").text("mother", hives.byId(motherId).name());
    }
    return new LifeLine(began.day(), LifeLineKind.LIFE, says, "", null, null, motherId, null);
  }

  private static LifeLine told(HivePageMapper.Happened each) {
    return new LifeLine(
        each.day(),
        LifeLineKind.LIFE,
        says(each),
        each.doneBy(),
        each.actId(),
        null,
        each.intoId(),
        each.struckBy() == null ? null : new StruckOut(each.struckBy(), each.struckWhy()));
  }

  private static Fact says(HivePageMapper.Happened each) {
    return switch (each.kind()) {
      case MOVED -> Fact.of("life.moved").text("apiary", orEmpty(each.apiary()));
      case RENAMED -> Fact.of("life.renamed").text("name", orEmpty(each.name()));
      case UNITED -> Fact.of("life.united").text("hive", orEmpty(each.into()));
      case QUEEN ->
          told(
              new LifeEvent.QueenChanged(
                  Objects.requireNonNull(each.queen()),
                  each.queenYear(),
                  each.queenMark(),
                  each.queenLine()));
      case ENDED -> ended(each);
    };
  }

  private static Fact ended(HivePageMapper.Happened each) {
    EndKind how = Objects.requireNonNull(each.endKind());
    Fact says =
        each.endSign() == null
            ? Fact.of("life.ended").word("how", how)
            : Fact.of("life.endedWith").word("how", how).word("sign", each.endSign());
    return each.says() == null
        ? says
        : Fact.of("life.endedSaying").fact("ended", says).text("says", each.says());
  }

  private static Fact told(LifeEvent.QueenChanged queen) {
    String about =
        List.of(
                queen.year() == null ? "" : String.valueOf(queen.year()),
                orEmpty(queen.mark()),
                orEmpty(queen.line()))
            .stream()
            .filter(each -> !each.isEmpty())
            .collect(Collectors.joining(", "));
    return about.isEmpty()
        ? Fact.of("life.queenChanged").word("change", queen.change())
        : Fact.of("life.queenKnown").word("change", queen.change()).text("about", about);
  }

  private static String orEmpty(@Nullable String text) {
    return text == null ? "" : text;
  }

  private static Fact told(HivePageMapper.Counted each, double recovery) {
    Integer bees = each.bees();
    if (bees == null) {
      return Fact.of("life.board")
          .count("mites", each.mites(), "mite")
          .figure("hours", each.hours() == null ? 0 : each.hours());
    }
    SampleOfHive sample = sample(each, recovery);
    return Fact.of("life.sample")
        .count("mites", each.mites(), "mite")
        .figure("bees", bees)
        .share("share", sample.share())
        .share("low", sample.low())
        .share("high", sample.high());
  }

  private static SampleOfHive sample(HivePageMapper.Counted each, double recovery) {
    int bees = each.bees() == null ? 1 : each.bees();
    Infestation found =
        new Infestation(
            each.mites(), bees, each.kind().equals("SUGAR_ROLL") ? recovery : 1, 1, each.day());
    Interval interval = found.interval();
    return new SampleOfHive(each.day(), found.share(), interval.low(), interval.high());
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
    } else if (last.isBefore(today.minusDays(COUNT_DUE))) {
      next.add(
          new HiveStep(HiveStepKind.COUNT, null, Fact.of("life.countedLast").day("day", last)));
    }
    next.sort(
        Comparator.comparing(HiveStep::day, Comparator.nullsFirst(Comparator.naturalOrder())));
    return List.copyOf(next);
  }
}
