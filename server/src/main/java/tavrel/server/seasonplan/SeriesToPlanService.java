package tavrel.server.seasonplan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.apiaryyear.YearBand;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.seasonplan.LabelDays;
import tavrel.core.seasonplan.PlannedSeries;
import tavrel.core.seasonplan.SeasonPreset;
import tavrel.core.seasonplan.SeasonProblem;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.hive.Hives;
import tavrel.server.http.Problem;
import tavrel.server.register.TreatmentDays;
import tavrel.server.rulesheet.RuleSheets;
import tavrel.server.series.Series;
import tavrel.server.series.SeriesService;

/** What there is to plan: series that go on, and those that the keeper thinks of. */
@Service
public class SeriesToPlanService {

  /** Days that are planned unless the keeper says otherwise. */
  static final int USUAL_DAYS = 40;

  private static final int LOOSE = 2;
  private static final int AFTER_LAST = 14;
  private static final int USUAL_GAP = 7;

  /**
   * A series to plan, with the series that it is already, if any.
   *
   * @param toPlan what it is planned by
   * @param series the series that was agreed, or null
   * @param next number of its next round; above the last where all are done
   * @param lastDone day of the round before that, or null
   */
  record Planned(
      SeriesToPlan toPlan, @Nullable Series series, int next, @Nullable LocalDate lastDone) {

    boolean isOver() {
      return next > toPlan.rounds();
    }
  }

  private final SeriesToPlanMapper mapper;
  private final SeriesService series;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final ApiaryYears apiaryYears;
  private final TreatmentDays treatmentDays;
  private final RuleSheets ruleSheets;

  SeriesToPlanService(
      SeriesToPlanMapper mapper,
      SeriesService series,
      Apiaries apiaries,
      Hives allHives,
      ApiaryYears apiaryYears,
      TreatmentDays treatmentDays,
      RuleSheets ruleSheets) {
    this.mapper = mapper;
    this.series = series;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.apiaryYears = apiaryYears;
    this.treatmentDays = treatmentDays;
    this.ruleSheets = ruleSheets;
  }

  /** All, those over left out. */
  List<Planned> all() {
    Map<UUID, SeriesToPlan> kept =
        mapper.allSeries().stream()
            .collect(Collectors.toMap(SeriesToPlan::id, Function.identity()));
    List<Planned> found = new ArrayList<>();
    for (Series each : series.open(null)) {
      SeriesToPlan toPlan = kept.remove(each.id());
      found.add(going(toPlan == null ? usual(each) : toPlan, each));
    }
    for (SeriesToPlan toPlan : kept.values()) {
      if (!series.isEnded(toPlan.id())) {
        found.add(new Planned(toPlan, null, 1, null));
      }
    }
    return found.stream().filter(each -> !each.isOver()).toList();
  }

  /**
   * What is usual in an apiary.
   *
   * @param apiaryId where
   * @param apiary its name
   * @param hives that stand there
   * @param inSeries whether a series goes on there
   * @param presets what is usually done
   */
  public record YardPresets(
      UUID apiaryId, String apiary, int hives, boolean inSeries, List<SeasonPreset> presets) {}

  /** What is usual in every apiary with hives, by name. */
  public List<YardPresets> presets() {
    Map<UUID, Integer> hives = allHives.counts();
    Set<UUID> going = series.open(null).stream().map(Series::apiaryId).collect(Collectors.toSet());
    return apiaries.all().stream()
        .filter(apiary -> hives.containsKey(apiary.id()))
        .map(
            apiary ->
                new YardPresets(
                    apiary.id(),
                    apiary.name(),
                    hives.getOrDefault(apiary.id(), 0),
                    going.contains(apiary.id()),
                    SeasonPreset.of(apiaryYears.of(apiary).dates(), apiaries.today(apiary))))
        .toList();
  }

  /**
   * Keeps what series are planned by; all or none. The days that are planned are drawn out to reach
   * their ends, as far as they may.
   *
   * @throws InvalidValue if days are not on the label and no reason is given
   */
  @Transactional
  public void keep(List<SeriesToPlan> all) {
    all.forEach(this::keep);
    LocalDate last = all.stream().map(SeriesToPlan::lastDay).max(LocalDate::compareTo).orElse(null);
    if (last != null) {
      reach(apiaries.today(apiaries.byId(all.get(0).apiaryId())), last);
    }
  }

  private void reach(LocalDate today, LocalDate last) {
    DaySpan kept = mapper.span().orElse(new DaySpan(today, today.plusDays(USUAL_DAYS - 1L)));
    LocalDate from = kept.from().isBefore(today) ? today : kept.from();
    LocalDate most = from.plusDays(SeasonProblem.MOST_DAYS - 1L);
    LocalDate to = last.isAfter(most) ? most : last;
    if (to.isAfter(kept.to())) {
      mapper.keepSpan(new DaySpan(from, to));
    }
  }

