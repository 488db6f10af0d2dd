package tavrel.core.result;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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
 * @param differ whether two of them have intervals that do not touch
 */
public record WorkedHere(What what, List<Group> groups, boolean differ) {

  public WorkedHere {
    groups = List.copyOf(groups);
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
   * @param whole what was taken away from all of them together
   */
  public record Group(String name, int hives, Efficacy whole) {}

  /** Puts the cases together in every way in which they differ. */
  public static List<WorkedHere> of(List<Case> cases) {
    List<WorkedHere> all = new ArrayList<>();
    for (What what : What.values()) {
      Map<String, List<Case>> alike =
          cases.stream()
              .collect(Collectors.groupingBy(name(what), TreeMap::new, Collectors.toList()));
      if (alike.size() > 1) {
        all.add(of(what, alike));
      }
    }
    return all;
  }

  private static WorkedHere of(What what, Map<String, List<Case>> alike) {
    List<Group> groups =
        alike.entrySet().stream()
            .map(
                each -> new Group(each.getKey(), each.getValue().size(), together(each.getValue())))
            .sorted(Comparator.comparingInt(Group::hives).reversed().thenComparing(Group::name))
            .toList();
    boolean differ =
        groups.stream()
            .anyMatch(
                one -> groups.stream().anyMatch(other -> one.whole().low() > other.whole().high()));
    return new WorkedHere(what, groups, differ);
  }

  /** All cases as one sample before and one after. */
  public static Efficacy together(List<Case> cases) {
    return Efficacy.reduction(
        cases.stream().map(Case::before).reduce(Efficacy.Found::and).orElseThrow(),
        cases.stream().map(Case::after).reduce(Efficacy.Found::and).orElseThrow());
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
