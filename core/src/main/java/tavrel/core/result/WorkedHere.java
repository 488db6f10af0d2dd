package tavrel.core.result;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.Value;

/**
 * Which way of treating took most mites away here: hives counted before and after, put together by
 * what was done. Hives were not drawn by lot, so a difference may come from the yards, the brood or
 * the weather; how many hives stand behind a figure is always told.
 *
 * @param what by what they were put together
 * @param groups the way with the most hives first
 * @param compared the largest ways against each other, pair by pair; apiaries are places and are
 *     not compared
 */
public record WorkedHere(What what, List<Group> groups, List<WaysCompared> compared) {

  /** So many ways are compared pair by pair; with more, chance would drown the rest. */
  private static final int COMPARED = 5;

  /** Copies. */
  public WorkedHere {
    groups = List.copyOf(groups);
    compared = List.copyOf(compared);
  }

  /** By what hives are put together. */
  public enum What {
    TOOL,
    DOSE,
    SEAL,
    WARMTH,
    ROUNDS,
    APIARY,
    LINE
  }

  /**
   * A hive treated in a stretch of rounds and counted on both sides of it.
   *
   * @param apiary where
   * @param line of its bees, or null
   * @param tool with what
   * @param gramsPerBox mean grams of acid dihydrate a box and round
   * @param sealMinutes mean minutes shut
   * @param celsius mean air temperature, °C, or null
   * @param rounds how many
   * @param before sample before
   * @param after sample after
   */
  public record Case(
      String apiary,
      @Nullable String line,
      String tool,
      double gramsPerBox,
      double sealMinutes,
      @Nullable Double celsius,
      int rounds,
      Efficacy.Found before,
      Efficacy.Found after) {

    /** A hive's rounds of one stretch with the samples around them. */
    public static Case of(
        String apiary,
        @Nullable String line,
        RoundsTogether stretch,
        List<Given> rounds,
        Efficacy.Found before,
        Efficacy.Found after) {
      return new Case(
          apiary,
          line,
          Given.tools(rounds),
          Given.gramsPerBox(rounds),
          Given.sealMinutes(rounds),
          Given.celsius(rounds),
          stretch.days().size(),
          before,
          after);
    }
  }

  /**
   * Hives treated alike.
   *
   * @param name of what they have in common
   * @param hives how many
   * @param whole what was taken away from all of them together, or null where fewer than {@link
   *     OverHives#LEAST_HIVES} were counted
   */
  public record Group(Value name, int hives, @Nullable Efficacy whole) {}

  /** Hives put together by one thing, before they are compared. */
  private record Sorted(What what, List<Group> groups, List<WaysCompared.Pair> pairs) {}

  /** Puts the cases together in every way in which they differ. */
  public static List<WorkedHere> of(List<Case> cases) {
    List<Sorted> sorted = new ArrayList<>();
    for (What what : What.values()) {
      Map<Value, List<Case>> alike =
          cases.stream()
              .sorted(Comparator.comparing(order(what)))
              .collect(Collectors.groupingBy(name(what), LinkedHashMap::new, Collectors.toList()));
      if (alike.size() > 1) {
        sorted.add(sorted(what, alike));
      }
    }
    List<WaysCompared> compared =
        WaysCompared.of(sorted.stream().flatMap(each -> each.pairs().stream()).toList());
    List<WorkedHere> all = new ArrayList<>();
    int at = 0;
    for (Sorted each : sorted) {
      int end = at + each.pairs().size();
      all.add(new WorkedHere(each.what(), each.groups(), compared.subList(at, end)));
      at = end;
    }
    return all;
  }

  private static Sorted sorted(What what, Map<Value, List<Case>> alike) {
    List<Group> groups =
        alike.entrySet().stream()
            .map(
                each -> new Group(each.getKey(), each.getValue().size(), together(each.getValue())))
            .sorted(Comparator.comparingInt(Group::hives).reversed())
            .toList();
    List<WaysCompared.Pair> pairs = new ArrayList<>();
    int most = what == What.APIARY ? 0 : Math.min(COMPARED, groups.size());
    for (int one = 0; one < most; one++) {
      for (int other = one + 1; other < most; other++) {
        Value first = groups.get(one).name();
        Value second = groups.get(other).name();
        pairs.add(
            new WaysCompared.Pair(
                first,
                Objects.requireNonNull(alike.get(first)),
                second,
                Objects.requireNonNull(alike.get(second))));
      }
    }
    return new Sorted(what, groups, pairs);
  }

  /** What was taken away over all cases; null for fewer than {@link OverHives#LEAST_HIVES}. */
  public static @Nullable Efficacy together(List<Case> cases) {
    return OverHives.reduction(
        cases.stream().map(each -> new OverHives.Counted(each.before(), each.after())).toList());
  }

  private static Function<Case, Value> name(What what) {
    return each ->
        switch (what) {
          case TOOL -> new Value.Text(each.tool());
          case DOSE -> band("ways.gramsBetween", each.gramsPerBox(), 1, Value.Grams::set);
          case SEAL ->
              band(
                  "ways.minutesBetween",
                  each.sealMinutes(),
                  5,
                  minutes -> new Value.Minutes((long) minutes));
          case WARMTH ->
              each.celsius() == null
                  ? said("ways.warmthNotKnown")
                  : band("ways.warmthBetween", each.celsius(), 5, Value.Celsius::new);
          case APIARY -> new Value.Text(each.apiary());
          case LINE -> each.line() == null ? said("ways.noLine") : new Value.Text(each.line());
          case ROUNDS -> new Value.Count(each.rounds(), "round");
        };
  }

  /** Names in the order of the alphabet, bands from the least. */
  private static Function<Case, String> order(What what) {
    return each ->
        switch (what) {
          case TOOL -> each.tool();
          case APIARY -> each.apiary();
          case LINE -> each.line() == null ? "" : each.line();
          case DOSE -> ascending(each.gramsPerBox());
          case SEAL -> ascending(each.sealMinutes());
          case WARMTH -> each.celsius() == null ? "" : ascending(each.celsius());
          case ROUNDS -> ascending(each.rounds());
        };
  }

  private static String ascending(double value) {
    return String.format(Locale.ROOT, "%012.3f", value + 1_000);
  }

  private static Value said(String code) {
    return new Value.Said(Fact.of(code));
  }

  /** From the lower end up to, without, the upper. */
  private static Value band(String code, double value, int wide, DoubleFunction<Value> unit) {
    int from = (int) Math.floor(value / wide + 1e-9) * wide;
    return new Value.Said(
        Fact.of(code).with("from", unit.apply(from)).with("to", unit.apply(from + wide)));
  }
}
