package tavrel.e2e;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.openqa.selenium.chrome.ChromeDriver;

/** Serious and critical accessibility violations of the page that a browser shows, in words. */
final class Barriers {

  private static final String CONTRAST = "color-contrast";

  /** The scanner, as its makers pack it. */
  private static final String SCANNER = scanner();

  /** What the scanner weighs as no serious barrier is not looked for. */
  private static final List<String> SLIGHT =
      List.of("region", "skip-link", "heading-order", "page-has-heading-one", "landmark-unique");

  /**
   * Scans in the page's own window, where the scanner stays as long as the page does: reading it
   * takes as long as a scan. Rows further down are made as the first are.
   */
  private static final String SCAN =
      """
      const [options, done] = arguments;
      axe.run({ exclude: ['tbody tr:nth-child(n + 7)'] }, { resultTypes: ['violations'], ...options }).then(
        ({ violations }) =>
          done(
            violations
              .filter((rule) => rule.impact === 'serious' || rule.impact === 'critical')
              .map((rule) => `${rule.id}: ${rule.help} at `
                + rule.nodes.map((node) => `${node.html} ${node.failureSummary}`).join(' | ')),
          ),
        (broken) => done([String(broken)]),
      );
      """;

  private Barriers() {}

  /** All but texts that stand out too little. */
  static List<String> withoutColours(ChromeDriver driver) {
    return found(driver, Map.of("rules", off(true)));
  }

  /** All of them: four times the work. */
  static List<String> andColours(ChromeDriver driver) {
    return found(driver, Map.of("rules", off(false)));
  }

  /** Texts that stand out too little. */
  static List<String> colours(ChromeDriver driver) {
    return found(driver, Map.of("runOnly", List.of(CONTRAST)));
  }

  private static Map<String, Object> off(boolean contrast) {
    Map<String, Object> off = new HashMap<>();
    SLIGHT.forEach(rule -> off.put(rule, Map.of("enabled", false)));
    if (contrast) {
      off.put(CONTRAST, Map.of("enabled", false));
    }
    return off;
  }

  @SuppressWarnings("unchecked")
  private static List<String> found(ChromeDriver driver, Map<String, Object> options) {
    if (!Boolean.TRUE.equals(driver.executeScript("return typeof axe === 'object'"))) {
      driver.executeScript(SCANNER);
    }
    return (List<String>) Objects.requireNonNull(driver.executeAsyncScript(SCAN, options));
  }

  private static String scanner() {
    try (InputStream in = Barriers.class.getResourceAsStream("/axe.min.js")) {
      return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }
}
