package tavrel.server.seasonplan;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.seasonplan.Gaps;
import tavrel.core.seasonplan.PlannedSeries;

/**
 * What a series is planned by, as the keeper enters it.
 *
 * @param id key; the series gets the same when the plan is agreed
 * @param apiaryId where
 * @param name what the keeper calls it
 * @param rounds how many
 * @param leastGap fewest days between rounds
 * @param wantedGap wanted days between rounds
 * @param mostGap most days between rounds
 * @param startOn day on which the first is wanted
 * @param lastDay last day on which any may be
 * @param finishBy day by which the last should be done, or null
 * @param broodless whether days without capped brood are hoped for
 * @param ruleSheetId the sheet to judge it by, or null
 * @param gramsPerBox acid dihydrate a box, g
 * @param tool the tool's name
 * @param offLabelReason why, where it is not on the label; otherwise null
 */
public record SeriesToPlan(
    UUID id,
    UUID apiaryId,
    String name,
    int rounds,
    int leastGap,
    int wantedGap,
    int mostGap,
    LocalDate startOn,
    LocalDate lastDay,
    @Nullable LocalDate finishBy,
    boolean broodless,
    @Nullable UUID ruleSheetId,
    double gramsPerBox,
    String tool,
    @Nullable String offLabelReason) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public SeriesToPlan {
    name = InvalidValue.text("name", name, 80);
    tool = InvalidValue.text("tool", tool, 60);
    InvalidValue.inRange("rounds", rounds, 1, PlannedSeries.MOST_ROUNDS, "rounds");
    InvalidValue.inRange("gramsPerBox", gramsPerBox, 0.1, 10, "g a box");
    new Gaps(leastGap, wantedGap, mostGap);
    if (lastDay.isBefore(startOn)) {
      throw new InvalidValue(
          "lastDay", "liesBeforeDayOn", "lies before the day on which it is to begin");
    }
    if (startOn.plusDays((long) leastGap * (rounds - 1)).isAfter(lastDay)) {
      throw new InvalidValue(
          "lastDay",
          "leavesNoRoomRounds",
          "leaves no room: {rounds} rounds with at least {leastGap} days between them need {rounds2} days",
          rounds,
          leastGap,
          leastGap * (rounds - 1));
    }
    offLabelReason =
        offLabelReason == null || offLabelReason.isBlank()
            ? null
            : InvalidValue.text("offLabelReason", offLabelReason, 500);
  }

  Gaps gaps() {
    return new Gaps(leastGap, wantedGap, mostGap);
  }
}
