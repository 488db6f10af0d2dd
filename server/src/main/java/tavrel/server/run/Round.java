package tavrel.server.run;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.burn.ToolFamily;
import tavrel.core.dose.MediumBoxes;
import tavrel.core.dose.Per;
import tavrel.core.hive.SupersPlan;
import tavrel.core.measure.GramsOf;
import tavrel.core.measure.Spoon;
import tavrel.core.run.SealTime;

/**
 * One treatment day of one apiary, as planned.
 *
 * @param id made on the device that planned it
 * @param apiaryId where
 * @param day the day there
 * @param ruleSheetId the sheet it was judged by
 * @param grams amount, see {@code per} and {@code gramsOf}
 * @param per a box or a hive
 * @param gramsOf what the grams are of
 * @param mediums how medium boxes count
 * @param strength of the product, fraction
 * @param spoon the spoon, or null for a scale
 * @param step grams of product in one step of the measure
 * @param capacity grams of product that the tool takes
 * @param supersPlan what is done with supers, or null where each hive says
 * @param sealMinutes minutes shut: the later of the keeper's and the sheet's
 * @param tool the tool's name
 * @param product the product's name, if given
 * @param lot its lot, if given
 * @param offLabelReason why, where a dose is not on the label
 * @param celsius air temperature when it was planned, °C, if known
 * @param plannedBy who planned it
 * @param plannedAt when
 * @param discardedAt when the plan was thrown away, or null
 * @param finishedAt when the last hive was done, or null
 * @param seriesId the series that it is a round of, or null
 * @param seriesNumber which of its rounds, or null
 * @param toolId the tool from the gear, or null where it is only a name
 * @param toolFamily decides the order of steps
 * @param coolSeconds how long a pan cools in the hive, seconds
 * @param reloadSeconds how long it cools outside before it is loaded again, seconds
 * @param loosening a small first load, g of acid dihydrate, or null
 */
public record Round(
    UUID id,
    UUID apiaryId,
    LocalDate day,
    UUID ruleSheetId,
    double grams,
    Per per,
    GramsOf gramsOf,
    MediumBoxes mediums,
    double strength,
    @Nullable Spoon spoon,
    double step,
    double capacity,
    @Nullable SupersPlan supersPlan,
    int sealMinutes,
    String tool,
    @Nullable String product,
    @Nullable String lot,
    @Nullable String offLabelReason,
    @Nullable Double celsius,
    String plannedBy,
    Instant plannedAt,
    @Nullable Instant discardedAt,
    @Nullable Instant finishedAt,
    @Nullable UUID seriesId,
    @Nullable Integer seriesNumber,
    @Nullable UUID toolId,
    ToolFamily toolFamily,
    int coolSeconds,
    int reloadSeconds,
    @Nullable Double loosening) {

  /** Least time shut. */
  Duration seal() {
    return Duration.ofMinutes(sealMinutes);
  }

  /** Longest advisable time shut, by the warmth it was planned for. */
  Duration longestShut() {
    return SealTime.longestShut(celsius);
  }
}
