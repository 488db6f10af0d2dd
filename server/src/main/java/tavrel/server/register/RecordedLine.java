package tavrel.server.register;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.NumberText;
import tavrel.core.hive.SupersPlan;
import tavrel.core.register.EntryField;

/**
 * What of a line of the register can be put right, as it was first recorded.
 *
 * @param id key
 * @param day day of the treatment
 * @param hiveId the hive
 * @param roundId the round, or null for one that was typed
 * @param amount how much, as typed, or null where grams of acid tell it
 * @param acid grams of acid dihydrate
 * @param product the product's name, if given
 * @param lot its lot, if given
 * @param people who worked on it
 * @param supersPlan what was done with the supers
 * @param remarks what was out of the ordinary
 * @param corrected whether it has corrections
 */
public record RecordedLine(
    UUID id,
    LocalDate day,
    UUID hiveId,
    @Nullable UUID roundId,
    @Nullable String amount,
    double acid,
    @Nullable String product,
    @Nullable String lot,
    String people,
    SupersPlan supersPlan,
    String remarks,
    boolean corrected) {

  /** Every field that it has. */
  public Map<EntryField, String> fields() {
    Map<EntryField, String> fields = new EnumMap<>(EntryField.class);
    fields.put(EntryField.GRAMS, NumberText.plain(acid));
    if (roundId == null) {
      fields.put(EntryField.AMOUNT, text(amount));
    }
    fields.put(EntryField.PRODUCT, text(product));
    fields.put(EntryField.LOT, text(lot));
    fields.put(EntryField.PEOPLE, people);
    fields.put(EntryField.SUPERS, supersPlan.name());
    fields.put(EntryField.REMARKS, remarks);
    fields.put(EntryField.STANDS, EntryField.YES);
    return fields;
  }

  private static String text(@Nullable String given) {
    return given == null ? "" : given;
  }
}
