package tavrel.core.rulesheet;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.measure.GramsOf;
import tavrel.core.measure.Strength;

/**
 * What the label and the law allow, as the keeper copied it from the paper in hand. Null means that
 * the paper is silent.
 *
 * @param id key
 * @param name the keeper's name for it
 * @param example shipped as an example and never checked against a label
 * @param copiedBy who copied it from the label
 * @param copiedOn when it was copied
 * @param gramsOf what the sheet's grams are of
 * @param maxPerBox most grams a brood box
 * @param maxPerHive most grams a hive
 * @param maxRoundsPerSeries most rounds in one series
 * @param maxRoundsPerYear most rounds in a calendar year
 * @param minDaysBetween fewest days between rounds
 * @param brood whether capped brood may be present
 * @param supers what must be done with supers
 * @param waitingDays days before honey may be taken
 * @param minSealMinutes fewest minutes shut after the burn
 * @param minCelsius lowest air temperature, °C
 * @param maxCelsius highest air temperature, °C
 * @param registeredProduct whether it speaks of a registered product
 * @param note anything else
 * @param version 1 for a new sheet, one more for each that replaces it
 * @param replaces the version before, or null
 */
public record RuleSheet(
    UUID id,
    String name,
    boolean example,
    @Nullable String copiedBy,
    @Nullable LocalDate copiedOn,
    GramsOf gramsOf,
    @Nullable Double maxPerBox,
    @Nullable Double maxPerHive,
    @Nullable Integer maxRoundsPerSeries,
    @Nullable Integer maxRoundsPerYear,
    @Nullable Integer minDaysBetween,
    @Nullable BroodRule brood,
    @Nullable SupersRule supers,
    @Nullable Integer waitingDays,
    @Nullable Integer minSealMinutes,
    @Nullable Double minCelsius,
    @Nullable Double maxCelsius,
    @Nullable Boolean registeredProduct,
    @Nullable String note,
    int version,
    @Nullable UUID replaces) {

  /**
   * @throws InvalidValue if a figure is out of the possible, or two contradict each other
   */
  public RuleSheet {
    name = InvalidValue.text("name", name, 80);
    ranged("maxPerBox", maxPerBox, 0.1, 10, "g a box");
    ranged("maxPerHive", maxPerHive, 0.1, 30, "g a hive");
    ranged("maxRoundsPerSeries", maxRoundsPerSeries, 1, 30, "rounds");
    ranged("maxRoundsPerYear", maxRoundsPerYear, 1, 60, "rounds");
    ranged("minDaysBetween", minDaysBetween, 1, 365, "days");
    ranged("waitingDays", waitingDays, 0, 365, "days");
    ranged("minSealMinutes", minSealMinutes, 1, 60, "minutes");
    ranged("minCelsius", minCelsius, -30, 40, "°C");
    ranged("maxCelsius", maxCelsius, -10, 50, "°C");
    if (minCelsius != null && maxCelsius != null && minCelsius >= maxCelsius) {
      throw new InvalidValue(
          "minCelsius", "mustLieBelowHighest", "must lie below the highest temperature");
    }
    if (!example && (copiedBy == null || copiedOn == null)) {
      throw new InvalidValue(
          "copiedOn",
          "missingSayWhenLabel",
          "is missing; say when the label was read, and by whom");
    }
    InvalidValue.inRange("version", version, 1, 9_999, "as a version");
    if ((version > 1) != (replaces != null)) {
      throw new InvalidValue(
          "replaces",
          "namesVersionBeforeFirst",
          "names the version before; a first version has none");
    }
    if (note != null && note.length() > 1000) {
      throw new InvalidValue("note", "hasMoreThanCharacters2", "has more than 1,000 characters");
    }
  }

  private static void ranged(
      String field, @Nullable Number value, double min, double max, String unit) {
    if (value != null) {
      InvalidValue.inRange(field, value.doubleValue(), min, max, unit);
    }
  }

  /**
   * Most grams of acid dihydrate that the sheet allows in a hive.
   *
   * @param boxes brood boxes as the label counts them
   * @return grams, or positive infinity where the sheet is silent
   */
  public double mostAcid(double boxes, Strength strength) {
    double most = Double.POSITIVE_INFINITY;
    if (maxPerBox != null) {
      most = gramsOf.toAcid(maxPerBox * boxes, strength);
    }
    if (maxPerHive != null) {
      most = Math.min(most, gramsOf.toAcid(maxPerHive, strength));
    }
    return most;
  }

  /** Holds a proposal against every line of this sheet. */
  public Judgement judge(Proposal proposal) {
    return Judgement.of(new SheetReading(this, proposal).findings());
  }

  /** Holds the days of a series against the lines of this sheet that speak of days. */
  public Judgement judge(SeriesProposal proposal) {
    return Judgement.of(new SeriesReading(this, proposal).findings());
  }
}
