package tavrel.e2e;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.List;
import java.util.stream.Collectors;
import org.openqa.selenium.WebDriver;

/** Serious and critical accessibility violations of the page that a browser shows, in words. */
final class Barriers {

  private static final String CONTRAST = "color-contrast";

  private Barriers() {}

  /** All but texts that stand out too little. */
  static List<String> withoutColours(WebDriver driver) {
    return found(scan().disableRules(List.of(CONTRAST)), driver);
  }

  /** All of them: four times the work. */
  static List<String> andColours(WebDriver driver) {
    return found(scan(), driver);
  }

  /** Texts that stand out too little. */
  static List<String> colours(WebDriver driver) {
    return found(scan().withOnlyRules(List.of(CONTRAST)), driver);
  }

  /** Rows further down are made as the first are. What is right is not told of. */
  private static AxeBuilder scan() {
    AxeRunOptions options = new AxeRunOptions();
    options.setResultTypes(List.of("violations"));
    return new AxeBuilder().withOptions(options).exclude("tbody tr:nth-child(n + 7)");
  }

  /**
   * There are no frames here, so the scan may stay in its own window: the newer mode opens another
   * for each scan, and at times loses it.
   */
  @SuppressWarnings("deprecation")
  private static List<String> found(AxeBuilder scan, WebDriver driver) {
    return scan.setLegacyMode(true).analyze(driver).getViolations().stream()
        .filter(rule -> "serious".equals(rule.getImpact()) || "critical".equals(rule.getImpact()))
        .map(Barriers::told)
        .toList();
  }

  private static String told(Rule rule) {
    return rule.getId()
        + ": "
        + rule.getHelp()
        + " at "
        + rule.getNodes().stream()
            .map(node -> node.getHtml() + " " + node.getFailureSummary())
            .collect(Collectors.joining(" | "));
  }
}
