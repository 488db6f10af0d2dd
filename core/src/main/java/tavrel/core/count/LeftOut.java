package tavrel.core.count;

import java.util.Comparator;
import java.util.List;
import tavrel.core.hive.Hive;

/** A word on the neighbours of a hive that is left untreated. */
public final class LeftOut {

  private LeftOut() {}

  /**
   * What leaving a hive out means for those beside it.
   *
   * @param row the hives of its apiary
   * @param left the hive that is left out
   */
  public static String says(List<Hive> row, Hive left) {
    List<String> beside =
        row.stream()
            .filter(hive -> !hive.id().equals(left.id()))
            .filter(hive -> Math.abs(hive.place() - left.place()) <= 1)
            .sorted(Comparator.comparingInt(Hive::place))
            .map(Hive::name)
            .toList();
    String whom = beside.isEmpty() ? "other hives" : String.join(" and ", beside);
    return "Bees drift and rob: "
        + left.name()
        + ", left untreated, can bring mites to "
        + whom
        + ". Count there again in two to four weeks.";
  }
}
