package tavrel.core.result;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.Value;
import tavrel.core.result.WorkedHere.Case;

/**
 * Two ways of treating held against each other. Yards differ: hives are dealt out anew within the
 * yards that used both ways; where each yard had one way, whole yards are. Of all comparisons on a
 * page some would look different by chance, so each has to be the clearer the more there are (Holm
 * 1979, Scandinavian Journal of Statistics 6).
 *
 * @param one the one way
 * @param other the other
 * @param verdict what the counts allow to be said
 * @param times so many times as many mites the one way left as the other; or null
 * @param low lower end of its 95 % interval, or null
 * @param high upper end, or null
 * @param chance share of arrangements by chance that differ as much, with all comparisons of the
 *     page reckoned in; or null where too few were counted
 * @param byYards whether whole yards were compared
 * @param says it, told
 */
public record WaysCompared(
    Value one,
    Value other,
    Verdict verdict,
    @Nullable Double times,
    @Nullable Double low,
    @Nullable Double high,
    @Nullable Double chance,
    boolean byYards,
    Fact says) {

  /** What counts allow to be said. */
  public enum Verdict {
    DIFFERENT,
    NO_DIFFERENCE_SHOWN,
    TOO_FEW
  }

  /** Less likely than this by chance is called a difference. */
  private static final double RARE = 0.05;

  /** Stands beside every count in the logarithm of a single hive. */
  private static final double BESIDE = 0.5;

  /** Two ways before they are held against each other. */
  record Pair(Value one, List<Case> ofOne, Value other, List<Case> ofOther) {}

  private record Dealt(int index, Pair pair, @Nullable Shuffled shuffled, boolean byYards) {

    double chance() {
      return shuffled == null ? 1 : shuffled.chance();
    }

    boolean mayTell(int factor) {
      return shuffled != null && shuffled.leastChance() * factor < RARE;
    }
  }

  /** Compares every pair of a page; answers stand in the order of the pairs. */
  static List<WaysCompared> of(List<Pair> pairs) {
    List<Dealt> dealt = new ArrayList<>();
    for (Pair pair : pairs) {
      dealt.add(dealt(dealt.size(), pair));
    }
    List<Dealt> telling =
        dealt.stream()
            .filter(each -> each.mayTell(1))
            .sorted(Comparator.comparingDouble(Dealt::chance))
            .toList();
    WaysCompared[] found = new WaysCompared[pairs.size()];
    boolean stopped = false;
    double before = 0;
    for (int rank = 0; rank < telling.size(); rank++) {
      Dealt each = telling.get(rank);
      int factor = telling.size() - rank;
      double chance = Math.min(1, Math.max(before, each.chance() * factor));
      before = chance;
      boolean different = !stopped && chance < RARE;
      stopped = !different;
      Verdict verdict =
          different
              ? Verdict.DIFFERENT
              : each.mayTell(factor) ? Verdict.NO_DIFFERENCE_SHOWN : Verdict.TOO_FEW;
      found[each.index()] = told(each, verdict, chance);
    }
    for (Dealt each : dealt) {
      if (found[each.index()] == null) {
        found[each.index()] = told(each, Verdict.TOO_FEW, 1);
      }
    }
    return List.of(found);
  }

  private static Dealt dealt(int index, Pair pair) {
    Map<String, List<Case>> one = byYard(pair.ofOne());
    Map<String, List<Case>> other = byYard(pair.ofOther());
    List<Shuffled.Block> blocks = new ArrayList<>();
    one.forEach(
        (yard, own) -> {
          if (other.containsKey(yard)) {
            blocks.add(new Shuffled.Block(logs(own), logs(other.get(yard))));
          }
        });
    if (!blocks.isEmpty()) {
      return new Dealt(index, pair, Shuffled.of(blocks), false);
    }
    return new Dealt(
        index, pair, Shuffled.of(List.of(new Shuffled.Block(means(one), means(other)))), true);
  }

  private static Map<String, List<Case>> byYard(List<Case> cases) {
    return cases.stream()
        .collect(Collectors.groupingBy(Case::apiary, TreeMap::new, Collectors.toList()));
  }

  private static double[] means(Map<String, List<Case>> yards) {
    return yards.values().stream()
        .mapToDouble(own -> Arrays.stream(logs(own)).average().orElseThrow())
        .toArray();
  }

  private static double[] logs(List<Case> cases) {
    return cases.stream()
        .mapToDouble(each -> log(each.after()) - log(each.before()))
        .sorted()
        .toArray();
  }

  private static double log(Efficacy.Found found) {
    return Math.log((found.mites() + BESIDE) / found.seen());
  }

  private static WaysCompared told(Dealt of, Verdict verdict, double chance) {
    Pair pair = of.pair();
    Shuffled shuffled = of.shuffled();
    Shuffled enough = verdict == Verdict.TOO_FEW ? null : shuffled;
    Double times = enough == null ? null : exp(enough.difference());
    Double low = enough == null ? null : exp(enough.low());
    Double high = enough == null ? null : exp(enough.high());
    Fact says =
        switch (verdict) {
          case TOO_FEW -> of.byYards() ? Fact.of("ways.tooFewYards") : Fact.of("ways.tooFewHives");
          case NO_DIFFERENCE_SHOWN -> left(Fact.of("ways.noDifference"), times, low, high);
          case DIFFERENT ->
              left(
                  (of.byYards() ? Fact.of("ways.yardsDiffer") : Fact.of("ways.hivesDiffer"))
                      .figure("cases", Math.max(1, Math.round(1_000 * chance))),
                  times,
                  low,
                  high);
        };
    says = says.with("one", pair.one()).with("other", pair.other());
    return new WaysCompared(
        pair.one(),
        pair.other(),
        verdict,
        times,
        low,
        high,
        enough == null ? null : Double.valueOf(chance),
        of.byYards(),
        says);
  }

  private static @Nullable Double exp(@Nullable Double log) {
    return log == null ? null : Double.valueOf(Math.exp(log));
  }

  /** How many times as many mites the one way left as the other, told within a sentence. */
  private static Fact left(
      Fact says, @Nullable Double times, @Nullable Double low, @Nullable Double high) {
    if (times == null) {
      return says;
    }
    Fact left =
        low == null || high == null
            ? Fact.of("ways.left")
            : Fact.of("ways.leftBetween").figure("low", told(low)).figure("high", told(high));
    return says.fact("left", left.figure("times", told(times)));
  }

  private static double told(double times) {
    return times < 10 ? Math.round(10 * times) / 10.0 : Math.round(times);
  }
}
