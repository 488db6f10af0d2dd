package tavrel.core.stock;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tavrel.core.FigureSource;
import tavrel.core.ModelParameter;

/**
 * How long respirator filters have worked, by the hours of rounds since they were changed. Their
 * maker's date, or a taste or smell of acid, goes before any hours.
 *
 * @param hours of rounds since, or null where nobody noted a change
 * @param changed when they were changed, or null likewise
 * @param most hours after which they are due
 * @param due whether they are
 */
public record FilterWear(
    @Nullable Double hours, @Nullable Instant changed, double most, boolean due) {

  private static final ModelParameter HOURS =
      new ModelParameter(
          "filterHours",
          8,
          0.5,
          200,
          "h",
          "respirator filters: hours of rounds after which a change is asked for",
          FigureSource.TAKE_YOUR_MAKERS);

  /** The one figure that a keeper may change. */
  public static List<ModelParameter> parameters() {
    return List.of(HOURS);
  }

  /** Filters of which nobody has noted a change. */
  public static FilterWear unknown(Map<String, Double> own) {
    return new FilterWear(null, null, HOURS.in(own), false);
  }

  /** Filters changed once, with the hours since. */
  public static FilterWear of(double hours, Instant changed, Map<String, Double> own) {
    double most = HOURS.in(own);
    return new FilterWear(hours, changed, most, hours >= most);
  }
}
