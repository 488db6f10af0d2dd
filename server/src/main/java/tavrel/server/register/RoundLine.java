package tavrel.server.register;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.hive.SupersPlan;
import tavrel.core.rulesheet.Verdict;

/**
 * A hive's line on a round's dose sheet, as the register takes it over with its first burn.
 *
 * @param roundId the round
 * @param apiaryId where
 * @param hiveId the hive
 * @param hiveName its name on the day
 * @param tool name of the round's tool
 * @param product the product's name, if given
 * @param lot its lot, if given
 * @param supers supers on the hive
 * @param supersPlan what is done with them
 * @param ruleSheetId the sheet it was judged by
 * @param waitingDays days before honey may be taken by that sheet, or null where it is silent
 * @param verdict what the sheet said
 * @param labelSays the finding that decided it
 * @param offLabelReason why, where it is not on the label
 */
public record RoundLine(
    UUID roundId,
    UUID apiaryId,
    UUID hiveId,
    String hiveName,
    String tool,
    @Nullable String product,
    @Nullable String lot,
    int supers,
    SupersPlan supersPlan,
    UUID ruleSheetId,
    @Nullable Integer waitingDays,
    Verdict verdict,
    Fact labelSays,
    @Nullable String offLabelReason) {}
