package tavrel.server.roster;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.LikelyWords;
import tavrel.server.table.RowError;

/**
 * A word that no floor or box is called, and what it may mean in all its rows.
 *
 * @param column title of the column
 * @param word as it stands in the file
 * @param rows how many have it
 * @param offered what it may mean, the likeliest first
 */
record WrongWord(String column, String word, int rows, List<String> offered) {

  /** Those of a file, the most frequent first. */
  static List<WrongWord> in(RosterFile file) {
    List<String> usual = usualBoxes(file);
    Map<String, List<RowError>> byWord =
        file.errors().stream()
            .filter(error -> !error.found().isBlank())
            .filter(error -> isFloor(error) || isBoxes(error))
            .collect(
                Collectors.groupingBy(
                    error -> error.column() + " " + error.found().toLowerCase(Locale.ROOT),
                    LinkedHashMap::new,
                    Collectors.toList()));
    List<WrongWord> words = new ArrayList<>();
    byWord
        .values()
        .forEach(
            errors -> {
              RowError first = errors.get(0);
              words.add(
                  new WrongWord(
                      first.column(),
                      first.found(),
                      errors.size(),
                      isFloor(first)
                          ? LikelyWords.floors(first.found())
                          : LikelyWords.boxes(first.found(), usual)));
            });
    words.sort(Comparator.comparingInt(WrongWord::rows).reversed());
    return List.copyOf(words);
  }

  private static boolean isFloor(RowError error) {
    return error.column().equals(RosterFile.Column.FLOOR.title());
  }

  private static boolean isBoxes(RowError error) {
    return error.column().equals(RosterFile.Column.BROOD_BOXES.title());
  }

  private static List<String> usualBoxes(RosterFile file) {
    Map<String, Long> often =
        file.rows().stream()
            .collect(
                Collectors.groupingBy(
                    row -> BoxNotation.write(row.boxes()),
                    LinkedHashMap::new,
                    Collectors.counting()));
    return often.entrySet().stream()
        .sorted(Map.Entry.<String, Long>comparingByValue().reversed())
        .map(Map.Entry::getKey)
        .toList();
  }
}
