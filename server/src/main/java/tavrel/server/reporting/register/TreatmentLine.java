package tavrel.server.reporting.register;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.hive.SupersPlan;
import tavrel.core.register.EntryField;
import tavrel.core.register.TreatmentKind;
import tavrel.core.rulesheet.Verdict;
import tavrel.server.register.RecordedLine;
import tavrel.server.words.FactJson;

/**
 * One line of the register as it was recorded: one hive in one round, or a treatment that somebody
 * typed.
 *
 * @param id key
 * @param day day on which the first burn began, in the apiary's zone
 * @param zone the apiary's zone
 * @param apiaryId the apiary
 * @param apiary its name
 * @param hiveId the hive
 * @param hive the hive's name on that day
 * @param means with what it was treated
 * @param method how, in words
 * @param amount how much, as typed, or null where grams of acid tell it
 * @param roundId the round, or null for one that was typed
 * @param startedAt start of the first burn, or null for one that was typed
 * @param removedAt when the tool was out, or null
 * @param openedAt when it was opened, or null while it is shut
 * @param loads loads that burned to their end
 * @param acid grams of acid dihydrate
 * @param productGrams grams of product
 * @param product the product's name, if given
 * @param lot its lot, if given
 * @param people who worked on it
 * @param supers supers on the hive
 * @param supersPlan what was done with them
 * @param waitingDays days before honey may be taken by the sheet, or null where it is silent
 * @param ruleSheet name of the sheet it was judged by, if any
 * @param sheetVersion its version
 * @param verdict what the sheet said, or null where nothing was judged
 * @param labelSays the finding that decided it
 * @param offLabelReason why, where it was not on the label
 * @param celsius air temperature at the start, °C, if known
 * @param windMs wind, m/s, if known
 * @param windFrom where the wind came from, degrees, if known
 * @param weatherFrom where the weather came from
 * @param weatherMadeUp whether that weather is made up, or null where there is none
 * @param remarks what was out of the ordinary
 * @param writtenBy who wrote it by hand; null for one drawn from a log, and for those from before
 *     this was kept
 * @param writtenAt when it was written or first drawn
 * @param stands whether it counts: nobody struck it out
 * @param corrected whether it has corrections
 * @param outBy of what stays in the hive the last day on which it may be there, or null
 * @param outOn day on which that was taken out, or null
 */
record TreatmentLine(
    UUID id,
    LocalDate day,
    String zone,
    UUID apiaryId,
    String apiary,
    UUID hiveId,
    String hive,
    TreatmentKind means,
    String method,
    @Nullable String amount,
    @Nullable UUID roundId,
    @Nullable Instant startedAt,
    @Nullable Instant removedAt,
    @Nullable Instant openedAt,
    int loads,
    double acid,
    double productGrams,
    @Nullable String product,
    @Nullable String lot,
    String people,
    int supers,
    SupersPlan supersPlan,
    @Nullable Integer waitingDays,
    @Nullable String ruleSheet,
    @Nullable Integer sheetVersion,
    @Nullable Verdict verdict,
    @Nullable Fact labelSays,
    @Nullable String offLabelReason,
    @Nullable Double celsius,
    @Nullable Double windMs,
    @Nullable Integer windFrom,
    @Nullable Fact weatherFrom,
    @Nullable Boolean weatherMadeUp,
    Fact remarks,
    @Nullable String writtenBy,
    Instant writtenAt,
    boolean stands,
    boolean corrected,
    @Nullable LocalDate outBy,
    @Nullable LocalDate outOn) {

  /** By whom and when it was written, for a line that no log tells of. */
  Fact byHand() {
    Fact told =
        writtenBy == null
            ? Fact.of("register.byHand")
            : Fact.of("register.byHandOf").text("who", writtenBy);
    return told.text("day", LocalDate.ofInstant(writtenAt, ZoneId.of(zone)).toString());
  }

  /** The fields that can be put right, as recorded. */
  Map<EntryField, String> recorded() {
    return new RecordedLine(
            id,
            day,
            hiveId,
            roundId,
            amount,
            acid,
            product,
            lot,
            people,
            supersPlan,
            FactJson.write(remarks),
            corrected)
        .fields();
  }
}
