package tavrel.e2e;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;

/**
 * A row of hives run in two browsers with two simulated bowls: each burns on with its own, whoever
 * sees a hive due opens it. On the way a cap sticks, one phone loses its network, the other is
 * loaded anew. Everything pressed is written down here, to be held against the register.
 */
final class PracticeRun {

  /** A minute, so that a row is done in minutes; the steps are those of a longer one. */
  private static final int SEAL_MINUTES = 1;

  private static final Duration AFTER_ITS_TIME = Duration.ofSeconds(8);
  private static final Duration OFFLINE_FOR = Duration.ofSeconds(12);

  /** How far time is moved on while nothing can be pressed, s: less than anybody is given. */
  private static final int STEP_SECONDS = 2;

  /** What a phone's clock may be off before anything is pressed on it. */
  private static final Duration CLOSE = Duration.ofMillis(400);

  /**
   * What happened to one hive, as pressed, in the demo's time: of two phones at it, the first start
   * and opening.
   */
  static final class Pressed {
    Instant started;
    Instant out;
    Instant opened;
  }

  private final App app;
  private final int hives;
  private final Client client;
  private final String round;

  /** How far the demo's clock is off this machine's. */
  private Duration ahead;

  private final Map<String, Pressed> pressed = new TreeMap<>();
  private final List<Hand> hands = new ArrayList<>();
  private int faults;
  private int reloads;
  private int cuts;

  PracticeRun(App app, int hives) throws IOException, InterruptedException {
    this.app = app;
    this.hives = hives;
    this.client = Crew.demoKeeper(app);
    client.upload(Bench.roster("Practice Row", hives));
    String first = bowl("Practice bowl 1");
    String second = bowl("Practice bowl 2");
    Map<String, Object> settings = new HashMap<>(Bench.SETTINGS);
    settings.put("sealMinutes", SEAL_MINUTES);
    round = Crew.plan(client, "Practice Row", shortSheet(), settings, first);
    client.send(
        "PUT",
        "/api/rounds/" + round + "/line-up",
        Map.of(
            "toolIds",
            List.of(second),
            "crew",
            Map.of("burners", 2, "helpers", 0),
            "cloths",
            24,
            "preparedAhead",
            true));
    Crew.begin(client, round);
    this.ahead = aheadNow();
  }

  /** By the quickest of some answers, taken at half of its time: a slow one tells nothing. */
  private Duration aheadNow() throws IOException, InterruptedException {
    Duration quickest = Duration.ofDays(1);
    Duration found = Duration.ZERO;
    for (int i = 0; i < 10; i++) {
      Instant asked = Instant.now();
      Instant told =
          Instant.parse(
              client.send("GET", "/api/rounds/" + round + "/board", null).path("now").asText());
      Duration took = Duration.between(asked, Instant.now());
      if (took.compareTo(quickest) < 0) {
        quickest = took;
        found = Duration.between(asked.plus(took.dividedBy(2)), told);
      }
    }
    return found;
  }

  /** One person with a phone and a bowl. */
  private final class Hand {
    final Browser phone;
    String burning = "";
    String lastHive = "";
    Instant lastPress;
    Instant rests = Instant.EPOCH;
    Instant backAt;
    Instant overSince;

    Hand(int tool, String name) {
      this.phone = new Browser(app.url(), Browser.PHONE);
      phone.enterAs(name);
      phone.open("/run/" + round).see("Start burn");
      phone.pressAt("[role=radio]:nth-child(" + tool + ")");
      phone.press("Watch the tool's temperature").press("Simulated tool").see("heating up");
      phone.press("Ends of loads are yours to press");
      phone.press("log the end of a load by itself");
    }

    /** Does what the screen asks for; tells whether there is nothing to do but wait. */
    boolean look() {
      if (backAt != null && Instant.now().isAfter(backAt)) {
        phone.network(true);
        backAt = null;
      }
      if (Instant.now().isBefore(rests) || openDue() || alerted()) {
        return false;
      }
      return !burnOn() && backAt == null;
    }

