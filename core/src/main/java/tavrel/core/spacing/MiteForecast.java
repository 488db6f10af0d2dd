package tavrel.core.spacing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.mite.Bees;
import tavrel.core.mite.Dose;
import tavrel.core.mite.MiteBands;
import tavrel.core.mite.MiteModel;
import tavrel.core.mite.MiteRun;
import tavrel.core.mite.MiteState;
import tavrel.core.rulesheet.Judgement;

/**
 * One colony under one schedule, day by day, with 80 % bands. A model estimate.
 *
 * @param from first day
 * @param exposed mites on bees at the end of each day
 * @param capped mites under cappings at the end of each day
 * @param killed mites killed by treatment up to the end of each day
 * @param untreated all mites if nothing were done
 * @param low all mites, lower edge of the band
 * @param high all mites, upper edge of the band
 * @param rounds each round
 * @param atCommonDate the state at the common date
 * @param after the state 24 days after the last round, or null without a round
 * @param ruleOfThumb how it stands to the rule of thumb
 * @param judgement what the rule sheet says, or null without one
 * @param visits how many
 * @param minutes what they take, an estimate
 * @param killShare share of the exposed mites that a round kills
 * @param notes what to bear in mind with these figures, in sentences
 */
public record MiteForecast(
    LocalDate from,
    List<Double> exposed,
    List<Double> capped,
    List<Double> killed,
    List<Double> untreated,
    List<Double> low,
    List<Double> high,
    List<RoundEffect> rounds,
    MitesThen atCommonDate,
    @Nullable MitesThen after,
    RuleOfThumb ruleOfThumb,
    @Nullable Judgement judgement,
    int visits,
    double minutes,
    double killShare,
    List<Fact> notes) {

  /**
   * What one round does.
   *
   * @param day when
   * @param killed mites killed: what the boards would show if all of them fell there
   * @param killedLow lower edge of the band
   * @param killedHigh upper edge of the band
   * @param shielded share of all mites that were under cappings that day
   */
  public record RoundEffect(
      LocalDate day, double killed, double killedLow, double killedHigh, double shielded) {}

  /**
   * Mites at the end of a day.
   *
   * @param day when
   * @param left mites in all
   * @param leftLow lower edge of the band
   * @param leftHigh upper edge of the band
   * @param wash mites a bee that a wash would find, a fraction
   * @param untreated mites in all if nothing were done
   */
  public record MitesThen(
      LocalDate day, double left, double leftLow, double leftHigh, double wash, double untreated) {}

  /** Runs a schedule, 400 times for its bands. */
  public static MiteForecast of(Colony colony, Schedule schedule) {
    LocalDate today = colony.today();
    int[] rounds = schedule.within(today, colony.commonDate()).indexesFrom(today);
    int horizon = colony.horizon();
    int after = rounds.length == 0 ? 0 : rounds[rounds.length - 1] + Colony.AFTER;
    int days = Math.max(horizon, after) + 1;
    MiteModel model = colony.model(days);
    MiteState unit = colony.load().divided(colony.clock(), colony.figures());
    MiteState start = unit.times(colony.load().exposed(colony.figures()));
    double kill = colony.dose().kill();
    MiteRun run = model.run(start, Dose.byDay(kill, rounds, days), 0, days);
    MiteRun left = model.run(start, new double[0], 0, days);
    MiteBands bands =
        MiteBands.of(model, unit, colony.load(), colony.figures(), colony.dose(), rounds, days);
    List<RoundEffect> each = new ArrayList<>();
    for (int i = 0; i < rounds.length; i++) {
      int eve = rounds[i] - 1;
      double total = eve < 0 ? start.total() : run.total(eve);
      double onBees = eve < 0 ? start.exposed() : run.exposed(eve);
      each.add(
          new RoundEffect(
              schedule.days().get(i),
              tenths(run.killed(rounds[i])),
              tenths(bands.killLow(i)),
              tenths(bands.killHigh(i)),
              total == 0 ? 0 : 1 - onBees / total));
    }
    double[] sum = new double[1];
    return new MiteForecast(
        today,
        byDay(horizon, run::exposed),
        byDay(horizon, day -> run.inWorker(day) + run.inDrone(day)),
        byDay(horizon, day -> sum[0] += run.killed(day)),
        byDay(horizon, left::total),
        byDay(horizon, bands::low),
        byDay(horizon, bands::high),
        List.copyOf(each),
        state(colony, model.bees(), run, left, bands, horizon),
        rounds.length == 0 ? null : state(colony, model.bees(), run, left, bands, after),
        RuleOfThumb.of(schedule, colony.load().droneShare() > 0),
        colony.judge(schedule),
        schedule.rounds(),
        colony.minutes(schedule.rounds()),
        kill,
        notes(colony, model.bees(), run, horizon));
  }

  /** With so much less on the bees than a wash usually meets, drone brood is worth a word. */
  private static final double SHIELDED_BY_DRONES = 0.85;

  private static List<Fact> notes(Colony colony, Bees bees, MiteRun run, int horizon) {
    List<Fact> notes = new ArrayList<>();
    long now = hundreds(bees.seen());
    long then = hundreds(bees.on(horizon));
    if (colony.figures().life().follow() && now != then) {
      notes.add(
          Fact.of("forecast.beesFollow")
              .figure("now", now)
              .figure("then", then)
              .day("day", colony.commonDate()));
    }
    if (bees.drifts()) {
      notes.add(Fact.of("forecast.beesDrift"));
    }
    if (colony.load().droneShare() > 0
        && run.exposed(0) < (1 - SHIELDED_BY_DRONES) * run.total(0)) {
      notes.add(Fact.of("forecast.droneBrood"));
    }
    notes.add(Fact.of("forecast.meetsMore"));
    return List.copyOf(notes);
  }

  private static long hundreds(double bees) {
    return 100 * Math.round(bees / 100);
  }

  private static MitesThen state(
      Colony colony, Bees bees, MiteRun run, MiteRun untreated, MiteBands bands, int day) {
    return new MitesThen(
        colony.today().plusDays(day),
        tenths(run.total(day)),
        tenths(bands.low(day)),
        tenths(bands.high(day)),
        run.exposed(day) / bees.on(day),
        tenths(untreated.total(day)));
  }

  private static List<Double> byDay(int horizon, java.util.function.IntToDoubleFunction value) {
    return IntStream.rangeClosed(0, horizon)
        .mapToObj(day -> tenths(value.applyAsDouble(day)))
        .toList();
  }

  static double tenths(double value) {
    return Math.round(value * 10) / 10.0;
  }
}
