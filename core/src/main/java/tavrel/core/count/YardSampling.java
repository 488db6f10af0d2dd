package tavrel.core.count;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.ListSampler;
import org.apache.commons.rng.simple.RandomSource;
import org.apache.commons.statistics.distribution.GammaDistribution;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.Worded;
import tavrel.core.hive.Hive;

/**
 * Which hives of a yard to wash for the question whether it stands above its limit, and when to
 * stop. Hives are drawn at random, spread over the rows as they are walked; those with signs, or
 * long unseen, are washed besides, and tell of themselves alone. Between counts the yard is called
 * above or below only by the 99 % interval of its mean, and from four hives on; else it goes on to
 * a number that was fixed beforehand.
 *
 * @param drawn hives to wash, in the order in which they were drawn
 * @param besides hives to wash besides, in walking order
 * @param spread how much hives differ
 */
public record YardSampling(List<Hive> drawn, List<Hive> besides, HiveSpread spread) {

  /** Of fewer hives nothing is said between counts. */
  public static final int LEAST = 4;

  /** A yard is told well enough from so many hives: more bees settle little. */
  public static final int MOST = 12;

  /** One in so many of a yard at most, and those long unseen are washed besides. */
  private static final int UNSEEN_ARE_FEW = 4;

  /** Two-sided 99 % of the normal distribution. */
  private static final double Z99 = 2.575_829_303_548_901;

  /**
   * What to do after some counts.
   *
   * @param go how to go on
   * @param hives how many of those drawn were counted
   * @param share their mean share, a fraction
   * @param interval where the yard's mean truly lies: 99 % while it goes on, 95 % at the end
   * @param hivesAbove share of the hives that is above the limit where hives differ so much
   * @param says that, told
   */
  public record SoFar(
      Go go, int hives, double share, Interval interval, double hivesAbove, Fact says) {}

  /** How to go on. */
  public enum Go implements Worded {
    /** Wash the next hive drawn. */
    NEXT,
    /** Stop: above the limit. */
    ABOVE,
    /** Stop: the mean is below the limit. */
    BELOW,
    /** All that were drawn are counted, and it is too close to tell. */
    CANNOT_TELL
  }

  /**
   * Draws the hives.
   *
   * @param hives of the yard, in walking order
   * @param besides ids of those with signs or long unseen
   * @param seed the same seed draws the same hives
   */
  public static YardSampling draw(
      List<Hive> hives, Set<UUID> besides, HiveSpread spread, long seed) {
    List<Hive> others = hives.stream().filter(hive -> !besides.contains(hive.id())).toList();
    int wanted = Math.min(MOST, others.size());
    UniformRandomProvider random = RandomSource.XO_RO_SHI_RO_128_PP.create(seed);
    List<Hive> drawn = new ArrayList<>();
    for (int part = 0; part < wanted; part++) {
      int from = part * others.size() / wanted;
      int to = (part + 1) * others.size() / wanted;
      drawn.add(others.get(from + random.nextInt(to - from)));
    }
    ListSampler.shuffle(random, drawn);
    return new YardSampling(
        Collections.unmodifiableList(drawn),
        hives.stream().filter(hive -> besides.contains(hive.id())).toList(),
        spread);
  }

  /**
   * Which hives are washed besides: those with signs, and those long unseen where they are few.
   * Where they are more than a quarter of the yard, they are the yard that is asked about.
   *
   * @param hives of the yard
   * @param withSigns ids of those with signs
   * @param unseen ids of those of which nothing is known for long
   */
  public static Set<UUID> besides(Collection<Hive> hives, Set<UUID> withSigns, Set<UUID> unseen) {
    Set<UUID> besides = new HashSet<>(withSigns);
    if (UNSEEN_ARE_FEW * unseen.size() <= hives.size()) {
      besides.addAll(unseen);
    }
    return besides;
  }

  /** Hives in an order that chance gives; the same seed gives the same. */
  public static List<Hive> shuffled(List<Hive> hives, long seed) {
    List<Hive> shuffled = new ArrayList<>(hives);
    ListSampler.shuffle(RandomSource.XO_RO_SHI_RO_128_PP.create(seed), shuffled);
    return shuffled;
  }

  /** How many are washed at most. */
  public int most() {
    return drawn.size();
  }

  /**
   * What some counts of the hives drawn say.
   *
   * @param counted one sample of each hive that was counted, of those drawn
   * @param limit a fraction
   */
  public SoFar read(Collection<Infestation> counted, double limit) {
    return read(counted, List.of(), 1, limit);
  }

