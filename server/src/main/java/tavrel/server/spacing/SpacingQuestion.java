package tavrel.server.spacing;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.CurveChoice;
import tavrel.core.mite.HiveShut;

/**
 * What the bench reckons with.
 *
 * @param load the colony's bees, brood and mites
 * @param gramsPerBox acid dihydrate a box, g
 * @param shut how tight the hive is, or null for the seal estimate of the hive as it stands
 * @param curve from dose to kill
 * @param ruleSheetId the sheet that plans are held against, or null
 * @param commonDate the date at which schedules are compared
 * @param targetPercent infestation that should not be passed then, percent of bees
 */
public record SpacingQuestion(
    ColonyLoad load,
    double gramsPerBox,
    @Nullable HiveShut shut,
    CurveChoice curve,
    @Nullable UUID ruleSheetId,
    LocalDate commonDate,
    double targetPercent) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public SpacingQuestion {
    InvalidValue.inRange("gramsPerBox", gramsPerBox, 0.1, 10, "g a box");
    InvalidValue.inRange("targetPercent", targetPercent, 0.05, 20, "% of bees");
  }

  /** The same for another colony. */
  SpacingQuestion with(ColonyLoad other) {
    return new SpacingQuestion(
        other, gramsPerBox, shut, curve, ruleSheetId, commonDate, targetPercent);
  }
}
