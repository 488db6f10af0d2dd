package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Dimension;

/**
 * Every page in a made-up language that marks and lengthens its texts: nothing stands outside the
 * catalogue, and nothing is too long for its place.
 */
@Order(2)
class MarkedWordsTest {

  /** Keeps all that the server answers, so that its words are told from those of the screens. */
  private static final String LISTEN =
      """
      window.told = new Set();
      performance.setResourceTimingBufferSize(100000);
      const collect = (value) => {
        if (typeof value === 'string') window.told.add(value.trim().toLowerCase());
        else if (value && typeof value === 'object') Object.values(value).forEach(collect);
      };
      const asks = window.fetch;
      window.fetch = async (...what) => {
        const answer = await asks(...what);
        answer.clone().json().then(collect).catch(() => 0);
        return answer;
      };
      """;

  /**
   * Texts with letters that stand between no marks. What the server said, numbers with their units
   * and days are no texts of a screen.
   */
  private static final String UNMARKED =
      """
      const names = [...window.told].filter((each) => each.length > 1).sort((a, b) => b.length - a.length);
      const left = new Set();
      let depth = 0;
      const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
      for (let node = walker.nextNode(); node; node = walker.nextNode()) {
        const parent = node.parentElement;
        if (!parent || parent.closest('script, style, code, kbd, title')) continue;
        let outside = '';
        for (const sign of node.textContent) {
          if (sign === '⟦') depth++;
          else if (sign === '⟧') depth--;
          else if (depth === 0) outside += sign;
        }
        const text = outside.trim();
        if (text.includes('"code":')) left.add(text);
        if (!text || window.told.has(text.toLowerCase()) || parent.getClientRects().length === 0) continue;
        let rest = text.toLowerCase();
        if (!/[a-z]{2}/.test(rest)) continue;
        for (const each of names) if (rest.includes(each)) rest = rest.replaceAll(each, ' ');
        rest = rest
          .replace(/\\b(mon|tue|Wed|Thu|Fri|Sat|Sun|Jan|Feb|Mar|Apr|May|June?|July?|Aug|Sept?|Oct|Nov|Dec)\\b/gi, ' ')
          .replace(/(^|[^A-Za-z])(English|deep|medium|shallow|nucleus|\\dx|kg|min|Ah|mm|cm|kB|km|mph|mL|PDF|CSV|JSON|Tavrel|am|pm)(?=$|[^A-Za-z])/gi, ' ');
        if (/[A-Za-z]{2}/.test(rest)) left.add(text);
      }
      return [...left];
      """;

  /**
   * Elements whose words do not fit: cut off by their box, or beyond the page. A field's label may
   * end in dots where fields stand close: its whole text is still the field's name.
   */
  private static final String CUT =
      """
      const found = [];
      if (document.documentElement.scrollWidth > innerWidth + 1) found.push('page: ' + document.documentElement.scrollWidth);
      for (const each of document.querySelectorAll('button, a, h1, h2, h3, p, td, th, li, summary, .v-btn__content')) {
        if (!each.checkVisibility({visibilityProperty: true, opacityProperty: true})) continue;
        const style = getComputedStyle(each);
        if (each.scrollWidth > each.clientWidth + 2 && each.clientWidth > 0 && style.overflowX === 'hidden' && style.display !== 'inline')
          found.push(each.tagName + ': ' + each.textContent.trim().slice(0, 60));
      }
      return found;
      """;

  private static final Map<Dimension, String> WIDTHS =
      Map.of(Browser.DESK, " at a desk: ", Browser.PHONE, " on a phone: ");

  @Test
  void nothing_is_said_outside_the_catalogue_nothing_is_cut_and_nothing_is_a_barrier() {
    List<String> wrong = new ArrayList<>();
    try (App app = App.demo();
        Browser browser = Browser.forOnce(app.url(), Browser.DESK)) {
      browser
          .driver()
          .executeCdpCommand("Page.addScriptToEvaluateOnNewDocument", Map.of("source", LISTEN));
      browser.open("/sign-in").script("localStorage.setItem('tavrel.marked', '1')");
      look(browser.open("/sign-in").see("⟧"), "/sign-in", wrong);
      browser.press("⟦Wren").see("Hollow Bank");
      for (String page : pages(browser)) {
        look(browser.go(page).see("⟧"), page, wrong);
        lookInto(browser, page, wrong);
      }
      wrong.addAll(browser.complaints());
    }
    assertThat(wrong).isEmpty();
  }

