package tavrel.core.stock;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tavrel.core.FigureSource;
import tavrel.core.ModelParameter;

/**
 * What a round cost: acid from its lots, people's time from first burn to last opening with setting
 * up and clearing away, the tools' wear by their burns, and its share of the day's drive.
 *
 * @param acid in the keeper's money, or null where a lot has no price or is not on record
 * @param work likewise, or null where no hourly rate is set
 * @param wear likewise, or null where the tool has no price
 * @param driving likewise, or null where no rate a kilometre is set or a place is not known
 */
public record RoundCost(
    @Nullable Double acid, @Nullable Double work, @Nullable Double wear, @Nullable Double driving) {

  private static final ModelParameter HOURLY =
      new ModelParameter(
          "costHourly",
          0,
          0,
          10_000,
          "money an hour",
          "costs: an hour of a person's work",
          FigureSource.YOURS);
  private static final ModelParameter KILOMETRE =
      new ModelParameter(
          "costKilometre",
          0,
          0,
          1_000,
          "money a km",
          "costs: a kilometre driven to the apiaries of a day and back",
          FigureSource.YOURS);
  private static final ModelParameter TOOL_BURNS =
      new ModelParameter(
          "costToolBurns",
          20_000,
          100,
          1_000_000,
          "burns",
          "costs: burns that a tool lasts",
          FigureSource.OUR_OWN);

  /**
   * What one tool burned in a round.
   *
   * @param burns loads
   * @param toolPrice its price, or null where nobody knows
   */
  public record Burned(int burns, @Nullable Double toolPrice) {}

  /** The figures that a keeper may change. */
  public static List<ModelParameter> parameters() {
    return List.of(HOURLY, KILOMETRE, TOOL_BURNS);
  }

  /**
   * Reckons it.
   *
   * @param acid cost of the acid, or null
   * @param hours from first burn to last opening, with setting up and clearing away, h
   * @param people who worked
   * @param burned what each tool burned
   * @param km driven for it, or null where a place is not known
   * @param own the keeper's figures
   */
  public static RoundCost of(
      @Nullable Double acid,
      double hours,
      int people,
      List<Burned> burned,
      @Nullable Double km,
      Map<String, Double> own) {
    double hourly = HOURLY.in(own);
    double kilometre = KILOMETRE.in(own);
    return new RoundCost(
        acid,
        hourly == 0 ? null : hours * people * hourly,
        wear(burned, TOOL_BURNS.in(own)),
        km == null || kilometre == 0 ? null : km * kilometre);
  }

  /** Wear of all tools; null where the price of one that burned is not known. */
  private static @Nullable Double wear(List<Burned> burned, double lasts) {
    double sum = 0;
    for (Burned each : burned) {
      if (each.toolPrice() == null) {
        return null;
      }
      sum += each.burns() * each.toolPrice() / lasts;
    }
    return sum;
  }

  /** All that is known of it. */
  public double known() {
    return orZero(acid) + orZero(work) + orZero(wear) + orZero(driving);
  }

  /**
   * One hive's part: of the acid by its grams, of the wear by its burns; time and drive are shared
   * alike by all hives of the round.
   *
   * @param ofAcid its share of the grams, 0 to 1
   * @param ofBurns its share of the burns, 0 to 1
   * @param hives treated in the round, 1 or more
   */
  public RoundCost ofHive(double ofAcid, double ofBurns, int hives) {
    return new RoundCost(
        part(acid, ofAcid),
        part(work, 1.0 / hives),
        part(wear, ofBurns),
        part(driving, 1.0 / hives));
  }

  /** Both together; a part that is missing in one is known only from the other. */
  public RoundCost plus(RoundCost other) {
    return new RoundCost(
        sum(acid, other.acid),
        sum(work, other.work),
        sum(wear, other.wear),
        sum(driving, other.driving));
  }

  private static @Nullable Double sum(@Nullable Double one, @Nullable Double other) {
    return one == null ? other : other == null ? one : Double.valueOf(one + other);
  }

  private static @Nullable Double part(@Nullable Double whole, double share) {
    return whole == null ? null : Double.valueOf(whole * share);
  }

  private static double orZero(@Nullable Double value) {
    return value == null ? 0 : value;
  }
}
