package tavrel.core.run;

import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/** What a run does not take without the people check, or without a reason. */
public final class Guard {

  private Guard() {}

  /** A device's clock may run ahead of the server's by this much. */
  private static final Duration AHEAD = Duration.ofMinutes(2);

  /** Events may be this much older than the plan, for a device whose clock runs behind. */
  private static final Duration BEFORE_PLAN = Duration.ofHours(1);

  /**
   * Holds a moment that a device tells against what can be.
   *
   * @throws InvalidValue if it lies in the future or before the round was planned
   */
  public static void checkMoment(Instant at, Instant plannedAt, Instant now) {
    if (at.isAfter(now.plus(AHEAD)) || at.isBefore(plannedAt.minus(BEFORE_PLAN))) {
      throw new InvalidValue(
          "at",
          "liesFutureOrBefore",
          "lies in the future or before the round was planned; set the device's clock");
    }
  }

  /**
   * Looks at an event before it is kept.
   *
   * @param event about to be kept
   * @param hive what the round plans for its hive, or null where it concerns the crew
   * @param states of the hives without it
   * @param crew what the log says of the crew without it
   * @param plan of the round: seal period and tools
   * @param confirmedAt when the latest people check was confirmed, or null where there was none
   * @return what stands against it; empty if nothing does
   */
  public static Optional<Fact> refusal(
      RunEvent event,
      @Nullable PlannedHive hive,
      Map<UUID, HiveState> states,
      CrewLog crew,
      RunPlan plan,
      @Nullable Instant confirmedAt) {
    if (event.kind() == EventKind.PUT_OFF) {
      return putOff(plan, states);
    }
    return hive == null
        ? Optional.empty()
        : refusal(
            event,
            states.getOrDefault(hive.hiveId(), HiveState.UNTOUCHED),
            hive,
            plan,
            crew.checked(confirmedAt, event.at()));
  }

  /**
   * Looks at an event of a hive before it is kept.
   *
   * @param event about to be kept
   * @param state of its hive without it
   * @param hive what the round plans for the hive
   * @param plan of the round: seal period and tool
   * @param peopleChecked whether people had been checked for it
   * @return what stands against it; empty if nothing does
   */
  public static Optional<Fact> refusal(
      RunEvent event, HiveState state, PlannedHive hive, RunPlan plan, boolean peopleChecked) {
    return switch (event.kind()) {
      case LOADED -> fit(event, hive, plan);
      case BURN_STARTED -> fit(event, hive, plan).or(() -> burn(event, state, hive, peopleChecked));
      case OPENED -> open(event, state, hive, plan);
      case SKIPPED ->
          state.treated() || state.stage() == Stage.BURNING
              ? Optional.of(Fact.of("refused.hasHadAcid"))
              : Optional.empty();
      case ABORTED ->
          state.stage() == Stage.BURNING || state.stage() == Stage.STOPPED
              ? Optional.empty()
              : Optional.of(Fact.of("refused.nothingBurns"));
      default -> Optional.empty();
    };
  }

  /**
   * Looks at putting the rest off: nothing may be shut, and no tool in a hive.
   *
   * @return what stands against it; empty if nothing does
   */
  public static Optional<Fact> putOff(RunPlan plan, Map<UUID, HiveState> states) {
    long shut =
        plan.hives().stream()
            .filter(hive -> !hive.leftOpen())
            .map(hive -> states.getOrDefault(hive.hiveId(), HiveState.UNTOUCHED))
            .filter(state -> state.shutSince() != null)
            .count();
    return shut == 0
        ? Optional.empty()
        : Optional.of(Fact.of("refused.stillShut").count("shut", shut, "hive"));
  }

  private static Optional<Fact> fit(RunEvent event, PlannedHive hive, RunPlan plan) {
    Integer number = event.tool();
    if (number == null) {
      return Optional.empty();
    }
    if (plan.tools().stream().noneMatch(tool -> tool.number() == number)) {
      return Optional.of(Fact.of("refused.toolNotInRun"));
    }
    Fact unfit = plan.tool(number).unfit().get(hive.hiveId());
    return Optional.ofNullable(unfit)
        .map(
            why ->
                Fact.of("refused.unfitTool")
                    .text("tool", plan.tool(number).name())
                    .fact("why", why));
  }

  private static Optional<Fact> burn(
      RunEvent event, HiveState state, PlannedHive hive, boolean peopleChecked) {
    if (!peopleChecked) {
      return Optional.of(Fact.of("refused.peopleCheckOpen"));
    }
    boolean beyondPlan = event.load() != null && event.load() > hive.loads();
    boolean again =
        state.stage().isDone()
            || state.stage() == Stage.STOPPED
            || (hive.leftOpen() && state.stage() == Stage.SEALED && !more(state, hive));
    if ((beyondPlan || again) && event.reason() == null) {
      return Optional.of(
          again
              ? Fact.of("refused.finished")
              : Fact.of("refused.beyondPlan").count("planned", hive.loads(), "load"));
    }
    return Optional.empty();
  }

  private static boolean more(HiveState state, PlannedHive hive) {
    return state.loadsEnded().size() < hive.loads();
  }

  private static Optional<Fact> open(
      RunEvent event, HiveState state, PlannedHive hive, RunPlan plan) {
    if (event.reason() != null
        || hive.leftOpen()
        || state.stage() == Stage.OPEN
        || state.stage() == Stage.STOPPED) {
      return Optional.empty();
    }
    if (state.stageIn(hive, plan) == Stage.RELOADING) {
      return Optional.of(
          Fact.of("refused.loadsToCome")
              .figure("given", state.loadsEnded().size())
              .count("planned", hive.loads(), "load"));
    }
    Instant from = state.openFrom(plan.seal());
    if (from == null) {
      return Optional.of(Fact.of("refused.sealNotBegun"));
    }
    return event.at().isBefore(from)
        ? Optional.of(
            Fact.of("refused.shutForAnother")
                .seconds("left", Duration.between(event.at(), from).toSeconds()))
        : Optional.empty();
  }
}
