package tavrel.server.register;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.hive.SupersPlan;
import tavrel.core.rule.Verdict;

/**
 * One line of the register: one hive in one round.
 *
 * @param roundId the round
 * @param hiveId the hive
 * @param day day on which the first burn began, in the apiary's zone
 * @param zone the apiary's zone
 * @param apiary its name
 * @param hive the hive's name on that day
 * @param startedAt start of the first burn
 * @param removedAt when the tool was out, or null
 * @param openedAt when it was opened, or null while it is shut
 * @param loads loads that burned to their end
 * @param acid grams of acid dihydrate in them
 * @param productGrams grams of product in them
 * @param product the product's name, if given
 * @param lot its lot, if given
 * @param tool the tool's name
 * @param people who worked on it
 * @param supers supers on the hive
 * @param supersPlan what was done with them
 * @param waitingDays days before honey may be taken by the sheet, or null where it is silent
 * @param ruleSheet name of the sheet it was judged by
 * @param verdict what the sheet said
 * @param labelSays the finding that decided it
 * @param offLabelReason why, where it was not on the label
 * @param celsius air temperature at the start, °C, if known
 * @param windMs wind, m/s, if known
 * @param windFrom where the wind came from, degrees, if known
 * @param weatherFrom where the weather came from, in words
 * @param weatherMadeUp whether that weather is made up, or null where there is none
 * @param remarks what was out of the ordinary
 */
public record TreatmentLine(
    UUID roundId,
    UUID hiveId,
    LocalDate day,
    String zone,
    String apiary,
    String hive,
    Instant startedAt,
    @Nullable Instant removedAt,
    @Nullable Instant openedAt,
    int loads,
    double acid,
    double productGrams,
    @Nullable String product,
    @Nullable String lot,
    String tool,
    String people,
    int supers,
    SupersPlan supersPlan,
    @Nullable Integer waitingDays,
    String ruleSheet,
    Verdict verdict,
    String labelSays,
    @Nullable String offLabelReason,
    @Nullable Double celsius,
    @Nullable Double windMs,
    @Nullable Integer windFrom,
    @Nullable String weatherFrom,
    @Nullable Boolean weatherMadeUp,
    String remarks) {}
