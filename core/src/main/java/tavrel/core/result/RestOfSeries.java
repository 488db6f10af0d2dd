package tavrel.core.result;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import tavrel.core.mite.ColonyFit;
import tavrel.core.spacing.Schedule;
import tavrel.core.spacing.SpacingSearch;

/**
 * The rounds of a series that are still to come, planned anew from what its rounds so far showed in
 * its own hives. A model estimate.
 *
 * @param on day that is looked at: brood capped during the last round is out by then
 * @param ways to end it here, to go on as agreed, and what fits best
 * @param without hives of the series with too few counts to fit anything; they are not reckoned
 */
public record RestOfSeries(LocalDate on, List<Way> ways, List<String> without) {

  /**
   * What is agreed stays where nothing else leaves clearly less: the share that counts as clearly.
   */
  private static final double CLEARLY = 0.9;

  /** So many rounds more than agreed are looked at. */
  private static final int MORE = 2;

  /** Ways to go on. */
  public enum Kind {
    END_HERE,
    AS_AGREED,
    /**
     * The fewest rounds that bring every hive below the limit, or the best that the label lets be.
     */
    FITTED
  }

  /**
   * A hive at the end of a way.
   *
   * @param hiveId the hive
   * @param hive its name
   * @param wash mites a bee that a sample would find then, a fraction
   */
  public record HiveThen(UUID hiveId, String hive, ColonyFit.Estimate wash) {}

  /**
   * A way to go on.
   *
   * @param kind what it does with the rest of the series
   * @param days days of the rounds to come
   * @param hives its hives, the worst first
   * @param above hives that are more likely above the limit than below
   */
  public record Way(Kind kind, List<LocalDate> days, List<HiveThen> hives, int above) {}

  /** A hive of the series with the model fitted to it. */
  private record Fitted(UUID id, String name, HiveResult.Known known, ColonyFit fit) {

    private int[] with(List<LocalDate> more) {
      List<LocalDate> all = new ArrayList<>(known.rounds());
      all.addAll(more);
      return all.stream().mapToInt(this::index).toArray();
    }

    private int index(LocalDate day) {
      return (int) ChronoUnit.DAYS.between(known.rounds().get(0), day);
    }

    double mean(List<LocalDate> more, LocalDate on) {
      return fit.meanWash(with(more), index(on));
    }

    HiveThen then(List<LocalDate> more, LocalDate on) {
      return new HiveThen(id, name, fit.wash(with(more), index(on)));
    }
  }

  /**
   * A hive of the series.
   *
   * @param known what is known of it, or null where it got no round yet
   */
  public record InSeries(UUID id, String name, HiveResult.@Nullable Known known) {}

  private record Option(List<LocalDate> days, double worst) {}

  /**
   * Plans it.
   *
   * @param hives of the series
   * @param agreed days still to come, ascending; one at least
   * @param limit of the season, a fraction
   * @param onLabel whether the rule sheet lets the series be with these days to come
   * @return the ways, or null where no hive has counts enough
   */
  public static @Nullable RestOfSeries of(
      List<InSeries> hives,
      List<LocalDate> agreed,
      double limit,
      Predicate<List<LocalDate>> onLabel) {
    List<Fitted> fitted = new ArrayList<>();
    List<String> without = new ArrayList<>();
    for (InSeries hive : hives) {
      ColonyFit fit = hive.known() == null ? null : HiveResult.fitted(hive.known());
      if (hive.known() == null || fit == null) {
        without.add(hive.name());
      } else {
        fitted.add(new Fitted(hive.id(), hive.name(), hive.known(), fit));
      }
    }
    if (fitted.isEmpty()) {
      return null;
    }
    LocalDate on =
        fitted.stream()
            .map(each -> HiveResult.lookAt(each.known()))
            .min(Comparator.naturalOrder())
            .orElseThrow();
    Map<Kind, List<LocalDate>> ways = new LinkedHashMap<>();
    ways.put(Kind.END_HERE, List.of());
    ways.put(Kind.AS_AGREED, agreed);
    List<LocalDate> best = best(fitted, agreed, on, limit, onLabel);
    if (best != null) {
      ways.put(Kind.FITTED, best);
    }
    return new RestOfSeries(
        on,
        ways.entrySet().stream()
            .map(each -> way(each.getKey(), each.getValue(), fitted, on, limit))
            .toList(),
        List.copyOf(without));
  }

