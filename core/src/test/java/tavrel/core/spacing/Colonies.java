package tavrel.core.spacing;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodDefaults;
import tavrel.core.brood.BroodEvent;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.Dose;
import tavrel.core.mite.KillCurve;
import tavrel.core.mite.MiteParameters;
import tavrel.core.rulesheet.RuleSheet;

/** Colonies for tests and benchmarks. */
public final class Colonies {

  public static final LocalDate TODAY = LocalDate.of(2026, 8, 18);
  public static final SeasonDates SEASON = SeasonDates.usual(false);

  private Colonies() {}

  /** Nine mites in 300 bees on ten frames, four frames of capped brood, a few drones. */
  public static Colony summer() {
    return colony(9, null, List.of());
  }

  /** The same, compared at a later date. */
  public static Colony summer(int daysAhead) {
    Colony colony = summer();
    return new Colony(
        colony.load(),
        colony.clock(),
        colony.season(),
        colony.figures(),
        colony.dose(),
        colony.sheet(),
        null,
        Map.of(),
        TODAY.plusDays(daysAhead),
        colony.target(),
        colony.hives());
  }

  static Colony colony(int mites, @Nullable RuleSheet sheet, List<BroodEvent> events) {
    return new Colony(
        new ColonyLoad(mites, 300, 1, 10, 4, 0.02),
        clock(events),
        SEASON,
        MiteParameters.USUAL,
        new Dose(2, 0.9, KillCurve.FIELD),
        sheet,
        null,
        Map.of(),
        TODAY.plusDays(45),
        0.02,
        12);
  }

  static BroodClock clock(List<BroodEvent> events) {
    return BroodClock.of(events, BroodDefaults.USUAL, SEASON, TODAY);
  }
}
