package tavrel.core.spacing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.mite.MiteModel;
import tavrel.core.mite.MiteState;
import tavrel.core.rulesheet.Judgement;
import tavrel.core.rulesheet.Verdict;

/**
 * What a pattern would come to on one colony, at the common date. A model estimate.
 *
 * @param id short key, by which the screens name it
 * @param days days of its rounds; those beyond the common date are left out
 * @param left mites in all at the common date
 * @param after mites in all 24 days after its last round
 * @param wash mites a bee that a wash would find at the common date, a fraction
 * @param perVisit mites fewer than untreated at the common date, by visit
 * @param minutes what the visits take, an estimate
 * @param reaches whether the wash would stay within the keeper's target
 * @param settled whether the last round lies two weeks before the common date
 * @param ruleOfThumb how it stands to the rule of thumb
 * @param verdict what the rule sheet says, or null without one
 * @param labelSays the line that decides it, or null
 */
public record PatternOutcome(
    String id,
    List<LocalDate> days,
    double left,
    double after,
    double wash,
    double perVisit,
    double minutes,
    boolean reaches,
    boolean settled,
    RuleOfThumb ruleOfThumb,
    @Nullable Verdict verdict,
    @Nullable Fact labelSays) {

  /**
   * Every pattern from one start, and the broodless single and mixed year where the colony has a
   * window.
   */
  static List<PatternOutcome> all(Colony colony, LocalDate start) {
    LocalDate end = colony.commonDate().plusDays(1);
    List<PatternOutcome> outcomes = new ArrayList<>();
    for (SpacingPattern pattern : SpacingPattern.all()) {
      outcomes.add(of(colony, pattern.id(), pattern.from(start, end)));
    }
    LocalDate own = BroodBreak.ownDay(colony.clock());
    if (own != null && own.isBefore(end)) {
      outcomes.add(of(colony, "single", new Schedule(List.of(own))));
      Schedule weekly = Schedule.every(start, 3, 7);
      if (own.isAfter(weekly.days().get(2))) {
        List<LocalDate> year = new ArrayList<>(weekly.days());
        year.add(own);
        outcomes.add(of(colony, "mixed", new Schedule(year)));
      }
    }
    return List.copyOf(outcomes);
  }

  /** One schedule's outcome. */
  public static PatternOutcome of(Colony colony, String id, Schedule schedule) {
    int[] rounds = schedule.indexesFrom(colony.today());
    int horizon = colony.horizon();
    int last = rounds.length == 0 ? 0 : rounds[rounds.length - 1];
    int days = Math.max(horizon, last + Colony.AFTER) + 1;
    MiteModel model = colony.model(days);
    MiteState start = colony.start();
    double[] left = new double[3];
    double[] untreated = new double[3];
    model.left(
        start, SpacingSearch.kills(colony, schedule, days), last + Colony.AFTER, horizon, left);
    model.left(start, new double[0], horizon, horizon, untreated);
    Judgement judgement = colony.judge(schedule);
    double wash = left[2] / model.bees().on(horizon);
    boolean settled = last <= horizon - Colony.SETTLED;
    return new PatternOutcome(
        id,
        schedule.days(),
        MiteForecast.tenths(left[1]),
        MiteForecast.tenths(left[0]),
        wash,
        rounds.length == 0 ? 0 : MiteForecast.tenths((untreated[1] - left[1]) / rounds.length),
        colony.minutes(rounds.length),
        settled && wash <= colony.target(),
        settled,
        RuleOfThumb.of(schedule, colony.load().droneShare() > 0),
        judgement == null ? null : judgement.verdict(),
        Judgement.decidedBy(judgement));
  }
}
