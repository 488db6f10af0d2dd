package tavrel.e2e;

import java.nio.file.Files;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * Measures how long a press on one phone takes to show on another, from the tap to the change on
 * the other's screen, both by the clock of the one machine that they run on. Limit: 1 s. Run with
 * the presses.
 */
public final class ScreensBench {

  private static final int HIVES = 60;

  /** Notes when a hive's state changes on this screen. */
  private static final String LOOK_OUT =
      "window.changes = []; new MutationObserver(() => window.changes.push(Date.now()))"
          + ".observe(document.querySelector('ol.row'), {attributeFilter: ['data-state'], subtree: true})";

  private static final String TAP =
      "const button = document.querySelector('[data-act=main]');"
          + "if (!button || button.disabled) return null;"
          + "const at = Date.now(); button.click(); return at";

  private ScreensBench() {}

  /** Runs it; the data go to a folder that is made for it. */
  public static void main(String[] arguments) throws Exception {
    int presses = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 60;
    try (App app = App.serve(Files.createTempDirectory("tavrel-bench"));
        Browser one = Browser.roaming(app.url());
        Browser other = Browser.roaming(app.url())) {
      String round = Crew.round(app, HIVES);
      for (Browser phone : List.of(one, other)) {
        phone.open("/sign-in").see("Sign in").type("Login", Crew.LOGIN);
        phone.type("Password", Bench.PASSWORD).press("Sign in").see("Long Row");
        phone.open("/run/" + round).see("Start burn");
      }
      other.script(LOOK_OUT);
      List<Double> took = new ArrayList<>();
      while (took.size() < presses) {
        Object at = one.script(TAP);
        if (at instanceof Number tapped) {
          took.add(shownAt(other, tapped.longValue()) - (double) tapped.longValue());
        }
        Until.nextTapCounts();
      }
      Bench.percentiles("a press on one phone, shown on the other", took);
    }
  }

  /** When the other screen first changed after a tap, ms of the clock. */
  private static long shownAt(Browser other, long tapped) {
    long[] seen = new long[1];
    Until.within(
        Duration.ofSeconds(20),
        "the other screen shows it",
        () -> {
          Object first =
              other.script("return window.changes.find(at => at >= arguments[0]) ?? null", tapped);
          seen[0] = first instanceof Number at ? at.longValue() : 0;
          return seen[0] > 0;
        });
    return seen[0];
  }
}
