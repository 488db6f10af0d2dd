package tavrel.server.series;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.rulesheet.Judgement;
import tavrel.core.rulesheet.Verdict;
import tavrel.core.spacing.PatternOutcome;
import tavrel.core.spacing.Respacing;
import tavrel.server.http.Problem;
import tavrel.server.spacing.SpacingQuestion;
import tavrel.server.spacing.SpacingService;

/** How a series can go on after a round was missed. */
@Service
class SeriesRespacing {

  /**
   * A way to go on, with its effect on the colony that the series was reckoned on.
   *
   * @param way which
   * @param days all days that would then be
   * @param left mites in all at the common date, a model estimate; null for a series that was not
   *     reckoned on a bench
   * @param wash mites a bee that a wash would find then, a fraction, or null
   * @param commonDate that date, or null
   * @param verdict what the rule sheet says, or null without one
   * @param labelSays the line that decides it, or null
   */
  record WayOn(
      Respacing.Way way,
      List<LocalDate> days,
      @Nullable Double left,
      @Nullable Double wash,
      @Nullable LocalDate commonDate,
      @Nullable Verdict verdict,
      @Nullable Fact labelSays) {}

  /**
   * A miss to make good.
   *
   * @param number the round that was missed
   * @param onto the day on which it can be done
   * @param way how to go on; null to only ask
   * @param offLabelReason why, where that is not on the label
   */
  record Miss(
      int number, LocalDate onto, Respacing.@Nullable Way way, @Nullable String offLabelReason) {}

  private final SeriesService all;
  private final SpacingService spacing;
  private final SeriesBasis basis;

  SeriesRespacing(SeriesService all, SpacingService spacing, SeriesBasis basis) {
    this.all = all;
    this.spacing = spacing;
    this.basis = basis;
  }

  /** The ways to go on after a miss, with their effects. */
  List<WayOn> ways(UUID id, Miss miss) {
    SeriesMapper.Kept kept = all.kept(id);
    Series series = all.whole(kept);
    SeriesJudge.HivesHeld held = all.held(series);
    List<WayOn> ways = new ArrayList<>();
    for (Respacing way : respacings(series, miss)) {
      SpacingQuestion bench = basis.read(kept.bench()).orElse(null);
      PatternOutcome outcome =
          bench == null || kept.benchHiveId() == null
              ? null
              : spacing.outcome(kept.benchHiveId(), kept.adoptedOn(), bench, way.days());
      Judgement judgement = held.on(way.days());
      ways.add(
          new WayOn(
              way.way(),
              way.days(),
              outcome == null ? null : outcome.left(),
              outcome == null ? null : outcome.wash(),
              bench == null ? null : bench.commonDate(),
              judgement == null ? null : judgement.verdict(),
              Judgement.decidedBy(judgement)));
    }
    return ways;
  }

  /**
   * Re-spaces a series.
   *
   * @throws InvalidValue if there is no such way, or off-label days have no reason
   */
  @Transactional
  public Series respace(UUID id, Miss miss) {
    Series series = all.byId(id);
    Respacing chosen =
        respacings(series, miss).stream()
            .filter(way -> way.way() == miss.way())
            .findFirst()
            .orElseThrow(
                () ->
                    new InvalidValue(
                        "way",
                        "notOpenHereChoose",
                        "is not open here; choose one that is offered"));
    return all.place(series, series.days().respaced(chosen, miss.number()), miss.offLabelReason());
  }

  private static List<Respacing> respacings(Series series, Miss miss) {
    if (series.rounds().stream()
        .anyMatch(round -> round.number() == miss.number() && round.state().isUnderWayOrDone())) {
      throw Problem.conflict(Fact.of("refused.roundUnderWay").figure("round", miss.number()));
    }
    return series.days().ways(miss.number(), miss.onto());
  }
}
