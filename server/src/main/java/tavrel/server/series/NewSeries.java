package tavrel.server.series;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.spacing.Schedule;
import tavrel.server.spacing.SpacingQuestion;

/**
 * A series to adopt.
 *
 * @param apiaryId where
 * @param name what the keeper calls it
 * @param hiveIds the hives, one or more
 * @param days days of its rounds, one or more
 * @param tool the tool's name
 * @param offLabelReason why, where the days are not on the label; otherwise null
 * @param benchHiveId the hive that it was reckoned on
 * @param bench what it was reckoned with; its grams a box go to the dose sheet
 */
public record NewSeries(
    UUID apiaryId,
    String name,
    List<UUID> hiveIds,
    List<LocalDate> days,
    String tool,
    @Nullable String offLabelReason,
    UUID benchHiveId,
    SpacingQuestion bench) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public NewSeries {
    name = InvalidValue.text("name", name, 80);
    tool = InvalidValue.text("tool", tool, 60);
    offLabelReason =
        offLabelReason == null || offLabelReason.isBlank()
            ? null
            : InvalidValue.text("offLabelReason", offLabelReason, 500);
    hiveIds = List.copyOf(hiveIds);
    if (hiveIds.isEmpty()) {
      throw new InvalidValue("hiveIds", "emptyChooseAtLeast", "is empty; choose at least one hive");
    }
    days = new Schedule(days).days();
    if (days.isEmpty()) {
      throw new InvalidValue(
          "days", "emptySeriesHasAt", "is empty; a series has at least one round");
    }
  }
}
