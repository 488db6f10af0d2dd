package tavrel.server.stock;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.stock.AcidBook.StockTake;
import tavrel.core.stock.AcidLot;
import tavrel.core.stock.SupplyKind;
import tavrel.core.stock.SupplyShelf.Supply;
import tavrel.server.people.Account;

/** Stock and money. */
@RestController
@RequestMapping("/api/stock")
class StockResource {

  /**
   * A lot to keep; its id is in the address.
   *
   * @param name what the keeper calls it
   * @param product what is printed on it
   * @param boughtOn when it was bought
   * @param grams how much, g of product
   * @param strength share of acid dihydrate, at most 1
   * @param price what it cost, in the keeper's money, or null
   * @param supplier from whom, or null
   */
  record NewLot(
      String name,
      String product,
      LocalDate boughtOn,
      double grams,
      double strength,
      @Nullable Double price,
      @Nullable String supplier) {}

  /**
   * A weighing to keep.
   *
   * @param lotId of which lot
   * @param day when
   * @param grams what was found, g of product
   */
  record NewTake(UUID lotId, LocalDate day, double grams) {}

  /**
   * Pieces to keep, bought or counted.
   *
   * @param kind seals, filters or what else is used up
   * @param day when
   * @param pieces how many
   * @param counted whether they were counted on the shelf; else they were bought
   * @param price what they cost together, or null
   */
  record NewSupply(
      SupplyKind kind, LocalDate day, int pieces, boolean counted, @Nullable Double price) {}

  private final Stock stock;

  StockResource(Stock stock) {
    this.stock = stock;
  }

  /** Acid and supplies on hand, and how far they reach. */
  @GetMapping
  Stock.OnHand onHand() {
    return stock.onHand();
  }

  /** Keeps acid that was bought. */
  @PutMapping("/lots/{id}")
  Stock.OnHand add(
      @PathVariable UUID id, @RequestBody NewLot lot, @AuthenticationPrincipal Account who) {
    stock.add(
        new AcidLot(
            id,
            lot.name(),
            lot.product(),
            lot.boughtOn(),
            lot.grams(),
            lot.strength(),
            lot.price(),
            lot.supplier()),
        who);
    return stock.onHand();
  }

  /** Keeps what was found on the shelf. */
  @PutMapping("/takes/{id}")
  Stock.OnHand weigh(
      @PathVariable UUID id, @RequestBody NewTake take, @AuthenticationPrincipal Account who) {
    stock.add(new StockTake(id, take.lotId(), take.day(), take.grams()), who);
    return stock.onHand();
  }

  /** Keeps a change of supplies. */
  @PutMapping("/supplies/{id}")
  Stock.OnHand supply(
      @PathVariable UUID id, @RequestBody NewSupply supply, @AuthenticationPrincipal Account who) {
    stock.add(
        new Supply(
            id, supply.kind(), supply.day(), supply.pieces(), supply.counted(), supply.price()),
        who);
    return stock.onHand();
  }

  /** Strikes an entry of the stock out. */
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void strike(@PathVariable UUID id) {
    stock.strike(id);
  }
}
