package tavrel.core.seal;

import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import tavrel.core.hive.Hive;
import tavrel.core.mite.KillCurve;

/**
 * What a hive's seal means for its dose: what each opening costs, beside what a gram more would
 * buy. Model estimates, for bees at home and a loose cluster.
 *
 * @param hiveId the hive
 * @param kept share of the acid that settles inside as it stands
 * @param leaky whether that is so little that it is called leaky
 * @param gramsPerBox dose reckoned with, g acid dihydrate a box
 * @param kill share of the exposed mites that it kills
 * @param killGramMore the same with one gram a box more
 * @param gains what shutting each opening well would bring, the best first
 * @param keptShut share kept with every opening shut well
 * @param killShut share of the exposed mites killed then
 */
public record SealReading(
    UUID hiveId,
    double kept,
    boolean leaky,
    double gramsPerBox,
    double kill,
    double killGramMore,
    List<Gain> gains,
    double keptShut,
    double killShut) {

  /**
   * A hive that keeps less is called leaky; our own mark, between a loose tray and an open
   * entrance.
   */
  private static final double LEAKY = 0.6;

  private static final double WORTH_SAYING = 0.002;

  /**
   * What shutting one opening well brings.
   *
   * @param kind which
   * @param kept share kept afterwards
   * @param kill share of the exposed mites killed afterwards
   */
  public record Gain(LeakKind kind, double kept, double kill) {}

  /** Reads one hive. */
  public static SealReading of(
      Hive hive,
      Release release,
      double sealMinutes,
      double gramsPerBox,
      SealParameters figures,
      KillCurve curve) {
    double keptNow = SealEstimate.kept(hive, release, sealMinutes, figures);
    List<Gain> gains =
        figures.leaks(hive).stream()
            .map(
                leak -> {
                  Hive shut = leak.kind().shut(hive);
                  double kept = SealEstimate.kept(shut, release, sealMinutes, figures);
                  return new Gain(leak.kind(), kept, curve.kill(gramsPerBox, kept));
                })
            .filter(gain -> gain.kept() > keptNow + WORTH_SAYING)
            .sorted(Comparator.comparingDouble(Gain::kept).reversed())
            .toList();
    Hive allShut = shut(hive);
    double keptShut = SealEstimate.kept(allShut, release, sealMinutes, figures);
    return new SealReading(
        hive.id(),
        keptNow,
        keptNow < LEAKY,
        gramsPerBox,
        curve.kill(gramsPerBox, keptNow),
        curve.kill(gramsPerBox + 1, keptNow),
        gains,
        keptShut,
        curve.kill(gramsPerBox, keptShut));
  }

  /** The hive with every opening shut as well as it can be. */
  public static Hive shut(Hive hive) {
    Hive shut = hive;
    for (LeakKind kind : LeakKind.values()) {
      shut = kind.shut(shut);
    }
    return shut;
  }
}