    private boolean burnOn() {
      if (isHot() && press("Start burn", "[data-act=main]", ".slab .hive-name")) {
        burning = lastHive;
        Pressed of = of(lastHive);
        of.started = of.started == null ? lastPress : of.started;
        return true;
      }
      if (press("Nozzle out", "[data-act=main]", ".slab .hive-name")
          || (isLongOver() && press("Burn ended", "[data-act=main]", ".slab .hive-name"))) {
        of(lastHive).out = lastPress;
        return true;
      }
      return false;
    }

    /** Where the bowl's end is not told, as without network, the clock on the screen decides. */
    private boolean isLongOver() {
      if (!text(".slab .says").contains("past its burn time")) {
        overSince = null;
        return false;
      }
      overSince = overSince == null ? Instant.now() : overSince;
      return Duration.between(overSince, Instant.now()).compareTo(AFTER_ITS_TIME) > 0;
    }

    private boolean openDue() {
      if (!press("Open", ".next.isDue button", ".next strong")) {
        return false;
      }
      Pressed of = of(lastHive);
      of.opened = of.opened == null ? lastPress : of.opened;
      return true;
    }

    /** A cap that sticks: the start is taken back, the next try goes. */
    private boolean alerted() {
      boolean settled = lastPress != null && Duration.between(lastPress, demoNow()).toSeconds() > 5;
      if (!settled || burning.isEmpty() || !text(".alerts").contains("stuck")) {
        return false;
      }
      faults++;
      phone.press("It did not start");
      phone.see("Start burn");
      of(burning).started = null;
      burning = "";
      rests = Until.aTapCountsFrom();
      return true;
    }

    private boolean isHot() {
      if (backAt != null) {
        return true;
      }
      List<WebElement> gauge = phone.all(".gauge");
      try {
        return !gauge.isEmpty()
            && List.of("READY", "DONE").contains(gauge.get(0).getDomAttribute("data-state"));
      } catch (WebDriverException redrawn) {
        return false;
      }
    }

    /**
     * Presses a button that says what is expected, and notes when, by the phone's clock, and for
     * which hive: all in one go, since the screen moves on by itself.
     */
    private boolean press(String word, String button, String name) {
      Object found =
          phone.script(
              "const button = document.querySelector(arguments[1]);"
                  + "const hive = document.querySelector(arguments[2])?.innerText.trim();"
                  + "if (!button || button.disabled || !button.innerText.startsWith(arguments[0])) return null;"
                  + "const at = Date.now(); button.click(); return [hive, at]",
              word,
              button,
              name);
      if (!(found instanceof List<?> hiveAndTime)) {
        return false;
      }
      lastHive = String.valueOf(hiveAndTime.get(0));
      lastPress = Instant.ofEpochMilli(((Number) hiveAndTime.get(1)).longValue()).plus(ahead);
      rests = Until.aTapCountsFrom();
      return true;
    }

    /** By how much this phone is wrong about the demo's time. */
    Duration clockIsOff() {
      Object known = phone.script("return Number(localStorage.getItem('tavrel.clock'))");
      return Duration.ofMillis(((Number) known).longValue()).minus(ahead).abs();
    }

    private String text(String css) {
      Object text =
          phone.script(
              "const found = document.querySelector(arguments[0]); return found ? found.innerText : ''",
              css);
      return String.valueOf(text).strip();
    }
  }

  /** Runs the row to its end. */
  void run(Duration limit) throws InterruptedException, IOException {
    hands.add(new Hand(1, "Wren"));
    hands.add(new Hand(2, "Tam"));
    try {
      Instant end = Instant.now().plus(limit);
      while (!stages().stream().allMatch("OPEN"::equals)) {
        if (Instant.now().isAfter(end)) {
          throw new AssertionError("The row was not done in time: " + stages());
        }
        disturb();
        boolean idle = hands.stream().map(Hand::look).reduce(true, Boolean::logicalAnd);
        if (idle) {
          letTimePass();
        }
        Thread.sleep(75);
      }
      hands.forEach(hand -> hand.phone.see("All open"));
    } finally {
      hands.forEach(hand -> hand.phone.close());
    }
  }

