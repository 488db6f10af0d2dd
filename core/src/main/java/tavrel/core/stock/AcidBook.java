package tavrel.core.stock;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * Where the product went: burns draw from the lot that they name, else from the oldest lot that has
 * some (first in, first out); a weighing says what is really there, and the difference is booked.
 * Every gram bought is drawn, lost or found in a weighing, or left.
 *
 * @param lots in the order in which they were bought
 * @param draws in the order in which they happened
 */
public record AcidBook(List<LotState> lots, List<Drawn> draws) {

  /** Less than this is a rounding, not product. */
  private static final double NOTHING = 1e-9;

  public AcidBook {
    lots = List.copyOf(lots);
    draws = List.copyOf(draws);
  }

  /**
   * What was found of a lot when it was weighed.
   *
   * @param id key
   * @param lotId which lot
   * @param day on which; burns of that day come after it
   * @param grams found, g of product
   */
  public record StockTake(UUID id, UUID lotId, LocalDate day, double grams) {

    /**
     * @throws InvalidValue if so much cannot be there
     */
    public StockTake {
      InvalidValue.inRange("grams", grams, 0, 1_000_000, "g");
    }
  }

  /**
   * Product burned.
   *
   * @param roundId in which round
   * @param day its day
   * @param at its first burn, for the order within a day
   * @param grams of product
   * @param lot the lot's number as it was named, or null
   */
  public record Draw(UUID roundId, LocalDate day, Instant at, double grams, @Nullable String lot) {}

  /**
   * A lot as it stands.
   *
   * @param lot the lot
   * @param drawn g of product burned from it
   * @param left g of product that should be there
   * @param booked g that weighings put right: negative where less was found
   * @param weighedOn the last weighing, or null
   */
  public record LotState(
      AcidLot lot, double drawn, double left, double booked, @Nullable LocalDate weighedOn) {}

  /**
   * A draw with where it came from.
   *
   * @param draw the draw
   * @param fromLots grams by lot
   * @param uncovered g that no lot on record could give
   * @param cost of what came from lots, in the keeper's money, or null where a price is missing or
   *     something is uncovered
   */
  public record Drawn(
      Draw draw, Map<UUID, Double> fromLots, double uncovered, @Nullable Double cost) {}

  /** Keeps the book. The order of what is given does not matter. */
  public static AcidBook of(List<AcidLot> lots, List<StockTake> takes, List<Draw> draws) {
    List<Open> open =
        lots.stream()
            .sorted(Comparator.comparing(AcidLot::boughtOn).thenComparing(AcidLot::name))
            .map(Open::new)
            .toList();
    List<StockTake> weighings =
        takes.stream()
            .sorted(Comparator.comparing(StockTake::day).thenComparing(StockTake::id))
            .toList();
    int next = 0;
    List<Drawn> drawn = new ArrayList<>();
    for (Draw draw :
        draws.stream()
            .sorted(Comparator.comparing(Draw::at).thenComparing(Draw::roundId))
            .toList()) {
      while (next < weighings.size() && !weighings.get(next).day().isAfter(draw.day())) {
        weigh(open, weighings.get(next++));
      }
      drawn.add(draw(open, draw));
    }
    while (next < weighings.size()) {
      weigh(open, weighings.get(next++));
    }
    return new AcidBook(open.stream().map(Open::state).toList(), drawn);
  }

  private static void weigh(List<Open> lots, StockTake take) {
    for (Open each : lots) {
      if (each.lot.id().equals(take.lotId())) {
        each.booked += take.grams() - each.left;
        each.left = take.grams();
        each.weighedOn = take.day();
      }
    }
  }

  private static Drawn draw(List<Open> lots, Draw draw) {
    Map<UUID, Double> from = new LinkedHashMap<>();
    double wanted = draw.grams();
    Double cost = 0.0;
    for (boolean named : new boolean[] {true, false}) {
      for (Open each : lots) {
        boolean called = draw.lot() != null && draw.lot().equalsIgnoreCase(each.lot.name());
        if (called == named
            && wanted > NOTHING
            && each.left > NOTHING
            && !each.lot.boughtOn().isAfter(draw.day())) {
          double grams = Math.min(wanted, each.left);
          each.left -= grams;
          each.drawn += grams;
          wanted -= grams;
          from.merge(each.lot.id(), grams, Double::sum);
          Double price = each.lot.priceOfGram();
          cost = cost == null || price == null ? null : cost + grams * price;
        }
      }
    }
    double uncovered = wanted > NOTHING ? wanted : 0;
    return new Drawn(draw, from, uncovered, uncovered > 0 ? null : cost);
  }

  /** Grams of product left in all lots. */
  public double left() {
    return lots.stream().mapToDouble(LotState::left).sum();
  }

  /** Grams of product burned that no lot on record could give. */
  public double uncovered() {
    return draws.stream().mapToDouble(Drawn::uncovered).sum();
  }

  private static final class Open {

    private final AcidLot lot;
    private double left;
    private double drawn;
    private double booked;
    private @Nullable LocalDate weighedOn;

    Open(AcidLot lot) {
      this.lot = lot;
      left = lot.grams();
    }

    LotState state() {
      return new LotState(lot, drawn, left, booked, weighedOn);
    }
  }
}
