package tavrel.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Codes of refusals last: other programs and kept translations go by them. A code that is used no
 * more stays in the list, so that it is never given to something else.
 */
class RefusalCodesTest {

  private static final Path LIST = Path.of("src/test/resources/refusal-codes.txt");
  private static final Pattern REFUSAL =
      Pattern.compile(
          "(?:InvalidValue\\(\\s*[^;]*?,|\\brefused\\()\\s*\"([a-z]\\w*)\",\\s*\"((?:[^\"\\\\]|\\\\.)*)\"");

  @Test
  void every_code_is_listed_with_what_it_says_and_none_is_renamed_or_used_again()
      throws IOException {
    Map<String, String> listed = new TreeMap<>();
    for (String line : Files.readAllLines(LIST)) {
      String[] parts = line.split(" ", 2);
      assertThat(listed.put(parts[0], parts[1])).as(parts[0] + " is listed once").isNull();
    }
    assertThat(listed).containsAllEntriesOf(told());
    assertThat(List.copyOf(listed.keySet())).isSorted();
  }

  private static Map<String, String> told() throws IOException {
    Map<String, String> told = new TreeMap<>();
    for (String module : List.of("../core", "../server")) {
      try (Stream<Path> files = Files.walk(Path.of(module, "src/main/java"))) {
        for (Path file : files.filter(each -> each.toString().endsWith(".java")).toList()) {
          Matcher refusal = REFUSAL.matcher(Files.readString(file));
          while (refusal.find()) {
            String before = told.put(refusal.group(1), refusal.group(2));
            assertThat(before == null || before.equals(refusal.group(2)))
                .as(refusal.group(1) + " says one thing only")
                .isTrue();
          }
        }
      }
    }
    return told;
  }
}
