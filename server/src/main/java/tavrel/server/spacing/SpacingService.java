package tavrel.server.spacing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodState;
import tavrel.core.brood.FreeWindow;
import tavrel.core.count.Infestation;
import tavrel.core.hive.Hive;
import tavrel.core.mite.ColonyFrames;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.CurveChoice;
import tavrel.core.mite.Dose;
import tavrel.core.mite.MiteParameters;
import tavrel.core.rulesheet.Judgement;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.SeriesProposal;
import tavrel.core.rulesheet.Verdict;
import tavrel.core.seal.Release;
import tavrel.core.seal.SealEstimate;
import tavrel.core.spacing.Colony;
import tavrel.core.spacing.CommonRhythm;
import tavrel.core.spacing.Comparison;
import tavrel.core.spacing.MiteForecast;
import tavrel.core.spacing.PatternOutcome;
import tavrel.core.spacing.Schedule;
import tavrel.core.spacing.SeriesPreset;
import tavrel.core.weather.Place;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiarySeason;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.brood.BroodService;
import tavrel.server.count.Counts;
import tavrel.server.hive.Hives;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.register.TreatmentDays;
import tavrel.server.rulesheet.RuleSheets;

/** Puts a hive's counts, brood, register and season on the bench. */
@Service
public class SpacingService {

  /** Schedules are compared so many days ahead unless the keeper says otherwise. */
  private static final int USUAL_AHEAD = 45;

  /** A count older than this says little of today, days. */
  private static final int STALE = 30;

  /** A course may be run so far, days. */
  private static final int MOST_AHEAD = 240;

  /**
   * What is known of a hive when it is put on the bench.
   *
   * @param hive the hive
   * @param clock its brood clock
   * @param mites mites in its latest sample, or null: count first
   * @param sampleBees bees in it, or null
   * @param recovery share of the mites that the method finds
   * @param framesOfBees as seen, or guessed from the boxes
   * @param cappedFrames as seen, or guessed from the boxes
   * @param from where each of these comes from
   * @param commonDate the usual common date
   * @param targetPercent the limit of the season then
   * @param lastTreated day of the last vapour treatment, or null
   * @param treatedThisYear vapour treatments on record this year
   * @param winterBees date by which mites should be down
   * @param supers days ahead on which supers are usually on, or null
   * @param presets plans for the occasions of the year
   * @param kept share of the acid that it keeps as it stands, a model estimate
   */
  record BenchStart(
      Hive hive,
      BroodService.ClockView clock,
      @Nullable Integer mites,
      @Nullable Integer sampleBees,
      double recovery,
      double framesOfBees,
      double cappedFrames,
      List<Fact> from,
      LocalDate commonDate,
      double targetPercent,
      @Nullable LocalDate lastTreated,
      int treatedThisYear,
      LocalDate winterBees,
      @Nullable DaySpan supers,
      List<SeriesPreset> presets,
      double kept) {}

  /**
   * One hive under a rhythm for the whole apiary.
   *
   * @param hive the hive
   * @param state of its brood today
   * @param window its window without capped workers
   * @param counted whether it was counted itself; otherwise the apiary's average stands in
   * @param rhythm what the rhythm costs it, or null where nothing was counted in the apiary
   * @param verdict what the rule sheet says, or null without one
   * @param labelSays the line that decides it, or null
   */
  record HiveInRhythm(
      Hive hive,
      BroodState state,
      FreeWindow window,
      boolean counted,
      @Nullable CommonRhythm rhythm,
      @Nullable Verdict verdict,
      @Nullable Fact labelSays) {}

  /** Minutes shut that the bench reckons with; the usual ten. */
  private static final double USUAL_SEAL_MINUTES = 10;

  private final Apiaries apiaries;
  private final Hives allHives;
  private final BroodService broodService;
  private final Counts counts;
  private final ApiaryYears apiaryYears;
  private final TreatmentDays treatmentDays;
  private final RuleSheets ruleSheets;
  private final OwnParameters figures;

  SpacingService(
      Apiaries apiaries,
      Hives allHives,
      BroodService broodService,
      Counts counts,
      ApiaryYears apiaryYears,
      TreatmentDays treatmentDays,
      RuleSheets ruleSheets,
      OwnParameters figures) {
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.broodService = broodService;
    this.counts = counts;
    this.apiaryYears = apiaryYears;
    this.treatmentDays = treatmentDays;
    this.ruleSheets = ruleSheets;
    this.figures = figures;
  }

