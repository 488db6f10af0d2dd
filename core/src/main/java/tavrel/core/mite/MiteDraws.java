package tavrel.core.mite;

import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.ChengBetaSampler;
import org.apache.commons.rng.sampling.distribution.ContinuousSampler;
import org.apache.commons.rng.sampling.distribution.LogNormalSampler;
import org.apache.commons.rng.sampling.distribution.ZigguratSampler;
import org.apache.commons.rng.simple.RandomSource;

/**
 * What a colony's load and a round's kill may truly be: infestation drawn from Beta(m + ½, n − m +
 * ½), D₀ lognormal with σ 0.3, one draw of each a course. Drawn from a seed: the same question has
 * the same answer.
 */
public final class MiteDraws {

  /** How many. */
  public static final int NUMBER = 400;

  private static final double SPREAD = 0.3;
  private static final long SEED = 20_260_511L;

  private final double[] shares;
  private final double[] kills;

  private MiteDraws(double[] shares, double[] kills) {
    this.shares = shares;
    this.kills = kills;
  }

  /**
   * Draws them.
   *
   * @param load the count
   * @param dose what each round gives
   */
  public static MiteDraws of(ColonyLoad load, Dose dose) {
    UniformRandomProvider random = RandomSource.XO_RO_SHI_RO_128_PP.create(SEED);
    ContinuousSampler share =
        ChengBetaSampler.of(random, load.mites() + 0.5, load.sampleBees() - load.mites() + 0.5);
    ContinuousSampler scale =
        LogNormalSampler.of(
            ZigguratSampler.NormalizedGaussian.of(random), Math.log(dose.curve().scale()), SPREAD);
    double[] shares = new double[NUMBER];
    double[] kills = new double[NUMBER];
    for (int draw = 0; draw < NUMBER; draw++) {
      shares[draw] = Math.min(1, share.sample() / load.recovery());
      kills[draw] = dose.killWith(scale.sample());
    }
    return new MiteDraws(shares, kills);
  }

  /** Mites a bee of a draw, a fraction. */
  public double share(int draw) {
    return shares[draw];
  }

  /** Share of the exposed mites that a round of a draw kills. */
  public double kill(int draw) {
    return kills[draw];
  }
}
