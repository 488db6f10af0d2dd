package tavrel.core.stock;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * How many pieces of something should be on the shelf.
 *
 * @param kind of what
 * @param onHand pieces, negative where more was used than is on record
 * @param used pieces since the last count, or since the first purchase
 * @param countedOn the last count, or null
 */
public record SupplyShelf(SupplyKind kind, int onHand, int used, @Nullable LocalDate countedOn) {

  /**
   * Pieces bought, or counted.
   *
   * @param id key
   * @param kind of what
   * @param day when; uses of that day come after it
   * @param pieces bought, or found
   * @param counted whether they were found in a count, which holds against all before
   * @param price paid, or null
   */
  public record Supply(
      UUID id,
      SupplyKind kind,
      LocalDate day,
      int pieces,
      boolean counted,
      @Nullable Double price) {

    /**
     * @throws InvalidValue naming the component that cannot be
     */
    public Supply {
      InvalidValue.inRange("pieces", pieces, counted ? 0 : 1, 100_000, "pieces");
      if (price != null) {
        InvalidValue.inRange("price", price, 0, 1_000_000, "in your money");
      }
    }
  }

  /**
   * Reckons it.
   *
   * @param supplies of this kind, in any order
   * @param usedOn a day for each piece used
   */
  public static SupplyShelf of(SupplyKind kind, List<Supply> supplies, List<LocalDate> usedOn) {
    Supply count =
        supplies.stream()
            .filter(Supply::counted)
            .max(Comparator.comparing(Supply::day).thenComparing(Supply::id))
            .orElse(null);
    LocalDate since =
        count != null
            ? count.day()
            : supplies.stream().map(Supply::day).min(LocalDate::compareTo).orElse(LocalDate.MAX);
    int bought =
        supplies.stream()
            .filter(each -> !each.counted())
            .filter(each -> count == null || each.day().isAfter(since))
            .mapToInt(Supply::pieces)
            .sum();
    int used = (int) usedOn.stream().filter(day -> !day.isBefore(since)).count();
    return new SupplyShelf(
        kind,
        (count == null ? 0 : count.pieces()) + bought - used,
        used,
        count == null ? null : count.day());
  }
}
