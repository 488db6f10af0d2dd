package tavrel.core.count;

import java.util.Comparator;
import java.util.List;
import tavrel.core.Fact;
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
  public static Fact of(List<Hive> row, Hive left) {
    List<String> beside =
        row.stream()
            .filter(hive -> !hive.id().equals(left.id()))
            .filter(hive -> Math.abs(hive.place() - left.place()) <= 1)
            .sorted(Comparator.comparingInt(Hive::place))
            .map(Hive::name)
            .toList();
    Fact word =
        switch (beside.size()) {
          case 0 -> Fact.of("leftOut.toOthers");
          case 1 -> Fact.of("leftOut.toOne").text("one", beside.get(0));
          default ->
              Fact.of("leftOut.toBoth").text("one", beside.get(0)).text("other", beside.get(1));
        };
    return word.text("hive", left.name());
  }
}