  /** Moves the demo's clock on, and waits until both phones know. */
  private void letTimePass() throws IOException, InterruptedException {
    Instant asked = Instant.now();
    Instant told =
        Instant.parse(
            client
                .send("POST", "/api/demo/clock", Map.of("seconds", STEP_SECONDS))
                .path("now")
                .asText());
    Duration took = Duration.between(asked, Instant.now());
    ahead = Duration.between(asked.plus(took.dividedBy(2)), told);
    for (Hand hand : hands) {
      Until.within(
          Duration.ofSeconds(20),
          "a phone knows what time it is",
          () -> hand.clockIsOff().compareTo(CLOSE) < 0);
    }
  }

  /**
   * A cap sticks after a quarter of the row, the network goes after half, a page after two thirds.
   */
  private void disturb() {
    long begun = pressed.values().stream().filter(each -> each.started != null).count();
    Hand first = hands.get(0);
    Hand second = hands.get(1);
    if (faults == 0 && begun >= hives / 4) {
      first.phone.choose("wrong with the next load", "stuck cap");
      faults = 1;
    }
    if (cuts == 0 && begun >= hives / 2) {
      second.phone.network(false);
      second.backAt = Instant.now().plus(OFFLINE_FOR);
      cuts = 1;
    }
    if (reloads == 0 && begun >= hives * 2 / 3) {
      first.phone.reload().see("Practice Row");
      reloads = 1;
    }
  }

  /** Faults met, network losses and reloads on the way. */
  List<Integer> disturbances() {
    return List.of(faults, cuts, reloads);
  }

  /** What was pressed, by the name of the hive. */
  Map<String, Pressed> pressed() {
    return pressed;
  }

  private Instant demoNow() {
    return Instant.now().plus(ahead);
  }

  private Instant now() throws IOException, InterruptedException {
    return Instant.parse(client.send("GET", "/api/today", null).path("now").asText());
  }

  /** The register's lines. */
  JsonNode register() throws IOException, InterruptedException {
    return client
        .send("GET", "/api/register?apiaryId=" + client.apiaryNamed("Practice Row"), null)
        .path("lines");
  }

  /** The run looked back on. */
  JsonNode review() throws IOException, InterruptedException {
    return client.send("GET", "/api/rounds/" + round + "/review", null).path("review");
  }

  private List<String> stages() throws IOException, InterruptedException {
    return client
        .send("GET", "/api/rounds/" + round + "/board", null)
        .path("hives")
        .findValuesAsText("stage");
  }

  private Pressed of(String hive) {
    return pressed.computeIfAbsent(hive, name -> new Pressed());
  }

  private String bowl(String name) throws IOException, InterruptedException {
    String id = UUID.randomUUID().toString();
    Map<String, Object> tool = new HashMap<>();
    tool.put("id", id);
    tool.put("name", name);
    tool.put("family", "HEATED_BOWL");
    tool.put("power", "MAINS");
    tool.put("release", "CAP_TURNED");
    tool.put("endSign", "NONE");
    tool.put("capacity", 4.5);
    tool.put("preheatSeconds", 100);
    tool.put("coolSeconds", 0);
    tool.put("reloadSeconds", 0);
    tool.put("setCelsius", 230);
    tool.put("watts", 275);
    tool.put("dunkAllowed", false);
    tool.put("marginPercent", 15);
    tool.put("retired", false);
    client.send("PUT", "/api/tools/" + id, tool);
    String burn = UUID.randomUUID().toString();
    client.send(
        "PUT",
        "/api/test-burns/" + burn,
        Map.of(
            "id",
            burn,
            "toolId",
            id,
            "load",
            2,
            "seconds",
            22,
            "at",
            now().minusSeconds(3_600).toString()));
    return id;
  }

  /** A rule sheet that is silent on how long hives stay shut. */
  private String shortSheet() throws IOException, InterruptedException {
    String id = UUID.randomUUID().toString();
    client.send(
        "PUT",
        "/api/rule-sheets/" + id,
        Map.of(
            "id",
            id,
            "name",
            "Practice",
            "gramsOf",
            "ACID_DIHYDRATE",
            "maxPerBox",
            2,
            "registeredProduct",
            true,
            "example",
            false,
            "version",
            1,
            "copiedOn",
            LocalDate.ofInstant(now(), ZoneOffset.UTC).minusDays(1).toString(),
            "copiedBy",
            "Wren"));
    return id;
  }
}
