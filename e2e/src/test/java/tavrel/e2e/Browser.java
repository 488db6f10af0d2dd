package tavrel.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedDeque;
import org.junit.platform.launcher.TestExecutionListener;
import org.junit.platform.launcher.TestPlan;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;

/** Headless Chromium in a keeper's hand: what one sees, presses and types, with patience. */
final class Browser implements AutoCloseable {

  static final Dimension DESK = new Dimension(1280, 800);
  static final Dimension PHONE = new Dimension(390, 844);

  private static final Duration PATIENCE = Duration.ofSeconds(30);

  /**
   * Chromium without the window that nobody looks at; its start script does not pass signals on.
   */
  private static final String LEAN = "/usr/lib/chromium/chromium-headless-shell";

  /** With a window, though none is shown: the lean one cannot come back to what it kept. */
  private static final String WHOLE = "/usr/bin/chromium";

  /** In tests, which come one after the other, a browser waits for the next. */
  private static final boolean RESTS = Boolean.getBoolean("tavrel.short-lived");

  /**
   * The first of those that a path leads to which is shown, or null. With {@code ready} it can be
   * pressed, too: it is scrolled to only if it is out of sight or covered, since a tap on a page
   * that moves is lost. All in one question: each costs more than its answer.
   */
  private static final String SHOWN =
      """
      const [path, ready] = arguments;
      const found = [];
      if (path.startsWith('//')) {
        const all = document.evaluate(path, document, null, XPathResult.ORDERED_NODE_SNAPSHOT_TYPE, null);
        for (let i = 0; i < all.snapshotLength; i++) found.push(all.snapshotItem(i));
      } else {
        found.push(...document.querySelectorAll(path));
      }
      const target = found.find((each) => {
        const box = each.getBoundingClientRect();
        return box.width > 0 && box.height > 0
          && each.checkVisibility({ opacityProperty: true, visibilityProperty: true });
      });
      if (!target || !ready) return target ?? null;
      if (target.matches(':disabled')) return null;
      const box = target.getBoundingClientRect();
      const hit = document.elementFromPoint(box.left + box.width / 2, box.top + box.height / 2);
      if (!hit || !target.contains(hit)) target.scrollIntoView({ block: 'center', behavior: 'instant' });
      return target;
      """;

  /**
   * Follows a link of the program that need not be on the page, and waits until the page that was
   * left is gone. Says whether it went; it does not where the program does not stand or the page
   * stays.
   */
  private static final String FOLLOW =
      """
      const [path, done] = arguments;
      const left = document.querySelector('#main.page')?.lastElementChild;
      if (!left || path === location.pathname + location.search) return done(false);
      history.pushState({}, '', path);
      dispatchEvent(new PopStateEvent('popstate'));
      const end = Date.now() + 3000;
      const look = () => {
        if (!left.isConnected || Date.now() > end) done(!left.isConnected);
        else setTimeout(look, 20);
      };
      look();
      """;

  /** Whoever stays in the network need not fetch the whole program to be without one. */
  private static final String WITHOUT_WORKER = "delete Navigator.prototype.serviceWorker";

  /** How a browser was started: the size of its window, whether it keeps the program. */
  private record Kind(Dimension size, boolean keeps) {}

  /** Chromium that waits for its next tests, each by how it was started. */
  private static final Map<Kind, Deque<ChromeDriver>> RESTING = new ConcurrentHashMap<>();

  private final ChromeDriver driver;
  private final String url;
  private final Kind kind;
  private final boolean once;
  private int presses;

  /**
   * As new: nothing of an earlier test is in it. Starting Chromium takes longer than a page. It
   * stays in the network.
   */
  Browser(String url, Dimension size) {
    this(url, new Kind(size, false), !RESTS);
  }

  private Browser(String url, Kind kind, boolean once) {
    this.url = url;
    this.kind = kind;
    this.once = once;
    ChromeDriver rested = once ? null : resting(kind).pollFirst();
    driver = rested == null ? started(kind, null) : rested;
  }

  /** For whoever changes the browser itself: no later test goes on with it. */
  static Browser forOnce(String url, Dimension size) {
    return new Browser(url, new Kind(size, false), true);
  }

  /** A phone that keeps the program for when there is no network. */
  static Browser roaming(String url) {
    return new Browser(url, new Kind(PHONE, true), !RESTS);
  }

  /** The same browser again after it was closed, with what it kept in a folder. */
  Browser(String url, Dimension size, Path profile) {
    this.url = url;
    kind = new Kind(size, true);
    once = true;
    driver = started(kind, profile);
  }

