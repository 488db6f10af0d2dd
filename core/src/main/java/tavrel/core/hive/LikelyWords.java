package tavrel.core.hive;

import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What somebody may have meant by a word that is none of a roster's: those that share most words
 * with it come first. It is offered, never taken for granted.
 */
public final class LikelyWords {

  private static final List<String> FLOORS =
      List.of("mesh tray tight", "mesh tray loose", "bare mesh", "solid");
  private static final List<String> BOXES =
      List.of("deep 10", "medium 10", "2x deep 10", "deep 10 + medium 10", "deep 8", "medium 8");

  private LikelyWords() {}

  /** Floors, the likeliest first. */
  public static List<String> floors(String wrong) {
    return ranked(wrong, FLOORS);
  }

  /**
   * Brood boxes, the likeliest first.
   *
   * @param usual those that other rows of the roster have, the most frequent first
   */
  public static List<String> boxes(String wrong, List<String> usual) {
    Set<String> all = new LinkedHashSet<>(usual);
    all.addAll(BOXES);
    return ranked(wrong, List.copyOf(all));
  }

  private static List<String> ranked(String wrong, List<String> known) {
    Set<String> words = words(wrong);
    return known.stream()
        .sorted(
            Comparator.comparingLong(
                    (String each) -> words(each).stream().filter(words::contains).count())
                .reversed())
        .toList();
  }

  private static Set<String> words(String text) {
    return Stream.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
        .flatMap(word -> Arrays.stream(word.split("(?<=\\d)(?=\\p{L})|(?<=\\p{L})(?=\\d)")))
        .map(
            word ->
                word.endsWith("s") && word.length() > 3
                    ? word.substring(0, word.length() - 1)
                    : word)
        .filter(word -> !word.isEmpty())
        .collect(Collectors.toSet());
  }
}
