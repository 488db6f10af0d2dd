package tavrel.server.register;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.hive.SupersPlan;
import tavrel.core.register.InHive;
import tavrel.core.register.TreatmentKind;

/**
 * A treatment that was not run here, to be written into the register.
 *
 * @param hives an id made on the device for each hive treated
 * @param day its day
 * @param means with what
 * @param method how, in words
 * @param amount how much a hive, as typed
 * @param acid grams of acid dihydrate a hive, for oxalic acid; else 0
 * @param product the product's name
 * @param lot its lot
 * @param people who did it
 * @param supersPlan what was done with supers
 * @param waitingDays days before honey may be taken, by its label
 * @param ruleSheetId the sheet it went by, if any
 * @param remarks anything else
 * @param outBy the last day on which what stays in the hive may be there, by its label; or null
 */
public record NewTreatment(
    Map<UUID, UUID> hives,
    LocalDate day,
    TreatmentKind means,
    String method,
    @Nullable String amount,
    double acid,
    @Nullable String product,
    @Nullable String lot,
    String people,
    SupersPlan supersPlan,
    @Nullable Integer waitingDays,
    @Nullable UUID ruleSheetId,
    String remarks,
    @Nullable LocalDate outBy) {

  private static final int MOST_HIVES = 1_000;
  private static final int MOST_GRAMS = 60;

  /**
   * @throws InvalidValue at the field that is missing or cannot be
   */
  public NewTreatment {
    if (hives.isEmpty() || hives.size() > MOST_HIVES) {
      throw new InvalidValue(
          "hives", "nameHivesWereTreated", "name 1 to 1,000 hives that were treated");
    }
    hives = Map.copyOf(hives);
    method = InvalidValue.text("method", method, 200);
    amount = fitting("amount", amount, 80);
    product = fitting("product", product, 80);
    lot = fitting("lot", lot, 60);
    people = InvalidValue.text("people", people, 400);
    if (remarks.length() > 500) {
      throw new InvalidValue("remarks", "hasMoreThanCharacters3", "has more than 500 characters");
    }
    InvalidValue.inRange("acid", acid, 0, MOST_GRAMS, "g");
    if (acid > 0 && !means.oxalic()) {
      throw new InvalidValue(
          "acid", "forOxalicAcidWrite", "is for oxalic acid; write other means into the amount");
    }
    if (outBy != null) {
      if (!means.staysIn()) {
        throw new InvalidValue(
            "outBy", "nothingStaysIn", "is for what stays in a hive: strips, pads, trays");
      }
      outBy = new InHive(day, outBy, null).outBy();
    }
    if (waitingDays != null) {
      InvalidValue.inRange("waitingDays", waitingDays, 0, 365, "days");
    }
    if (amount == null && acid == 0) {
      throw new InvalidValue(
          "amount", "missingSayHowMuch", "is missing; say how much each hive got");
    }
  }

  /** The same of other hives. */
  NewTreatment of(Map<UUID, UUID> others) {
    return new NewTreatment(
        others,
        day,
        means,
        method,
        amount,
        acid,
        product,
        lot,
        people,
        supersPlan,
        waitingDays,
        ruleSheetId,
        remarks,
        outBy);
  }

  private static @Nullable String fitting(String field, @Nullable String text, int longest) {
    return text == null || text.isBlank() ? null : InvalidValue.text(field, text, longest);
  }
}
