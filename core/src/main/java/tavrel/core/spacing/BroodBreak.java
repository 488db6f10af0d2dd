package tavrel.core.spacing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.Worded;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodEvent;
import tavrel.core.brood.BroodState;
import tavrel.core.brood.FreeWindow;
import tavrel.core.mite.MiteModel;
import tavrel.core.mite.MiteState;
import tavrel.core.rulesheet.Judgement;

/**
 * One round while nothing is capped: what it would leave, and what it takes to get there.
 *
 * @param kind how the brood comes to be away
 * @param says what the keeper does
 * @param day the day of the round
 * @param left mites in all at the common date
 * @param wash mites a bee that a wash would find then, a fraction
 * @param shielded share of all mites under cappings on the day
 * @param judgement what the rule sheet says, or null without one
 */
public record BroodBreak(
    Kind kind,
    Fact says,
    LocalDate day,
    double left,
    double wash,
    double shielded,
    @Nullable Judgement judgement) {

  /** Days in a cage that free a colony of worker and drone brood. */
  private static final int CAGED = 24;

  /** How the brood comes to be away. */
  public enum Kind implements Worded {
    WINDOW,
    QUEEN_CAGED,
    BROOD_OUT
  }

  /** The breaks that this colony could have before the common date. */
  static List<BroodBreak> of(Colony colony) {
    List<BroodBreak> breaks = new ArrayList<>();
    LocalDate own = ownDay(colony.clock());
    LocalDate latest = colony.commonDate().minusDays(Colony.SETTLED);
    if (own != null && !own.isAfter(latest)) {
      boolean sure = colony.clock().on(own) == BroodState.FREE;
      breaks.add(
          one(
              colony,
              colony.model(colony.horizon() + 1),
              Kind.WINDOW,
              sure ? Fact.of("break.nothingCapped") : Fact.of("break.likelyNothingCapped"),
              own));
    }
    if (colony.clock().on(colony.today()) == BroodState.CAPPED) {
      addCaging(colony, latest, breaks);
      breaks.add(
          one(
              colony,
              colony.modelWithBroodTakenOut(colony.horizon() + 1),
              Kind.BROOD_OUT,
              Fact.of("break.takeFramesOut"),
              colony.today()));
    }
    return List.copyOf(breaks);
  }

  /** The best day of the window that is open or next: a settled one, sure before likely. */
  public static @Nullable LocalDate ownDay(BroodClock clock) {
    FreeWindow window = clock.workers();
    DaySpan days = window.sure() == null ? window.likely() : window.sure();
    if (days == null) {
      return null;
    }
    LocalDate best = days.from();
    boolean swarm =
        clock.events().stream()
            .anyMatch(
                event -> event instanceof BroodEvent.SwarmHived && event.day().equals(days.from()));
    if (swarm) {
      best = best.plusDays(2);
    }
    DaySpan drones = clock.withDrones().widest();
    if (drones != null && days.contains(drones.from()) && best.isBefore(drones.from())) {
      best = drones.from();
    }
    return best.isBefore(clock.today()) ? clock.today() : best;
  }

  private static void addCaging(Colony colony, LocalDate latest, List<BroodBreak> breaks) {
    LocalDate out = colony.today().plusDays(CAGED);
    if (out.isAfter(latest)) {
      return;
    }
    try {
      BroodClock caged =
          colony
              .clock()
              .and(new BroodEvent.QueenCaged(colony.today()), new BroodEvent.QueenReleased(out));
      Colony then = colony.withClock(caged);
      MiteModel model = then.model(colony.horizon() + 1);
      breaks.add(
          one(then, model, Kind.QUEEN_CAGED, Fact.of("break.cageQueen").day("out", out), out));
    } catch (InvalidValue noQueenToCage) {
      // A colony without a laying queen has no such break.
    }
  }

  private static BroodBreak one(
      Colony colony, MiteModel model, Kind kind, Fact says, LocalDate day) {
    Schedule single = new Schedule(List.of(day));
    int index = single.indexesFrom(colony.today())[0];
    int horizon = colony.horizon();
    double[] left = new double[3];
    model.left(
        colony.start(), SpacingSearch.kills(colony, single, horizon + 1), horizon, horizon, left);
    return new BroodBreak(
        kind,
        says,
        day,
        MiteForecast.tenths(left[1]),
        left[2] / model.bees().on(horizon),
        kind == Kind.BROOD_OUT ? 0 : shielded(colony, model, index),
        colony.judge(single));
  }

  /** Share under cappings on the eve of a day. */
  private static double shielded(Colony colony, MiteModel model, int index) {
    MiteState start = colony.start();
    if (index == 0) {
      return start.total() == 0 ? 0 : 1 - start.exposed() / start.total();
    }
    double[] eve = new double[3];
    model.left(start, new double[0], index - 1, index - 1, eve);
    return eve[1] == 0 ? 0 : Math.max(0, 1 - eve[2] / eve[1]);
  }
}
