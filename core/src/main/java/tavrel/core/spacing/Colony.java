package tavrel.core.spacing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.Dose;
import tavrel.core.mite.MiteModel;
import tavrel.core.mite.MiteParameters;
import tavrel.core.mite.MiteState;
import tavrel.core.rulesheet.Judgement;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.SeriesProposal;

/**
 * All that the spacing of one colony's rounds is reckoned from.
 *
 * @param load its bees, brood and mites
 * @param clock its brood clock
 * @param season the dates of its apiary
 * @param figures the model's figures
 * @param dose what each round gives
 * @param sheet the rule sheet that plans are held against, or null
 * @param lastTreated day of the last vapour treatment on record, or null
 * @param treated vapour treatments on record, by calendar year
 * @param commonDate the date at which schedules are compared, 20 to 240 days ahead
 * @param target infestation of the bees that should not be passed then, a fraction
 * @param hives hives that are treated on a visit, for the time it takes
 */
public record Colony(
    ColonyLoad load,
    BroodClock clock,
    SeasonDates season,
    MiteParameters figures,
    Dose dose,
    @Nullable RuleSheet sheet,
    @Nullable LocalDate lastTreated,
    Map<Integer, Integer> treated,
    LocalDate commonDate,
    double target,
    int hives) {

  /** Days from the last round to the state that is looked at after it. */
  public static final int AFTER = 24;

  /** A wash tells of a series only so long after its last round, days. */
  public static final int SETTLED = 14;

  /** Setting up and clearing away, minutes a visit, however small the apiary. */
  static final int FIXED_MINUTES = 30;

  /** Time a hive, minutes a visit. */
  static final double HIVE_MINUTES = 2;

  /**
   * @throws InvalidValue if the date or the target is out of reason
   */
  public Colony {
    long ahead = ChronoUnit.DAYS.between(clock.today(), commonDate);
    if (ahead < 20 || ahead > 240) {
      throw new InvalidValue(
          "commonDate",
          "mustLieDaysAhead",
          "must lie 20 to 240 days ahead: from {plusDays} to {plusDays2}",
          clock.today().plusDays(20),
          clock.today().plusDays(240));
    }
    InvalidValue.inRange("target", 100 * target, 0.05, 20, "% of bees");
  }

  /** The first day that is run. */
  public LocalDate today() {
    return clock.today();
  }

  /** Days from today to the common date. */
  int horizon() {
    return (int) ChronoUnit.DAYS.between(clock.today(), commonDate);
  }

  /** The model from today on, for a number of days. */
  MiteModel model(int days) {
    return load.days(clock, today(), season, figures, days, false).model(figures);
  }

  /** The same with all capped frames taken out today. */
  MiteModel modelWithBroodTakenOut(int days) {
    return load.days(clock, today(), season, figures, days, true).model(figures);
  }

  /** Where the mites are on the eve. */
  MiteState start() {
    return load.divided(clock, figures).times(load.exposed(figures));
  }

  /** The same colony with another brood clock. */
  Colony withClock(BroodClock other) {
    return new Colony(
        load, other, season, figures, dose, sheet, lastTreated, treated, commonDate, target, hives);
  }

  /** Holds days against the rule sheet; null where there is none. */
  @Nullable Judgement judge(Schedule schedule) {
    return sheet == null
        ? null
        : sheet.judge(
            new SeriesProposal(
                schedule.days(),
                lastTreated,
                treated,
                clock::on,
                season::supersOn,
                season::supersGoOnAfter,
                List.of()));
  }

  /** Minutes that a number of visits takes. */
  double minutes(int visits) {
    return visits * (FIXED_MINUTES + HIVE_MINUTES * hives);
  }
}