  private static Deque<ChromeDriver> resting(Kind kind) {
    return RESTING.computeIfAbsent(kind, none -> new ConcurrentLinkedDeque<>());
  }

  /**
   * Ends those that wait. Not while the machine ends: the drivers are ended then too, and a browser
   * asks its driver in vain for as long as is waited for anything.
   */
  static void letAllGo() {
    RESTING.values().forEach(all -> all.forEach(ChromeDriver::quit));
    RESTING.clear();
  }

  /** Ends browsers and demos when the last test is done. */
  public static final class AfterAllTests implements TestExecutionListener {

    @Override
    public void testPlanExecutionFinished(TestPlan plan) {
      letAllGo();
      App.endAll();
    }
  }

  private static ChromeDriver started(Kind kind, Path profile) {
    Dimension size = kind.size();
    ChromeOptions options = new ChromeOptions();
    options.setBinary(profile == null ? LEAN : WHOLE);
    if (profile != null) {
      options.addArguments("--headless=new", "--user-data-dir=" + profile.toAbsolutePath());
    }
    options.addArguments(
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        "--disable-dev-shm-usage",
        "--force-device-scale-factor=1",
        "--force-prefers-reduced-motion",
        // A region with °C, km and 24 hours; who wants others chooses them.
        "--lang=en-IE",
        "--accept-lang=en-IE,en");
    options.setCapability("goog:loggingPrefs", Map.of("browser", "ALL"));
    options.setExperimentalOption(
        "mobileEmulation",
        Map.of(
            "deviceMetrics",
            Map.of(
                "width",
                size.width,
                "height",
                size.height,
                "pixelRatio",
                1.0,
                "touch",
                size.equals(PHONE))));
    ChromeDriverService service =
        new ChromeDriverService.Builder()
            .usingDriverExecutable(Path.of("/usr/bin/chromedriver").toFile())
            .usingAnyFreePort()
            .build();
    ChromeDriver driver = new ChromeDriver(service, options);
    driver.manage().timeouts().pageLoadTimeout(Duration.ofSeconds(60));
    if (!kind.keeps()) {
      driver.executeCdpCommand(
          "Page.addScriptToEvaluateOnNewDocument", Map.of("source", WITHOUT_WORKER));
    }
    return driver;
  }

  /** Presses of buttons, choices and fields so far. */
  int presses() {
    return presses;
  }

  ChromeDriver driver() {
    return driver;
  }

  /** Types an address: the program is loaded anew. */
  Browser open(String path) {
    driver.get(url + path);
    return this;
  }

  /** Goes to a page within the program, as its links do; a second's work less than an address. */
  Browser go(String path) {
    if (!Boolean.TRUE.equals(driver.executeAsyncScript(FOLLOW, path))) {
      open(path);
    }
    return this;
  }

  Browser reload() {
    driver.navigate().refresh();
    return this;
  }

  /** Goes in by a button of the demo's door. */
  Browser enterAs(String name) {
    open("/sign-in");
    press(name);
    see("Today");
    return this;
  }

  /** Waits until a text stands on the page. */
  Browser see(String text) {
    Until.within(
        PATIENCE,
        () -> "the page shows \"" + text + "\"; it shows: " + shorten(body()),
        () -> shows(text));
    return this;
  }

  /** Waits until a text is gone from the page. */
  Browser seeNo(String text) {
    Until.within(PATIENCE, () -> "the page no longer shows \"" + text + "\"", () -> !shows(text));
    return this;
  }

  /** Waits for an element that is shown. */
  WebElement find(String css) {
    return find(css, css);
  }

  List<WebElement> all(String css) {
    return driver.findElements(By.cssSelector(css));
  }

  /** Presses the button or link whose text or label begins so. */
  Browser press(String text) {
    String quoted = "\"" + text + "\"";
    String path =
        "//*[self::button or self::a or self::summary or @role='option' or @role='menuitem' or self::label][starts-with(normalize-space(.), "
            + quoted
            + ") or starts-with(@aria-label, "
            + quoted
            + ")]";
    pressPatiently(path, text);
    return this;
  }

  Browser pressAt(String css) {
    pressPatiently(css, css);
    return this;
  }

  /** Types into the field with this label, over what stands there. */
  Browser type(String label, String text) {
    presses++;
    WebElement field = field(label);
    field.sendKeys(Keys.chord(Keys.CONTROL, "a"), Keys.DELETE, text);
    return this;
  }

  /** What stands in the field with this label. */
  String typed(String label) {
    return field(label).getDomProperty("value");
  }

