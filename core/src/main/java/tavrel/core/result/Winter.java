package tavrel.core.result;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.count.Interval;

/**
 * A winter's verdict: how many hives lived, what the dead showed, and how both go with the load of
 * mites that the hives took into it.
 *
 * @param year the year of the spring
 * @param looked hives of which an outcome is known
 * @param outcomes how many of each
 * @param signs what the dead showed
 * @param lost hives that died, against those that were in the winter, or null where none was
 * @param byLoad the same by the last sample of late summer and autumn
 */
public record Winter(
    int year,
    int looked,
    Map<WinterOutcome, Integer> outcomes,
    Map<DeathSign, Integer> signs,
    @Nullable Lost lost,
    List<LoadBand> byLoad) {

  /** Loads are put together by these limits, a share of the bees. */
  private static final double[] LIMITS = {0, 0.01, 0.03, 1.000_001};

  /**
   * A hive in spring.
   *
   * @param outcome how it came through
   * @param sign what it showed, where it died
   * @param load share of its bees with mites in the last sample before the winter, or null
   */
  public record Hive(WinterOutcome outcome, @Nullable DeathSign sign, @Nullable Double load) {}

  /**
   * A share that died, with its 95 % interval.
   *
   * @param dead how many
   * @param of how many
   * @param share dead of all
   * @param interval Wilson's
   */
  public record Lost(int dead, int of, double share, Interval interval) {}

  /**
   * Hives with like loads.
   *
   * @param name its range
   * @param lost how many died, or null where no hive had such a load
   */
  public record LoadBand(Fact name, @Nullable Lost lost) {}

  /** Sums up a spring. */
  public static Winter of(int year, List<Hive> hives) {
    Map<WinterOutcome, Integer> outcomes = new EnumMap<>(WinterOutcome.class);
    Map<DeathSign, Integer> signs = new EnumMap<>(DeathSign.class);
    for (Hive hive : hives) {
      outcomes.merge(hive.outcome(), 1, Integer::sum);
      if (hive.outcome() == WinterOutcome.DEAD) {
        signs.merge(hive.sign() == null ? DeathSign.UNKNOWN : hive.sign(), 1, Integer::sum);
      }
    }
    List<LoadBand> bands = new ArrayList<>();
    for (int i = 0; i < LIMITS.length - 1; i++) {
      double low = LIMITS[i];
      double high = LIMITS[i + 1];
      bands.add(
          new LoadBand(
              name(i),
              lost(hives.stream().filter(hive -> liesWithin(hive.load(), low, high)).toList())));
    }
    bands.add(
        new LoadBand(
            Fact.of("winter.notCounted"),
            lost(hives.stream().filter(hive -> hive.load() == null).toList())));
    return new Winter(year, hives.size(), outcomes, signs, lost(hives), bands);
  }

  private static Fact name(int band) {
    double low = LIMITS[band];
    double high = LIMITS[band + 1];
    return band == 0
        ? Fact.of("winter.under").share("high", high)
        : band == LIMITS.length - 2
            ? Fact.of("winter.over").share("low", low)
            : Fact.of("winter.between").share("low", low).share("high", high);
  }

  private static @Nullable Lost lost(List<Hive> hives) {
    int of = (int) hives.stream().filter(hive -> hive.outcome().counts()).count();
    if (of == 0) {
      return null;
    }
    int dead = (int) hives.stream().filter(hive -> hive.outcome() == WinterOutcome.DEAD).count();
    double share = (double) dead / of;
    return new Lost(dead, of, share, Interval.wilson(share, of));
  }

  private static boolean liesWithin(@Nullable Double load, double low, double high) {
    return load != null && load >= low && load < high;
  }
}
