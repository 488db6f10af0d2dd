package tavrel.core.stock;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.FigureSource;
import tavrel.core.ModelParameter;

/**
 * What of the product the rounds to come need, until when it lasts, and what to order by when.
 *
 * @param need g of product for all of them
 * @param left g that should be there
 * @param runsOutOn the day of the first round that it does not suffice for, or null
 * @param orderGrams g to order, with a reserve, in whole hundreds; 0 where enough is there
 * @param orderBy day by which, or null
 */
public record AcidOrder(
    double need,
    double left,
    @Nullable LocalDate runsOutOn,
    double orderGrams,
    @Nullable LocalDate orderBy) {

  private static final double WHOLE = 100;
  private static final ModelParameter LEAD =
      new ModelParameter(
          "orderLeadDays",
          14,
          0,
          120,
          "d",
          "ordering acid: days until it comes",
          FigureSource.OUR_OWN);
  private static final ModelParameter RESERVE =
      new ModelParameter(
          "orderReserve",
          0.1,
          0,
          1,
          "of the need",
          "ordering acid: kept above the need",
          FigureSource.OUR_OWN);

  /** An order is spoken of so many days before it has to go out. */
  private static final int SPOKEN_OF = 14;

  /** The figures that a keeper may change. */
  public static List<ModelParameter> parameters() {
    return List.of(LEAD, RESERVE);
  }

  /**
   * What a round to come needs.
   *
   * @param day its day
   * @param grams g of product
   */
  public record Need(LocalDate day, double grams) {}

  /**
   * Reckons it.
   *
   * @param left g of product that should be there
   * @param needs of rounds to come, in any order
   * @param own the keeper's figures
   */
  public static AcidOrder of(double left, List<Need> needs, Map<String, Double> own) {
    double need = 0;
    LocalDate runsOut = null;
    for (Need each : needs.stream().sorted(Comparator.comparing(Need::day)).toList()) {
      need += each.grams();
      if (runsOut == null && need > left + 1e-9) {
        runsOut = each.day();
      }
    }
    double missing = need * (1 + RESERVE.in(own)) - left;
    boolean order = runsOut != null && missing > 0;
    return new AcidOrder(
        need,
        left,
        runsOut,
        order ? WHOLE * Math.ceil(missing / WHOLE - 1e-9) : 0,
        runsOut == null ? null : runsOut.minusDays(Math.round(LEAD.in(own))));
  }

  /** What to say of it on a day, or empty where there is time. */
  public Optional<Fact> warning(LocalDate today) {
    if (runsOutOn == null || orderBy == null || orderBy.isAfter(today.plusDays(SPOKEN_OF))) {
      return Optional.empty();
    }
    return Optional.of(
        (orderBy.isBefore(today) ? Fact.of("stock.orderNow") : Fact.of("stock.orderBy"))
            .day("round", runsOutOn)
            .gramsSet("grams", orderGrams)
            .day("by", orderBy));
  }
}