  /**
   * The same where some of those drawn were counted together, in jars. A jar of m hives tells of m
   * hives by their mean, and of how much they differ nothing.
   *
   * @param counted one sample of each hive that was counted alone, of those drawn
   * @param jars of other hives drawn, each hive in one of them
   * @param rolls part of the mites that a sugar roll finds
   * @param limit a fraction
   */
  public SoFar read(
      Collection<Infestation> counted, Collection<Jar> jars, double rolls, double limit) {
    int hives = counted.size() + jars.stream().mapToInt(Jar::hives).sum();
    if (hives == 0) {
      return reading(Go.NEXT, 0, 0, new Interval(0, 1), limit);
    }
    double share =
        (counted.stream().mapToDouble(HiveSpread::share).sum()
                + jars.stream()
                    .mapToDouble(jar -> jar.hives() * jar.share(jar.recovery(rolls)))
                    .sum())
            / hives;
    double seen =
        jars.isEmpty()
            ? counted.stream().mapToDouble(HiveSpread::seen).sum()
            : seen(counted, jars, rolls, hives);
    boolean all = hives >= most();
    Interval interval = Interval.ofHives(share, hives, seen, spread.k(), all ? Interval.Z : Z99);
    if (hives < LEAST && !all) {
      return reading(Go.NEXT, hives, share, interval, limit);
    }
    Go go =
        interval.low() > limit
            ? Go.ABOVE
            : interval.high() < limit ? Go.BELOW : all ? Go.CANNOT_TELL : Go.NEXT;
    return reading(go, hives, share, interval, limit);
  }

  /**
   * Bees of equal samples of as many hives that would tell their mean as well: a jar with few bees
   * weighs with all of its hives, and lets chance in.
   */
  private static double seen(
      Collection<Infestation> counted, Collection<Jar> jars, double rolls, int hives) {
    double perBee =
        counted.stream().mapToDouble(each -> 1 / HiveSpread.seen(each)).sum()
            + jars.stream()
                .mapToDouble(jar -> jar.hives() * jar.hives() / (jar.bees() * jar.recovery(rolls)))
                .sum();
    return hives * hives / perBee;
  }

  private SoFar reading(Go go, int hives, double share, Interval interval, double limit) {
    double above = above(share, limit);
    return new SoFar(
        go,
        hives,
        share,
        interval,
        above,
        hives == 0
            ? Fact.of("sampling.begin").count("of", most(), "hive").share("limit", limit)
            : Fact.of("sampling.reading")
                .word("go", go)
                .count("hives", hives, "hive")
                .figure("of", most())
                .share("share", share)
                .share("low", interval.low())
                .share("high", interval.high())
                .share("limit", limit)
                .share("above", above));
  }

  /**
   * Where to stop, for a pad without a network: by the mites in all after so many samples.
   *
   * @param hives how many of those drawn were counted
   * @param belowUpTo with at most so many mites in all it stops: below; null where it never does
   * @param aboveFrom with so many it stops: above; null where it never does
   */
  public record Boundary(int hives, @Nullable Integer belowUpTo, @Nullable Integer aboveFrom) {}

  /**
   * The boundaries of every number of hives, for samples of as many bees each.
   *
   * @param bees in each sample
   * @param recovery share of the mites that the method finds
   * @param day of the samples
   */
  public List<Boundary> boundaries(int bees, double recovery, double limit, LocalDate day) {
    List<Boundary> boundaries = new ArrayList<>();
    for (int hives = 1; hives <= most(); hives++) {
      Integer below = null;
      Integer above = null;
      for (int mites = 0; mites <= hives * bees && above == null; mites++) {
        Go go = read(evenly(mites, hives, bees, recovery, day), limit).go();
        below = go == Go.BELOW ? Integer.valueOf(mites) : below;
        above = go == Go.ABOVE ? Integer.valueOf(mites) : null;
      }
      boundaries.add(new Boundary(hives, below, above));
    }
    return List.copyOf(boundaries);
  }

  private static List<Infestation> evenly(
      int mites, int hives, int bees, double recovery, LocalDate day) {
    return IntStream.range(0, hives)
        .mapToObj(i -> mites * (i + 1) / hives - mites * i / hives)
        .map(each -> new Infestation(each, bees, recovery, 1, day))
        .toList();
  }

  /** Share of hives above a limit where their shares are spread as a gamma of the same shape. */
  private double above(double mean, double limit) {
    return mean <= 0
        ? 0
        : GammaDistribution.of(spread.k(), mean / spread.k()).survivalProbability(limit);
  }
}
