package tavrel.core.result;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

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
    TOOL("tool"),
    DOSE("acid a box and round"),
    SEAL("minutes shut"),
    WARMTH("air at the burn"),
    ROUNDS("rounds together"),
    APIARY("apiary"),
    LINE("line of bees");

    private final String words;

    What(String words) {
      this.words = words;
    }

    /** How it is named on screen. */
    public String words() {
      return words;
    }
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
   * @param name in words
   * @param hives how many
   * @param whole what was taken away from all of them together, or null where fewer than {@link
   *     OverHives#LEAST_HIVES} were counted
   */
  public record Group(String name, int hives, @Nullable Efficacy whole) {}

  /** Hives put together by one thing, before they are compared. */
  private record Sorted(What what, List<Group> groups, List<WaysCompared.Pair> pairs) {}

  /** Puts the cases together in every way in which they differ. */
  public static List<WorkedHere> of(List<Case> cases) {
    List<Sorted> sorted = new ArrayList<>();
    for (What what : What.values()) {
      Map<String, List<Case>> alike =
          cases.stream()
              .collect(Collectors.groupingBy(name(what), TreeMap::new, Collectors.toList()));
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

  private static Sorted sorted(What what, Map<String, List<Case>> alike) {
    List<Group> groups =
        alike.entrySet().stream()
            .map(
                each -> new Group(each.getKey(), each.getValue().size(), together(each.getValue())))
            .sorted(Comparator.comparingInt(Group::hives).reversed().thenComparing(Group::name))
            .toList();
    List<WaysCompared.Pair> pairs = new ArrayList<>();
    int most = what == What.APIARY ? 0 : Math.min(COMPARED, groups.size());
    for (int one = 0; one < most; one++) {
      for (int other = one + 1; other < most; other++) {
        String first = groups.get(one).name();
        String second = groups.get(other).name();
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

  private static Function<Case, String> name(What what) {
    return each ->
        switch (what) {
          case TOOL -> each.tool();
          case DOSE -> band(each.gramsPerBox(), 1, "g");
          case SEAL -> band(each.sealMinutes(), 5, "min");
          case WARMTH -> each.celsius() == null ? "not known" : band(each.celsius(), 5, "°C");
          case APIARY -> each.apiary();
          case LINE -> each.line() == null ? "no name" : each.line();
          case ROUNDS -> each.rounds() == 1 ? "1 round" : each.rounds() + " rounds";
        };
  }

  /** "2 to 3 g": from the lower end up to, without, the upper. */
  private static String band(double value, int wide, String unit) {
    int from = (int) Math.floor(value / wide + 1e-9) * wide;
    return String.format(Locale.ROOT, "%d to %d %s", from, from + wide, unit);
  }
}