  @SuppressWarnings("unchecked")
  private static List<String> pages(Browser browser) {
    String id =
        (String)
            browser
                .driver()
                .executeAsyncScript(
                    """
                    const done = arguments[0];
                    fetch('/api/apiaries').then((a) => a.json())
                      .then((all) => done(all.find((each) => each.apiary.name === 'Kiln Field').apiary.id));
                    """);
    String hive =
        (String)
            browser
                .driver()
                .executeAsyncScript(
                    """
                    const done = arguments[1];
                    fetch('/api/apiaries/' + arguments[0]).then((a) => a.json()).then((all) => done(all.hives[3].id));
                    """,
                    id);
    String round =
        (String)
            browser
                .driver()
                .executeAsyncScript(
                    """
                    const done = arguments[0];
                    fetch('/api/rounds').then((a) => a.json()).then((all) => done(all[0].id));
                    """);
    return List.of(
        "/",
        "/account",
        "/waiting",
        "/apiaries",
        "/apiaries/import",
        "/apiaries/new",
        "/hives/" + hive,
        "/apiaries/" + id,
        "/apiaries/" + id + "/stocktake",
        "/apiaries/" + id + "/hours",
        "/apiaries/" + id + "/season",
        "/season",
        "/season/work",
        "/season/outfit",
        "/counts",
        "/counts/year",
        "/counts/winter",
        "/counts/results?apiary=" + id,
        "/spacing",
        "/spacing/" + hive,
        "/parameters",
        "/dose?apiary=" + id,
        "/dose/how-long",
        "/dose/scoops",
        "/dose/sheet/" + round,
        "/rules",
        "/gear",
        "/gear/stock",
        "/run/" + round,
        "/run/" + round + "/ready",
        "/run/" + round + "/review",
        "/register",
        "/safekeeping",
        "/people");
  }

  /** What opens a dialog or a form, by the kind of page that it stands on. */
  private static final Map<String, List<String>> OPENERS =
      Map.of(
          "/",
          List.of("⟦Thermometer", "⟦Find"),
          "/hives/…",
          List.of(
              "⟦Move…",
              "⟦New name…",
              "⟦Queen…",
              "⟦Boxes, supers…",
              "⟦Unite…",
              "⟦Dead, sold, gone…"),
          "/apiaries/…",
          List.of("⟦Tags", "⟦Place and card", "⟦Add a hive"),
          "/rules",
          List.of("⟦Make my own from it"),
          "/register",
          List.of("⟦Put right…", "⟦Write a line by hand"),
          "/spacing/…",
          List.of("⟦What happened here"),
          "/run/…",
          List.of("⟦Leave out", "⟦Somebody hurt", "⟦End the run"));

  /** Opens each dialog of a page, looks, and shuts it again. */
  private static void lookInto(Browser browser, String page, List<String> wrong) {
    String kind = page.replaceAll("[0-9a-f-]{36}", "…");
    for (String opener : OPENERS.getOrDefault(kind, List.of())) {
      browser.go(page).see("⟧");
      untilQuiet(browser);
      browser.all("main [role=checkbox][aria-checked=false]").forEach(point -> point.click());
      if (kind.equals("/run/…") && browser.body().contains("⟦All true")) {
        browser.press("⟦All true").see("⟦Leave out");
      }
      if (List.of("⟦Somebody hurt", "⟦End the run").contains(opener)) {
        browser.pressAt("main .tools button[aria-expanded]").see(opener);
      }
      browser.press(opener);
      untilQuiet(browser);
      look(browser, page + " " + opener + "⟧", wrong);
    }
  }

  /** Waits until nothing more is fetched. */
  private static void untilQuiet(Browser browser) {
    AtomicReference<Object> before = new AtomicReference<>(-1);
    Until.within(
        Duration.ofSeconds(15),
        "nothing more is fetched",
        () -> {
          Object now = browser.script("return performance.getEntriesByType('resource').length");
          return now.equals(before.getAndSet(now));
        });
  }

  /**
   * Looks at a page, or at a dialog over it, at a desk and, without opening it again, as wide as a
   * phone. For barriers at pages at a desk alone: a dialog may still be coming when its words are
   * there.
   */
  private static void look(Browser browser, String page, List<String> wrong) {
    untilQuiet(browser);
    String name = page.replaceAll("[0-9a-f-]{36}", "…");
    WIDTHS.forEach(
        (width, where) -> {
          browser
              .driver()
              .executeCdpCommand(
                  "Emulation.setDeviceMetricsOverride",
                  Map.of(
                      "width",
                      width.width,
                      "height",
                      width.height,
                      "deviceScaleFactor",
                      1,
                      "mobile",
                      false));
          if (width.equals(Browser.DESK) && !name.contains("⟧")) {
            browser.barriers().forEach(text -> wrong.add(name + where + "barrier " + text));
          }
          found(browser, UNMARKED).forEach(text -> wrong.add(name + where + "unmarked " + text));
          found(browser, CUT).forEach(text -> wrong.add(name + where + "cut " + text));
        });
  }

  @SuppressWarnings("unchecked")
  private static List<String> found(Browser browser, String script) {
    return (List<String>) browser.script(script);
  }
}
