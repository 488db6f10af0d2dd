package tavrel.core.mite;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;

/**
 * A colony's bees, brood and mites today, as counted and looked at.
 *
 * @param mites found in the sample
 * @param sampleBees bees in the sample
 * @param recovery share of the mites that the method finds, above 0 to 1
 * @param framesOfBees deep frames fully covered, 0.5 to 60
 * @param cappedFrames deep frames of capped brood at an ordinary time of laying, 0 to 30
 * @param droneShare share of the capped cells that are drone cells, 0 to 0.5
 */
public record ColonyLoad(
    int mites,
    int sampleBees,
    double recovery,
    double framesOfBees,
    double cappedFrames,
    double droneShare) {

  /**
   * How long the model runs before today so that its mites divide as the brood's history has it.
   */
  static final int RUN_IN = 150;

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public ColonyLoad {
    if (sampleBees < 1) {
      throw new InvalidValue(
          "sampleBees", "countAtLeastBee", "is {sampleBees}; count at least 1 bee", sampleBees);
    }
    if (mites > sampleBees) {
      throw new InvalidValue(
          "mites",
          "mitesOnBeesMore2",
          "{mites} mites on {sampleBees} bees: more mites than bees",
          mites,
          sampleBees);
    }
    InvalidValue.inRange("mites", mites, 0, 10_000, "mites");
    InvalidValue.inRange("recovery", recovery, 0.2, 1, "of the mites");
    InvalidValue.inRange("framesOfBees", framesOfBees, 0.5, 60, "frames of bees");
    InvalidValue.inRange("cappedFrames", cappedFrames, 0, 30, "frames of capped brood");
    InvalidValue.inRange("droneShare", droneShare, 0, 0.5, "of the capped cells");
  }

  /** Adult bees. */
  public double bees(MiteParameters figures) {
    return framesOfBees * figures.beesPerFrame();
  }

  /** Mites a bee by the sample, what its method misses added; never more than one. */
  public double share() {
    return Math.min(1, (double) mites / sampleBees / recovery);
  }

  /** Mites on bees today, from the sample's share. */
  public double exposed(MiteParameters figures) {
    return share() * bees(figures);
  }

  /** Worker cells capped on a day that caps. */
  public double workerCells(MiteParameters figures) {
    return cells(figures) * (1 - droneShare) / MiteState.WORKER_DAYS;
  }

  /** Drone cells capped on a day that caps. */
  public double droneCells(MiteParameters figures) {
    return cells(figures) * droneShare / MiteState.DRONE_DAYS;
  }

  private double cells(MiteParameters figures) {
    return cappedFrames * figures.cellsPerFrame() * figures.coverShare();
  }

  /**
   * Brood and bees from a day on: the bees follow the brood of the days before and of those to
   * come, unless the figures hold them.
   *
   * @param clock what is known of the brood
   * @param from first day; the bees are those of its eve
   * @param dates of the apiary's year, for winter bees
   * @param days how many
   * @param takenOut whether all capped frames are taken out on the first day
   */
  public ColonyDays days(
      BroodClock clock,
      LocalDate from,
      SeasonDates dates,
      MiteParameters figures,
      int days,
      boolean takenOut) {
    int before = MiteState.WORKER_DAYS;
    CellFlow whole =
        CellFlow.of(
            clock,
            from.minusDays(before),
            before + days,
            workerCells(figures),
            droneCells(figures));
    CellFlow flow = takenOut ? whole.from(before).clearedOn(0) : whole.from(before);
    BeeLife life = figures.life();
    if (!life.follow()) {
      return ColonyDays.held(flow, bees(figures));
    }
    Bees.Winter winter = Bees.Winter.of(dates, from, days, life);
    return new ColonyDays(
        flow, Bees.following(bees(figures), whole.workers, flow.clearedOn(), winter, life));
  }

  /**
   * How one mite on bees today divides over bees and brood: the model run through the brood's own
   * history.
   */
  public MiteState divided(BroodClock clock, MiteParameters figures) {
    MiteState unit = unit(clock, figures);
    Fact why = refusal(unit, figures);
    if (why != null) {
      throw new InvalidValue("cappedFrames", "cannotAllBeTrue", "{why}", why);
    }
    return unit;
  }

  /** Why bees, brood and mites as they were seen cannot all be true; null where they can. */
  public @Nullable Fact refusal(BroodClock clock, MiteParameters figures) {
    return refusal(unit(clock, figures), figures);
  }

  /** No colony lives with more than a mite on each bee. */
  private @Nullable Fact refusal(MiteState unit, MiteParameters figures) {
    double bees = bees(figures);
    double share = Math.max(share(), 0.5 / sampleBees / recovery);
    double perBee = share * unit.total();
    if (perBee <= 1) {
      return null;
    }
    Fact told =
        Double.isFinite(perBee) && perBee < 100
            ? Fact.of("colony.hidesSoMany").figure("perBee", Math.round(10 * perBee) / 10.0)
            : Fact.of("colony.hidesVeryMany");
    return told.figure("bees", Math.rint(bees));
  }

  private MiteState unit(BroodClock clock, MiteParameters figures) {
    LocalDate from = clock.today().minusDays(RUN_IN);
    CellFlow past = CellFlow.of(clock, from, RUN_IN, workerCells(figures), droneCells(figures));
    MiteState end =
        new MiteModel(figures.closed(), bees(figures), past)
            .run(MiteState.onBees(1_000), new double[0], 0, RUN_IN)
            .end();
    return end.exposed() > 0
        ? end.times(1 / end.exposed())
        : MiteState.onBees(Double.POSITIVE_INFINITY);
  }
}
