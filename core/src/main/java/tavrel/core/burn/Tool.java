package tavrel.core.burn;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * A tool that turns acid into vapour, as its keeper and its maker describe it.
 *
 * @param id key
 * @param name what the keeper calls it; unique
 * @param family pan wand or heated bowl
 * @param power what heats it
 * @param release how the acid comes to the heat
 * @param endSign how it shows the end
 * @param capacity grams of product that it takes in one load
 * @param preheatSeconds until it is hot, seconds; 0 for a pan, which heats in the hive
 * @param burnSeconds the keeper's or maker's figure for one load, seconds, or null; test burns go
 *     before it
 * @param coolSeconds how long a pan stays in the hive to cool and finish, seconds; 0 for a bowl
 * @param reloadSeconds between two loads, seconds
 * @param setCelsius set temperature of a bowl, °C, or null
 * @param maxCelsius the maker's highest, °C, or null
 * @param watts while heating, W, or null
 * @param packId the pack it runs on, or null
 * @param dunkAllowed whether its maker lets the hot pan be cooled in water
 * @param sealsEvery burns after which its seals are due, or null
 * @param marginPercent put on the fitted burn time, %
 * @param price what it cost, in the keeper's money, or null
 * @param note anything else, or null
 * @param retired no longer used
 */
public record Tool(
    UUID id,
    String name,
    ToolFamily family,
    PowerSource power,
    AcidRelease release,
    EndSign endSign,
    double capacity,
    int preheatSeconds,
    @Nullable Integer burnSeconds,
    int coolSeconds,
    int reloadSeconds,
    @Nullable Double setCelsius,
    @Nullable Double maxCelsius,
    @Nullable Double watts,
    @Nullable UUID packId,
    boolean dunkAllowed,
    @Nullable Integer sealsEvery,
    double marginPercent,
    @Nullable Double price,
    @Nullable String note,
    boolean retired) {

  /**
   * What a heated bowl is taken to do until its keeper says otherwise: our own round figures.
   *
   * @param setCelsius its set temperature, °C
   * @param preheatSeconds until it is hot, s
   */
  public record UsualBowl(double setCelsius, int preheatSeconds) {}

  /** The one place of these figures: forms begin with them, the watcher falls back on them. */
  public static final UsualBowl USUAL_BOWL = new UsualBowl(230, 110);

  /** Put on a fitted burn time unless the keeper says otherwise, %. */
  public static final double USUAL_MARGIN = 15;

  /**
   * @throws InvalidValue if a figure is out of the possible, or two contradict each other
   */
  public Tool {
    name = InvalidValue.text("name", name, 60);
    InvalidValue.inRange("capacity", capacity, 0.5, 50, "g of product a load");
    InvalidValue.inRange("preheatSeconds", preheatSeconds, 0, 900, "s");
    InvalidValue.inRange("coolSeconds", coolSeconds, 0, 900, "s");
    InvalidValue.inRange("reloadSeconds", reloadSeconds, 0, 1_800, "s");
    InvalidValue.inRange("marginPercent", marginPercent, 0, 100, "%");
    ranged("burnSeconds", burnSeconds, 5, 1_800, "s");
    ranged("setCelsius", setCelsius, 150, 350, "°C");
    ranged("maxCelsius", maxCelsius, 150, 350, "°C");
    ranged("watts", watts, 10, 3_000, "W");
    ranged("sealsEvery", sealsEvery, 1, 100_000, "burns");
    ranged("price", price, 0, 100_000, "in your money");
    note = note == null || note.isBlank() ? null : InvalidValue.text("note", note, 1_000);
    if (setCelsius != null && maxCelsius != null && setCelsius > maxCelsius) {
      throw new InvalidValue(
          "setCelsius", "aboveMakerSHighest", "is above the maker's highest; never heat beyond it");
    }
    if (family == ToolFamily.PAN_WAND && release != AcidRelease.LOADED_COLD) {
      throw new InvalidValue(
          "release", "panLoadedColdAcid", "of a pan is loaded cold; acid on a hot pan flashes");
    }
    if (family == ToolFamily.HEATED_BOWL && release == AcidRelease.LOADED_COLD) {
      throw new InvalidValue(
          "release",
          "heatedBowlCapTurned",
          "of a heated bowl is a cap turned or a plunger pressed");
    }
    if (family == ToolFamily.HEATED_BOWL && dunkAllowed) {
      throw new InvalidValue(
          "dunkAllowed", "forPansHeatedBowl", "is for pans; a heated bowl never goes into water");
    }
  }

  private static void ranged(
      String field, @Nullable Number value, double min, double max, String unit) {
    if (value != null) {
      InvalidValue.inRange(field, value.doubleValue(), min, max, unit);
    }
  }
}