  /** Chooses an entry of a select. */
  Browser choose(String label, String entry) {
    String path =
        "//label[starts-with(normalize-space(.), \""
            + label
            + "\")]/ancestor::*[contains(@class, 'v-field')][1]";
    pressPatiently(path, label);
    press(entry);
    return this;
  }

  Browser choose(Path file) {
    By input = By.cssSelector("input[type=file]");
    Until.within(
        PATIENCE, () -> "a file can be chosen", () -> !driver.findElements(input).isEmpty());
    driver.findElement(input).sendKeys(file.toAbsolutePath().toString());
    return this;
  }

  Browser key(CharSequence keys) {
    driver.switchTo().activeElement().sendKeys(keys);
    return this;
  }

  /** Cuts or mends the browser's network; cached pages stay. */
  Browser network(boolean on) {
    driver.executeCdpCommand("Network.enable", Map.of());
    driver.executeCdpCommand(
        "Network.emulateNetworkConditions",
        Map.of("offline", !on, "latency", 0, "downloadThroughput", -1, "uploadThroughput", -1));
    return this;
  }

  Object script(String javaScript, Object... arguments) {
    return ((JavascriptExecutor) driver).executeScript(javaScript, arguments);
  }

  /** Serious and critical accessibility violations, in words, but for colours. */
  List<String> barriers() {
    return Barriers.withoutColours(driver);
  }

  /** These, and texts that stand out too little: four fifths of a scan's time. */
  List<String> barriersAndColours() {
    return Barriers.andColours(driver);
  }

  /** Texts that stand out too little. */
  List<String> colours() {
    return Barriers.colours(driver);
  }

  /** What the browser complained of: script errors and broken content rules. */
  List<String> complaints() {
    return driver.manage().logs().get("browser").getAll().stream()
        .filter(entry -> entry.getLevel().intValue() >= java.util.logging.Level.SEVERE.intValue())
        .map(entry -> entry.getMessage())
        .filter(
            message ->
                !message.contains("status of 4")
                    && !message.contains("ERR_INTERNET_DISCONNECTED")
                    && !message.contains("ERR_CONNECTION_REFUSED"))
        .toList();
  }

  void picture(Path file) {
    try {
      Files.createDirectories(file.toAbsolutePath().getParent());
      Files.write(file, driver.getScreenshotAs(OutputType.BYTES));
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  String body() {
    Object text = script("return document.body ? document.body.innerText : ''");
    return text == null ? "" : text.toString();
  }

  /** Its site, cookies, storage and workers are forgotten, its network is there again. */
  @Override
  public void close() {
    if (once) {
      driver.quit();
      return;
    }
    try {
      network(true);
      driver.get("about:blank");
      driver.executeCdpCommand(
          "Storage.clearDataForOrigin", Map.of("origin", url, "storageTypes", "all"));
      driver.executeCdpCommand("Network.clearBrowserCookies", Map.of());
      driver.manage().logs().get("browser");
      resting(kind).addFirst(driver);
    } catch (WebDriverException broken) {
      driver.quit();
    }
  }

  private WebElement field(String label) {
    return find(
        "//label[starts-with(normalize-space(.), \""
            + label
            + "\")]/ancestor::*[contains(@class, 'v-field')][1]//*[self::input or self::textarea]",
        "field " + label);
  }

  /** Waits for an element that is shown, by a path of its own. */
  WebElement find(String path, String what) {
    WebElement[] found = new WebElement[1];
    Until.within(
        PATIENCE,
        () -> "there is " + what + "; the page shows: " + shorten(body()),
        () -> (found[0] = shown(path, false)) != null);
    return found[0];
  }

  private void pressPatiently(String path, String what) {
    presses++;
    Until.within(
        PATIENCE,
        () -> "\"" + what + "\" can be pressed; the page shows: " + shorten(body()),
        () -> {
          try {
            WebElement target = shown(path, true);
            if (target == null) {
              return false;
            }
            target.click();
            return true;
          } catch (StaleElementReferenceException moved) {
            return false;
          } catch (WebDriverException covered) {
            if (String.valueOf(covered.getMessage()).contains("click")) {
              return false;
            }
            throw covered;
          }
        });
  }

  private WebElement shown(String path, boolean ready) {
    return (WebElement) script(SHOWN, path, ready);
  }

  private boolean shows(String text) {
    return Boolean.TRUE.equals(
        script("return !!document.body && document.body.innerText.includes(arguments[0])", text));
  }

  private static String shorten(String text) {
    return text.length() <= 2500 ? text : text.substring(0, 2500) + "…";
  }
}
