package tavrel.core.result;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tavrel.core.dose.BoxFactor;
import tavrel.core.dose.MediumBoxes;
import tavrel.core.hive.BroodBox;

/**
 * What a hive got in a round.
 *
 * @param hiveId the hive
 * @param day the round's day
 * @param acid grams of acid dihydrate in the loads that burned
 * @param boxes its brood boxes on that day
 * @param mediums how they were counted
 * @param sealMinutes seal period
 * @param tool the tool's name
 * @param celsius air temperature, °C, or null where it is not known
 */
public record Given(
    UUID hiveId,
    LocalDate day,
    double acid,
    List<BroodBox> boxes,
    MediumBoxes mediums,
    int sealMinutes,
    String tool,
    @Nullable Double celsius) {

  /** Mean grams of acid dihydrate a box and round; 0 for no round. */
  public static double gramsPerBox(List<Given> rounds) {
    return rounds.stream()
        .mapToDouble(each -> each.acid() / BoxFactor.sum(each.boxes(), each.mediums()))
        .average()
        .orElse(0);
  }

  /** Mean minutes shut; 0 for no round. */
  public static double sealMinutes(List<Given> rounds) {
    return rounds.stream().mapToInt(Given::sealMinutes).average().orElse(0);
  }

  /** Mean air temperature, °C, of the rounds of which it is known; null where of none. */
  static @Nullable Double celsius(List<Given> rounds) {
    List<Double> known =
        rounds.stream().map(Given::celsius).flatMap(each -> Stream.ofNullable(each)).toList();
    return known.isEmpty()
        ? null
        : Double.valueOf(known.stream().mapToDouble(each -> each).average().orElseThrow());
  }

  /** The tools' names, each once. */
  static String tools(List<Given> rounds) {
    return rounds.stream().map(Given::tool).distinct().sorted().collect(Collectors.joining(", "));
  }
}