  private static Way way(
      Kind kind, List<LocalDate> days, List<Fitted> hives, LocalDate on, double limit) {
    List<HiveThen> then =
        hives.stream()
            .map(hive -> hive.then(days, on))
            .sorted(Comparator.comparingDouble((HiveThen each) -> each.wash().middle()).reversed())
            .toList();
    int above = (int) then.stream().filter(each -> each.wash().middle() > limit).count();
    return new Way(kind, days, then, above);
  }

  /**
   * The fewest rounds that bring the mean of every hive below the limit, at the gap that leaves the
   * worst hive best off; where none does, the best there is. What is agreed stays where it does as
   * well with as few rounds. Null where nothing is on the label.
   */
  private static @Nullable List<LocalDate> best(
      List<Fitted> hives,
      List<LocalDate> agreed,
      LocalDate on,
      double limit,
      Predicate<List<LocalDate>> onLabel) {
    List<Option> options = options(hives, agreed, on);
    Option best = search(options, limit, onLabel);
    Option asAgreed =
        options.stream().filter(option -> option.days().equals(agreed)).findFirst().orElseThrow();
    boolean stays =
        best != null
            && best.days().size() >= agreed.size()
            && best.worst() > CLEARLY * asAgreed.worst()
            && (asAgreed.worst() <= limit || best.worst() > limit)
            && onLabel.test(agreed);
    return stays ? agreed : best == null ? null : best.days();
  }

  private static @Nullable Option search(
      List<Option> options, double limit, Predicate<List<LocalDate>> onLabel) {
    Comparator<Option> fewest = Comparator.comparingInt(option -> option.days().size());
    Comparator<Option> least = Comparator.comparingDouble(Option::worst);
    return options.stream()
        .filter(option -> option.worst() <= limit)
        .sorted(fewest.thenComparing(least))
        .filter(option -> option.days().isEmpty() || onLabel.test(option.days()))
        .findFirst()
        .or(
            () ->
                options.stream()
                    .filter(option -> option.worst() > limit)
                    .sorted(least)
                    .filter(option -> option.days().isEmpty() || onLabel.test(option.days()))
                    .findFirst())
        .orElse(null);
  }

  /** Even series that begin on the next day agreed, and none at all. */
  private static List<Option> options(List<Fitted> hives, List<LocalDate> agreed, LocalDate on) {
    int done = hives.stream().mapToInt(hive -> hive.known().rounds().size()).max().orElse(0);
    int most = Math.min(agreed.size() + MORE, Schedule.MOST_ROUNDS - done);
    List<List<LocalDate>> ways = new ArrayList<>();
    ways.add(List.of());
    ways.add(agreed);
    for (int rounds = 1; rounds <= most; rounds++) {
      int lastGap = rounds == 1 ? SpacingSearch.FIRST_GAP : SpacingSearch.LAST_GAP;
      for (int gap = SpacingSearch.FIRST_GAP; gap <= lastGap; gap++) {
        List<LocalDate> days = Schedule.every(agreed.get(0), rounds, gap).days();
        if (!days.get(rounds - 1).isAfter(on.minusDays(RoundsTogether.SETTLED))) {
          ways.add(days);
        }
      }
    }
    return ways.stream()
        .map(
            days ->
                new Option(
                    days, hives.stream().mapToDouble(hive -> hive.mean(days, on)).max().orElse(0)))
        .toList();
  }
}
