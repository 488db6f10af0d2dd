package tavrel.core.hive;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * How the hives of a yard usually stand: a new one of which nothing is known stands so.
 *
 * @param boxes brood boxes from the floor up
 * @param supers honey supers
 * @param floor its floor
 */
public record UsualSetUp(List<BroodBox> boxes, int supers, Floor floor) {

  /** Where nothing stands yet. */
  public static final UsualSetUp ONE_DEEP =
      new UsualSetUp(BoxNotation.read("deep 10"), 0, Floor.SOLID);

  /** Boxes cannot be changed from outside. */
  public UsualSetUp {
    boxes = List.copyOf(boxes);
  }

  /** As most of them stand; {@link #ONE_DEEP} where there are none. */
  public static UsualSetUp of(Collection<Hive> standing) {
    Map<UsualSetUp, Long> often =
        standing.stream()
            .map(hive -> new UsualSetUp(hive.boxes(), hive.supers(), hive.floor()))
            .collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
    return often.entrySet().stream()
        .max(
            Comparator.comparingLong((Map.Entry<UsualSetUp, Long> each) -> each.getValue())
                .thenComparing(each -> each.getKey().toString()))
        .map(Map.Entry::getKey)
        .orElse(ONE_DEEP);
  }
}