  private void keep(SeriesToPlan toPlan) {
    Apiary apiary = apiaries.byId(toPlan.apiaryId());
    RuleSheet sheet = toPlan.ruleSheetId() == null ? null : ruleSheets.byId(toPlan.ruleSheetId());
    LocalDate open = LabelDays.openFrom(sheet, treatmentDays.withOxalicAcid(apiary.id()).values());
    LocalDate first =
        open != null && open.isAfter(toPlan.startOn()) && toPlan.offLabelReason() == null
            ? open
            : toPlan.startOn();
    List<LocalDate> days = new ArrayList<>();
    for (int round = 0; round < toPlan.rounds(); round++) {
      days.add(first.plusDays((long) round * toPlan.wantedGap()));
    }
    try {
      series.refuseOffLabel(
          apiary, toPlan.id(), toPlan.ruleSheetId(), days, toPlan.offLabelReason());
    } catch (InvalidValue refused) {
      throw new InvalidValue(
          refused.field(), "ofApiary", "{apiary}: {why}", apiary.name(), refused.told());
    }
    mapper.keep(toPlan);
  }

  /**
   * Takes a series out of the plan; one that was agreed is ended on its own page instead.
   *
   * @throws Problem 409 for a series that goes on
   */
  @Transactional
  void forget(UUID id) {
    if (series.open(null).stream().anyMatch(each -> each.id().equals(id))) {
      throw Problem.conflict(Fact.of("refused.seriesGoesOn"));
    }
    mapper.forgetVisits(id);
    mapper.forget(id);
  }

  /** As the plan sees it. */
  PlannedSeries planned(Planned planned, DaySpan span) {
    SeriesToPlan kept = planned.toPlan();
    Apiary apiary = apiaries.byId(kept.apiaryId());
    SeasonDates dates = apiaryYears.of(apiary).dates();
    RuleSheet sheet = kept.ruleSheetId() == null ? null : ruleSheets.byId(kept.ruleSheetId());
    LabelDays label =
        kept.offLabelReason() == null
            ? LabelDays.by(
                sheet,
                kept.gaps(),
                span,
                dates,
                apiaryYears.bands(kept.apiaryId()),
                treatmentDays.withOxalicAcid(kept.apiaryId()).values(),
                series.open(kept.apiaryId()).stream()
                    .filter(other -> !other.id().equals(kept.id()))
                    .flatMap(other -> other.toCome().stream())
                    .distinct()
                    .toList())
            : LabelDays.offLabel(kept.gaps());
    LocalDate today = apiaries.today(apiary);
    LocalDate from = kept.startOn().isBefore(today) ? today : kept.startOn();
    return new PlannedSeries(
        kept.id(),
        kept.apiaryId(),
        kept.name(),
        planned.next(),
        kept.rounds(),
        label.gaps(),
        new DaySpan(from, kept.lastDay().isBefore(from) ? from : kept.lastDay()),
        from,
        kept.finishBy(),
        kept.broodless() ? dates.broodlessAfter(from) : null,
        planned.lastDone(),
        label.closed(),
        label.roundsLeft());
  }

  /** Days on which nobody may come. */
  Map<LocalDate, Fact> daysOff(UUID apiaryId, DaySpan span) {
    Map<LocalDate, Fact> off = new HashMap<>();
    for (YearBand band : apiaryYears.bands(apiaryId)) {
      if (band.kind() == YearBand.Kind.OFF) {
        for (DaySpan days : band.in(span)) {
          for (LocalDate day = days.from(); !day.isAfter(days.to()); day = day.plusDays(1)) {
            off.put(day, Fact.of("closed.off").text("band", band.name()));
          }
        }
      }
    }
    return off;
  }

  private static Planned going(SeriesToPlan toPlan, Series series) {
    Series.SeriesRound next =
        series.rounds().stream().filter(round -> round.state().isToCome()).findFirst().orElse(null);
    LocalDate done =
        series.rounds().stream()
            .filter(round -> round.state().isUnderWayOrDone())
            .map(Series.SeriesRound::day)
            .max(LocalDate::compareTo)
            .orElse(null);
    return new Planned(toPlan, series, next == null ? toPlan.rounds() + 1 : next.number(), done);
  }

  /** What a series is planned by that was adopted on the bench: the gaps it was adopted with. */
  private static SeriesToPlan usual(Series series) {
    List<Series.SeriesRound> rounds = series.rounds();
    int gap = rounds.size() < 2 ? USUAL_GAP : wantedGap(rounds);
    LocalDate last = rounds.get(rounds.size() - 1).day();
    Series.SeriesRound next = series.next();
    LocalDate start = next == null ? last : next.day();
    return new SeriesToPlan(
        series.id(),
        series.apiaryId(),
        series.name(),
        rounds.size(),
        Math.max(1, gap - LOOSE),
        gap,
        gap + LOOSE,
        start,
        (last.isBefore(series.today()) ? series.today() : last)
            .plusDays(AFTER_LAST + (long) gap * rounds.size()),
        null,
        false,
        series.ruleSheetId(),
        series.gramsPerBox(),
        series.tool(),
        series.offLabelReason());
  }

  private static int wantedGap(List<Series.SeriesRound> rounds) {
    List<Integer> gaps = new ArrayList<>();
    for (int i = 1; i < rounds.size(); i++) {
      gaps.add(
          (int)
              Math.max(
                  1,
                  ChronoUnit.DAYS.between(rounds.get(i - 1).firstDay(), rounds.get(i).firstDay())));
    }
    gaps.sort(Integer::compare);
    return gaps.get(gaps.size() / 2);
  }
}
