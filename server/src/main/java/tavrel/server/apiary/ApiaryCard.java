package tavrel.server.apiary;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * What one has to know to get to an apiary, and what to say if something happens there. Whatever
 * nobody has written down is null.
 *
 * @param gateCode opens the gate
 * @param wayIn how to drive in
 * @param landowner whose land it is
 * @param telephone of the landowner
 * @param parking where the truck can stand
 * @param coverage where a telephone works
 * @param rescue what to say to the rescue service: nearest address, where to meet
 * @param poisonCentre whom to call where somebody has breathed vapour or got acid on
 * @param writtenBy who wrote it last; of one that is sent, null
 * @param writtenAt when; of one that is sent, null
 */
record ApiaryCard(
    @Nullable String gateCode,
    @Nullable String wayIn,
    @Nullable String landowner,
    @Nullable String telephone,
    @Nullable String parking,
    @Nullable String coverage,
    @Nullable String rescue,
    @Nullable String poisonCentre,
    @Nullable String writtenBy,
    @Nullable Instant writtenAt) {

  /** A card that nobody has written. */
  static final ApiaryCard EMPTY =
      new ApiaryCard(null, null, null, null, null, null, null, null, null, null);

  /**
   * @throws InvalidValue naming the component that is too long
   */
  public ApiaryCard {
    gateCode = orNull("gateCode", gateCode, 60);
    wayIn = orNull("wayIn", wayIn, 500);
    landowner = orNull("landowner", landowner, 120);
    telephone = orNull("telephone", telephone, 60);
    parking = orNull("parking", parking, 200);
    coverage = orNull("coverage", coverage, 200);
    rescue = orNull("rescue", rescue, 500);
    poisonCentre = orNull("poisonCentre", poisonCentre, 120);
  }

  private static @Nullable String orNull(String field, @Nullable String text, int longest) {
    return text == null || text.isBlank() ? null : InvalidValue.text(field, text, longest);
  }
}
