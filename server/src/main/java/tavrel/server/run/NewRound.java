package tavrel.server.run;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.dose.DoseSettings;

/**
 * A round to plan.
 *
 * @param apiaryId where
 * @param ruleSheetId the sheet to judge it by
 * @param settings what the keeper decided
 * @param tool the tool's name
 * @param toolId the tool from the gear, or null where it is only a name
 * @param product the product's name, or null
 * @param lot its lot, or null
 * @param offLabelReason why, where a dose is not on the label; otherwise null
 * @param hiveIds the hives to treat, or null for all that stand there
 * @param seriesId the series that this is a round of, or null
 * @param seriesNumber which of its rounds, from 1; null outside a series
 */
public record NewRound(
    UUID apiaryId,
    UUID ruleSheetId,
    DoseSettings settings,
    String tool,
    @Nullable UUID toolId,
    @Nullable String product,
    @Nullable String lot,
    @Nullable String offLabelReason,
    @Nullable List<UUID> hiveIds,
    @Nullable UUID seriesId,
    @Nullable Integer seriesNumber) {

  /** Trims its texts; blank ones count as missing. */
  public NewRound {
    tool = InvalidValue.text("tool", tool, 60);
    product = optional("product", product, 80);
    lot = optional("lot", lot, 60);
    offLabelReason = optional("offLabelReason", offLabelReason, 500);
    hiveIds = hiveIds == null ? null : List.copyOf(hiveIds);
    if ((seriesId == null) != (seriesNumber == null)) {
      throw new InvalidValue(
          "seriesNumber",
          "itsSeriesGoTogether",
          "and its series go together; give both or neither");
    }
  }

  private static @Nullable String optional(String field, @Nullable String text, int longest) {
    return text == null || text.isBlank() ? null : InvalidValue.text(field, text, longest);
  }
}