  /** A hive as it comes to the bench. */
  BenchStart start(UUID hiveId) {
    BroodService.ClockView view = broodService.view(hiveId);
    Apiary apiary = apiaries.byId(view.apiaryId());
    ApiarySeason season = apiaryYears.of(apiary);
    Hive hive = hive(apiary, hiveId);
    BroodClock clock = broodService.clockOf(hiveId);
    Infestation sample = own(counts.samples(apiary).get(hiveId), clock);
    ColonyFrames frames = ColonyFrames.of(hive, clock);
    List<Fact> from = new ArrayList<>();
    from.add(
        sample == null
            ? Fact.of("bench.notCounted")
            : (sample.last().isBefore(clock.today().minusDays(STALE))
                    ? Fact.of("bench.countedLongAgo")
                    : Fact.of("bench.counted"))
                .figure("mites", sample.mites())
                .figure("bees", sample.bees())
                .day("last", sample.last()));
    from.add(
        frames.beesSeenOn() == null
            ? Fact.of("bench.beesGuessed")
            : Fact.of("bench.beesSeen").day("day", frames.beesSeenOn()));
    from.add(
        frames.cappedSeenOn() != null
            ? Fact.of("bench.cappedSeen").day("day", frames.cappedSeenOn())
            : Fact.of("bench.cappedGuessed"));
    LocalDate common = view.today().plusDays(USUAL_AHEAD);
    List<LocalDate> treated =
        treatmentDays.withOxalicAcid(apiary.id()).getOrDefault(hiveId, List.of());
    return new BenchStart(
        hive,
        view,
        sample == null ? null : sample.mites(),
        sample == null ? null : sample.bees(),
        sample == null ? 1 : sample.recovery(),
        frames.bees(),
        frames.capped(),
        from,
        common,
        season.limits().on(common).percent(),
        treated.isEmpty() ? null : treated.get(treated.size() - 1),
        (int) treated.stream().filter(day -> day.getYear() == view.today().getYear()).count(),
        season.dates().winterBeesAfter(view.today()),
        season.dates().supersAfter(view.today()),
        SeriesPreset.of(clock, season.dates(), Place.isSouth(apiary.latitude())),
        kept(hive));
  }

  /** One schedule, day by day. */
  MiteForecast miteForecast(UUID hiveId, SpacingQuestion question, List<LocalDate> days) {
    return MiteForecast.of(
        colony(hiveId, broodService.clockOf(hiveId), question), new Schedule(days));
  }

  /** Patterns, search, breaks and advice. */
  Comparison compare(UUID hiveId, SpacingQuestion question, LocalDate start) {
    Colony colony = colony(hiveId, broodService.clockOf(hiveId), question);
    return Comparison.of(colony, start).withLatestStart(colony, figures.danger().share());
  }

  /** One schedule's outcome, reckoned from an earlier day with what was known then. */
  public PatternOutcome outcome(
      UUID hiveId, LocalDate asOf, SpacingQuestion question, List<LocalDate> days) {
    Colony colony = colony(hiveId, broodService.clockOf(hiveId, asOf), question);
    return PatternOutcome.of(colony, "series", new Schedule(days));
  }

  /**
   * A colony as it stood on an earlier day, from what was known of its brood then.
   *
   * @param sample its mites then, or null: it has none until a sample is put in
   * @param gramsPerBox acid dihydrate a box, g
   * @param sealMinutes how long it was shut
   * @param limit infestation that should not be passed, a fraction
   */
  public Colony colonyOn(
      Hive hive,
      LocalDate day,
      @Nullable Infestation sample,
      double gramsPerBox,
      double sealMinutes,
      double limit) {
    BroodClock clock = broodService.clockOf(hive.id(), day);
    ColonyFrames frames = ColonyFrames.of(hive, clock);
    Map<String, Double> own = figures.own();
    double kept = SealEstimate.of(hive, Release.USUAL, sealMinutes, figures.seal()).kept();
    return new Colony(
        new ColonyLoad(
            sample == null ? 0 : sample.mites(),
            sample == null ? 1 : sample.bees(),
            sample == null ? 1 : sample.recovery(),
            frames.bees(),
            frames.capped(),
            0),
        clock,
        apiaryYears.of(apiaries.byId(allHives.apiaryIdOf(hive.id()))).dates(),
        MiteParameters.of(own),
        new Dose(gramsPerBox, Math.max(Dose.LEAST_KEPT, kept), CurveChoice.FIELD.in(own)),
        null,
        null,
        Map.of(),
        day.plusDays(MOST_AHEAD),
        limit,
        1);
  }

