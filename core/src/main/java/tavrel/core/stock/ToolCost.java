package tavrel.core.stock;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * Which tool pays at how many hives: the tool's price over its years, and a person's time for each
 * hive and each visit. Acid is the least of it and the same for all.
 *
 * @param name the tool
 * @param price in the keeper's money
 * @param minutesPerHive of a person's time
 * @param years that it lasts
 */
public record ToolCost(String name, double price, double minutesPerHive, double years) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public ToolCost {
    name = InvalidValue.text("name", name, 60);
    InvalidValue.inRange("price", price, 0, 100_000, "in your money");
    InvalidValue.inRange("minutesPerHive", minutesPerHive, 0.1, 60, "minutes a hive");
    InvalidValue.inRange("years", years, 0.5, 50, "years");
  }

  /**
   * The keeper's own rates.
   *
   * @param hourly what an hour of work is worth
   * @param roundsPerYear visits to each hive in a year
   * @param setUpMinutes setting up and clearing away, a visit
   */
  public record Rates(double hourly, int roundsPerYear, double setUpMinutes) {

    /**
     * @throws InvalidValue naming the component that cannot be
     */
    public Rates {
      InvalidValue.inRange("hourly", hourly, 0, 10_000, "in your money an hour");
      InvalidValue.inRange("roundsPerYear", roundsPerYear, 1, 60, "rounds a year");
      InvalidValue.inRange("setUpMinutes", setUpMinutes, 0, 600, "minutes");
    }
  }

  /**
   * What two tools cost side by side.
   *
   * @param hives at which it was reckoned
   * @param first a year of the first, in the keeper's money
   * @param second a year of the second
   */
  public record AtHives(int hives, double first, double second) {}

  /**
   * Two tools compared.
   *
   * @param rows cost a year by hives
   * @param paysFrom fewest hives at which the second costs less than the first, or null if it never
   *     does up to 5,000 hives
   */
  public record ToolsCompared(List<AtHives> rows, @Nullable Integer paysFrom) {}

  private static final int[] HIVES = {1, 2, 5, 10, 15, 20, 30, 50, 100, 200, 400};
  private static final int MOST = 5_000;

  /** A year with this tool, in the keeper's money. */
  public double aYear(int hives, Rates rates) {
    double hours = (minutesPerHive * hives + rates.setUpMinutes()) * rates.roundsPerYear() / 60;
    return price / years + hours * rates.hourly();
  }

  /** Compares two tools at the same rates. */
  public static ToolsCompared compare(ToolCost first, ToolCost second, Rates rates) {
    List<AtHives> rows = new ArrayList<>();
    for (int hives : HIVES) {
      rows.add(new AtHives(hives, first.aYear(hives, rates), second.aYear(hives, rates)));
    }
    Integer paysFrom = null;
    for (int hives = 1; hives <= MOST && paysFrom == null; hives++) {
      if (second.aYear(hives, rates) < first.aYear(hives, rates)) {
        paysFrom = hives;
      }
    }
    return new ToolsCompared(List.copyOf(rows), paysFrom);
  }
}
