package tavrel.core.mite;

import java.util.List;
import java.util.Map;
import tavrel.core.FigureSource;
import tavrel.core.ModelParameter;

/** Which kill curve is reckoned with. */
public enum CurveChoice {
  FIELD,
  TRIAL,
  OWN;

  private static final List<ModelParameter> PARAMETERS =
      List.of(
          parameter(
              "fieldMost",
              KillCurve.FIELD.most(),
              0.1,
              1,
              "",
              "field curve: most that any dose kills"),
          parameter(
              "fieldScale",
              KillCurve.FIELD.scale(),
              0.05,
              5,
              "g a box",
              "field curve: D₀, the dose that kills 61 % of that"),
          parameter(
              "trialMost",
              KillCurve.TRIAL.most(),
              0.1,
              1,
              "",
              "trial curve: most that any dose kills"),
          parameter("trialScale", KillCurve.TRIAL.scale(), 0.05, 5, "g a box", "trial curve: D₀"),
          parameter(
              "ownMost", KillCurve.FIELD.most(), 0.1, 1, "", "own curve: most that any dose kills"),
          parameter("ownScale", KillCurve.FIELD.scale(), 0.05, 5, "g a box", "own curve: D₀"));

  /** Every figure of the curves with its meaning. */
  public static List<ModelParameter> parameters() {
    return PARAMETERS;
  }

  /**
   * The curve with the keeper's figures over the usual ones.
   *
   * @throws tavrel.core.InvalidValue if one lies outside its range
   */
  public KillCurve in(Map<String, Double> own) {
    int at =
        switch (this) {
          case FIELD -> 0;
          case TRIAL -> 2;
          case OWN -> 4;
        };
    return new KillCurve(
        name().toLowerCase(java.util.Locale.ROOT),
        PARAMETERS.get(at).in(own),
        PARAMETERS.get(at + 1).in(own));
  }

  private static ModelParameter parameter(
      String key, double usual, double least, double most, String unit, String meaning) {
    return new ModelParameter(key, usual, least, most, unit, meaning, FigureSource.EXPERIENCE);
  }
}
