package tavrel.core.result;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.count.Infestation;
import tavrel.core.count.InfestationStatus;
import tavrel.core.mite.ColonyFit;

/**
 * What to do after a series, by rule, with its reasons.
 *
 * @param kind what
 * @param says it, told
 * @param reasons what speaks for it
 */
public record NextStep(Kind kind, Fact says, List<Fact> reasons) {

  /** What there is to do. */
  public enum Kind {
    STOP,
    ONE_MORE,
    FIND_LEAK,
    INFLOW,
    OTHER_METHOD,
    COUNT
  }

  /**
   * What is known after the rounds so far.
   *
   * @param sample the latest sample taken after them, or null
   * @param limit of the season, a fraction
   * @param trend how the drops went, or null where no board was read
   * @param fit the model fitted to this colony, or null
   * @param expectedKill share that dose and hive let expect
   * @param shielded share of the mites that were under cappings on the rounds' days, mean; null
   *     where the brood is not known
   * @param roundsLeft rounds of the series still to come
   * @param daysSinceLast days since the last round
   */
  public record Known(
      @Nullable Infestation sample,
      double limit,
      @Nullable DropTrend trend,
      @Nullable Fitted fit,
      double expectedKill,
      @Nullable Double shielded,
      int roundsLeft,
      long daysSinceLast) {

    InfestationStatus standing() {
      return sample == null ? InfestationStatus.CANNOT_TELL : sample.against(limit);
    }
  }

  /**
   * What the fit says.
   *
   * @param exposed mites on bees at the start
   * @param kill share of them that a round killed
   * @param inflow mites a day from outside
   * @param sureLeak how sure it is that a round killed clearly less than expected, 0 to 1
   * @param sureInflow how sure it is that many mites come in, 0 to 1
   */
  public record Fitted(
      ColonyFit.Estimate exposed,
      ColonyFit.Estimate kill,
      ColonyFit.Estimate inflow,
      double sureLeak,
      double sureInflow) {

    /** Reads a fit. */
    public static Fitted of(ColonyFit fit, double expectedKill) {
      return new Fitted(
          fit.exposed(),
          fit.kill(),
          fit.inflow(),
          fit.sureKillBelow(LEAKY * expectedKill),
          fit.sureInflowAbove(MUCH_INFLOW));
    }
  }

  /** A leak or an inflow is pointed at from so sure on, 0 to 1. */
  private static final double SURE = 0.6;

  /** A kill that is most likely below this share of what was expected points at a leak. */
  private static final double LEAKY = 0.75;

  /** More than this comes in only where something is wrong nearby, mites a day. */
  private static final double MUCH_INFLOW = 5;

  /** Brood is heavy where more than this share of the mites is shielded. */
  private static final double HEAVY = 0.6;

  /** A drop that does not fall below this share in a week stays high. */
  private static final double STAYS_HIGH = 0.8;

  /** Every piece of advice that a rule gives, the weightiest first; one at least. */
  public static List<NextStep> of(Known known) {
    List<NextStep> steps = new ArrayList<>();
    addLeak(steps, known);
    addInflow(steps, known);
    addMethod(steps, known);
    addRound(steps, known);
    addStop(steps, known);
    if (known.roundsLeft() == 0 && known.standing() == InfestationStatus.CANNOT_TELL) {
      steps.add(count(known));
    }
    return List.copyOf(steps);
  }

  private static NextStep count(Known known) {
    if (known.sample() != null) {
      return new NextStep(
          Kind.COUNT, Fact.of("next.countAgain"), List.of(afterwards(known.sample(), known)));
    }
    long wait = RoundsTogether.SETTLED - known.daysSinceLast();
    return new NextStep(
        Kind.COUNT,
        wait > 0 ? Fact.of("next.washLater").count("wait", wait, "day") : Fact.of("next.washNow"),
        List.of(Fact.of("next.noSampleSince")));
  }

  private static void addLeak(List<NextStep> steps, Known known) {
    Fitted fit = known.fit();
    if (fit != null && fit.sureLeak() >= SURE) {
      steps.add(
          new NextStep(
              Kind.FIND_LEAK,
              Fact.of("next.findLeak"),
              List.of(
                  Fact.of("next.killBelowExpected")
                      .share("low", fit.kill().low())
                      .share("high", fit.kill().high())
                      .share("expected", known.expectedKill()),
                  Fact.of("next.usualCauses"))));
    }
  }

  private static void addInflow(List<NextStep> steps, Known known) {
    Fitted fit = known.fit();
    if (fit != null && fit.sureInflow() >= SURE) {
      steps.add(
          new NextStep(
              Kind.INFLOW,
              Fact.of("next.lookForInflow"),
              List.of(
                  Fact.of("next.inflow")
                      .figure("low", Math.rint(fit.inflow().low()))
                      .figure("high", Math.rint(fit.inflow().high())),
                  Fact.of("next.roundsDoNotEndIt"))));
    }
  }

  private static void addMethod(List<NextStep> steps, Known known) {
    Double shielded = known.shielded();
    Double perWeek = known.trend() == null ? null : known.trend().perWeek();
    boolean staysHigh = perWeek != null && perWeek > STAYS_HIGH;
    boolean above = known.standing() == InfestationStatus.ABOVE;
    boolean low = known.standing() == InfestationStatus.BELOW;
    if (shielded != null && shielded > HEAVY && !low && (staysHigh || above)) {
      steps.add(
          new NextStep(
              Kind.OTHER_METHOD,
              Fact.of("next.broodIsHeavy"),
              List.of(
                  Fact.of("next.underCappings").share("shielded", shielded),
                  staysHigh && perWeek != null
                      ? Fact.of("next.dropStaysHigh").share("perWeek", perWeek)
                      : Fact.of("next.sampleAboveLimit"))));
    }
  }

  private static void addRound(List<NextStep> steps, Known known) {
    Infestation sample = known.sample();
    boolean dropsHigh = known.trend() != null && Boolean.FALSE.equals(known.trend().atNatural());
    boolean above = known.standing() == InfestationStatus.ABOVE;
    if (known.standing() == InfestationStatus.BELOW || (!above && !dropsHigh)) {
      return;
    }
    List<Fact> reasons = new ArrayList<>();
    if (above && sample != null) {
      reasons.add(afterwards(sample, known));
    }
    if (dropsHigh) {
      reasons.add(Fact.of("next.boardShowsMore"));
    }
    steps.add(
        new NextStep(
            Kind.ONE_MORE,
            known.roundsLeft() > 0 ? goOn(known) : Fact.of("next.oneMoreRound"),
            reasons));
  }

  private static void addStop(List<NextStep> steps, Known known) {
    Infestation sample = known.sample();
    if (steps.isEmpty() && known.roundsLeft() > 0) {
      steps.add(
          new NextStep(Kind.ONE_MORE, goOn(known), List.of(Fact.of("next.worksByLaterRounds"))));
    } else if (sample != null && known.standing() == InfestationStatus.BELOW && steps.isEmpty()) {
      steps.add(
          new NextStep(Kind.STOP, Fact.of("next.stopHere"), List.of(afterwards(sample, known))));
    }
  }

  private static Fact goOn(Known known) {
    return Fact.of("next.goOn").count("left", known.roundsLeft(), "round");
  }

  private static Fact afterwards(Infestation sample, Known known) {
    return Fact.of("next.sampleAfterwards").fact("sample", sample.told(known.limit()));
  }
}