  /** A rhythm for the whole apiary, hive by hive. */
  List<HiveInRhythm> rhythm(UUID apiaryId, SpacingQuestion question, List<LocalDate> days) {
    Apiary apiary = apiaries.byId(apiaryId);
    Schedule schedule = new Schedule(days);
    Map<UUID, BroodClock> clocks = broodService.clocksOf(apiary);
    Map<UUID, Infestation> samples = counts.samples(apiary);
    Map<UUID, List<LocalDate>> treated = treatmentDays.withOxalicAcid(apiaryId);
    int mites = samples.values().stream().mapToInt(Infestation::mites).sum();
    int bees = samples.values().stream().mapToInt(Infestation::bees).sum();
    List<Hive> hives = allHives.in(apiaryId);
    RuleSheet sheet =
        question.ruleSheetId() == null ? null : ruleSheets.byId(question.ruleSheetId());
    SeasonDates dates = apiaryYears.of(apiary).dates();
    List<HiveInRhythm> lines = new ArrayList<>();
    for (Hive hive : hives) {
      BroodClock clock = Objects.requireNonNull(clocks.get(hive.id()));
      Infestation own = own(samples.get(hive.id()), clock);
      ColonyLoad load =
          own != null
              ? load(hive, clock, question.load(), own.mites(), own.bees(), own.recovery())
              : bees > 0 ? load(hive, clock, question.load(), mites, bees, 1) : null;
      List<LocalDate> past = treated.getOrDefault(hive.id(), List.of());
      Judgement judgement = judge(sheet, dates, clock, past, days, List.of());
      Verdict verdict = judgement == null ? null : judgement.verdict();
      CommonRhythm rhythm =
          load == null
              ? null
              : CommonRhythm.of(
                  colony(
                      apiary,
                      question.shut() == null ? kept(hive) : question.shut().kept(),
                      clock,
                      question.with(load),
                      past,
                      hives.size()),
                  schedule);
      lines.add(
          new HiveInRhythm(
              hive,
              clock.on(clock.today()),
              clock.workers(),
              own != null,
              rhythm,
              verdict,
              Judgement.decidedBy(judgement)));
    }
    return lines;
  }

  /**
   * Holds days of rounds against a rule sheet for one hive.
   *
   * @param sheet the sheet, or null
   * @param dates the season of the hive's apiary
   * @param clock its brood
   * @param treated days before, ascending
   * @param days those of the rounds
   * @param also days of other rounds agreed for the hive
   * @return null without a sheet
   */
  public static @Nullable Judgement judge(
      @Nullable RuleSheet sheet,
      SeasonDates dates,
      BroodClock clock,
      List<LocalDate> treated,
      List<LocalDate> days,
      List<LocalDate> also) {
    return sheet == null ? null : sheet.judge(SeriesProposal.of(days, treated, clock, dates, also));
  }

  /** A sample unless it was taken before this colony came into the hive. */
  private static @Nullable Infestation own(@Nullable Infestation sample, BroodClock clock) {
    return sample != null && sample.isOfColonySince(clock.foundedOn()) ? sample : null;
  }

  private static ColonyLoad load(
      Hive hive, BroodClock clock, ColonyLoad like, int mites, int bees, double recovery) {
    ColonyFrames frames = ColonyFrames.of(hive, clock);
    return new ColonyLoad(mites, bees, recovery, frames.bees(), frames.capped(), like.droneShare());
  }

  private Colony colony(UUID hiveId, BroodClock clock, SpacingQuestion question) {
    Apiary apiary = apiaries.byId(allHives.apiaryIdOf(hiveId));
    List<LocalDate> treated =
        treatmentDays.withOxalicAcid(apiary.id()).getOrDefault(hiveId, List.of()).stream()
            .filter(day -> !day.isAfter(clock.today()))
            .toList();
    int hives = allHives.count(apiary.id());
    return colony(apiary, kept(question, hiveId), clock, question, treated, hives);
  }

  /** Share of the acid that a hive keeps: as the question has it, else as the hive stands. */
  private double kept(SpacingQuestion question, UUID hiveId) {
    return question.shut() == null ? kept(allHives.byId(hiveId)) : question.shut().kept();
  }

  private double kept(Hive hive) {
    double kept = SealEstimate.of(hive, Release.USUAL, USUAL_SEAL_MINUTES, figures.seal()).kept();
    return Math.max(Dose.LEAST_KEPT, kept);
  }

  private Colony colony(
      Apiary apiary,
      double kept,
      BroodClock clock,
      SpacingQuestion question,
      List<LocalDate> treated,
      int hives) {
    Map<String, Double> own = figures.own();
    return new Colony(
        question.load(),
        clock,
        apiaryYears.of(apiary).dates(),
        MiteParameters.of(own),
        new Dose(question.gramsPerBox(), kept, question.curve().in(own)),
        question.ruleSheetId() == null ? null : ruleSheets.byId(question.ruleSheetId()),
        treated.isEmpty() ? null : treated.get(treated.size() - 1),
        SeriesProposal.byYear(treated),
        question.commonDate(),
        question.targetPercent() / 100,
        hives);
  }

  private Hive hive(Apiary apiary, UUID hiveId) {
    return allHives.in(apiary.id()).stream()
        .filter(each -> each.id().equals(hiveId))
        .findFirst()
        .orElseThrow(() -> Problem.missing(Missing.HIVE));
  }
}
