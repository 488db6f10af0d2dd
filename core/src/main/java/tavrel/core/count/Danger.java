package tavrel.core.count;

import java.util.List;
import java.util.Map;
import tavrel.core.FigureSource;
import tavrel.core.ModelParameter;

/**
 * From which load on a colony is in danger, whatever the season: it may collapse, and load its
 * neighbours.
 *
 * @param share mites a bee, a fraction
 */
public record Danger(double share) {

  private static final ModelParameter PERCENT =
      new ModelParameter(
          "dangerPercent",
          10,
          2,
          50,
          "% of bees",
          "a count above this is a colony in danger, whatever the season",
          FigureSource.COMMON_PRACTICE);

  /** The one figure that a keeper may change. */
  public static List<ModelParameter> parameters() {
    return List.of(PERCENT);
  }

  /** What holds unless a keeper says otherwise. */
  public static final Danger USUAL = of(Map.of());

  /** The keeper's figure over the usual one. */
  public static Danger of(Map<String, Double> own) {
    return new Danger(PERCENT.in(own) / 100);
  }

  /** Whether a sample says so; it is not waited for an interval, since waiting costs the colony. */
  public boolean isIn(Infestation sample) {
    return sample.share() > share;
  }
}
