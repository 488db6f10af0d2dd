package tavrel.core.stock;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * A lot of product that was bought.
 *
 * @param id key
 * @param name the lot's number, as printed on it
 * @param product what it is called
 * @param boughtOn from this day it can be drawn from
 * @param grams bought, g of product
 * @param strength share of acid dihydrate in the product, 0 to 1
 * @param price paid for all of it, in the keeper's money, or null
 * @param supplier as typed, or null
 */
public record AcidLot(
    UUID id,
    String name,
    String product,
    LocalDate boughtOn,
    double grams,
    double strength,
    @Nullable Double price,
    @Nullable String supplier) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public AcidLot {
    name = InvalidValue.text("name", name, 60);
    product = InvalidValue.text("product", product, 80);
    InvalidValue.inRange("grams", grams, 1, 1_000_000, "g");
    InvalidValue.inRange("strength", strength, 0.05, 1, "g of acid dihydrate a g");
    if (price != null) {
      InvalidValue.inRange("price", price, 0, 1_000_000, "in your money");
    }
    supplier =
        supplier == null || supplier.isBlank() ? null : InvalidValue.text("supplier", supplier, 80);
  }

  /** What a gram of it cost, or null where no price is known. */
  public @Nullable Double priceOfGram() {
    return price == null ? null : price / grams;
  }
}
