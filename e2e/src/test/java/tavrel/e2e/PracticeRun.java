package tavrel.e2e;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;

/**
 * A row of hives run in two browsers with two simulated bowls: each burns on with its own, whoever
 * sees a hive due opens it. On the way a cap sticks, one phone loses its network, the other is
 * loaded anew. Everything pressed is written down here, to be held against the register.
 */
final class PracticeRun {

  /** A minute, so that a row is done in minutes; the steps are those of a longer one. */
  private static final int SEAL_MINUTES = 1;

  private static final Duration AFTER_ITS_TIME = Duration.ofSeconds(3);

  /** The network stays away for as long, and longer where nothing was pressed meanwhile. */
  private static final Duration OFFLINE_FOR = Duration.ofSeconds(5);

  /** It goes when a burn has run for as long: without network no time is moved on. */
  private static final Duration LATE_IN_A_BURN = Duration.ofSeconds(19);

  /** Time is moved on to what comes next, but never further, s: far less than a seal. */
  private static final int LONGEST_STEP = 20;

  /** And never less, s. */
  private static final int SHORTEST_STEP = 4;

  /** A page takes two taps within 0.7 s for a slip of the glove; both are timed by the page. */
  private static final Duration TAPS_APART = Duration.ofMillis(720);

  /** What a phone's clock may be off before anything is pressed on it. */
  private static final Duration CLOSE = Duration.ofMillis(400);

  /** What a screen says at one look: all in one go, since each question to a browser takes time. */
  private static final String GLANCE =
      """
      const text = (css) => document.querySelector(css)?.innerText ?? '';
      return [text('.alerts'), text('.slab .says'),
        document.querySelector('.gauge')?.dataset.state ?? '']
      """;

  private record Glance(String alerts, String says, String gauge) {}

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
    PracticeGear gear = new PracticeGear(client);
    String first = gear.bowl("Practice bowl 1");
    String second = gear.bowl("Practice bowl 2");
    Map<String, Object> settings = new HashMap<>(Bench.SETTINGS);
    settings.put("sealMinutes", SEAL_MINUTES);
    round = Crew.plan(client, "Practice Row", gear.shortSheet(), settings, first);
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
    Instant burnsSince = Instant.MAX;
    Instant cutAt;
    Instant pressedWhenCut;
    Instant overSince;

    Hand(int tool, String name) {
      this.phone = Browser.roaming(app.url());
      phone.enterAs(name);
      phone.go("/run/" + round).see("Start burn");
      phone.pressAt("[role=radio]:nth-child(" + tool + ")");
      phone.press("Watch the tool's temperature").press("Simulated tool").see("heating up");
      phone.press("Ends of loads are yours to press");
      phone.press("log the end of a load by itself");
    }

    /** Does what the screen asks for; tells whether there is nothing to do but wait. */
    boolean look() {
      if (cutAt != null
          && !Objects.equals(lastPress, pressedWhenCut)
          && Instant.now().isAfter(cutAt.plus(OFFLINE_FOR))) {
        phone.network(true);
        cutAt = null;
      }
      if (Instant.now().isBefore(rests)) {
        return false;
      }
      Glance seen = glance();
      if (openDue() || alerted(seen)) {
        return false;
      }
      return !burnOn(seen) && cutAt == null;
    }

    private Glance glance() {
      List<?> told = (List<?>) phone.script(GLANCE);
      return new Glance(
          String.valueOf(told.get(0)), String.valueOf(told.get(1)), String.valueOf(told.get(2)));
    }

    /** Loses its network, and has it back once something was pressed without it. */
    void cutOff() {
      phone.network(false);
      cutAt = Instant.now();
      pressedWhenCut = lastPress;
    }

    private boolean burnOn(Glance seen) {
      if (isHot(seen) && press("Start burn", "[data-act=main]", ".slab .hive-name")) {
        burning = lastHive;
        Pressed of = of(lastHive);
        of.started = of.started == null ? lastPress : of.started;
        burnsSince = lastPress;
        return true;
      }
      if (press("Nozzle out", "[data-act=main]", ".slab .hive-name")
          || (isLongOver(seen) && press("Burn ended", "[data-act=main]", ".slab .hive-name"))) {
        of(lastHive).out = lastPress;
        burnsSince = Instant.MAX;
        return true;
      }
      return false;
    }

    /** Where the bowl's end is not told, as without network, the clock on the screen decides. */
    private boolean isLongOver(Glance seen) {
      if (!seen.says().contains("past its burn time")) {
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
    private boolean alerted(Glance seen) {
      boolean settled = lastPress != null && Duration.between(lastPress, demoNow()).toSeconds() > 5;
      if (!settled || burning.isEmpty() || !seen.alerts().contains("stuck")) {
        return false;
      }
      faults++;
      phone.press("It did not start");
      phone.see("Start burn");
      of(burning).started = null;
      burning = "";
      burnsSince = Instant.MAX;
      rests = Until.aTapCountsFrom();
      return true;
    }

    private boolean isHot(Glance seen) {
      return cutAt != null || List.of("READY", "DONE").contains(seen.gauge());
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
                  + "if (arguments[3].includes(hive)) return null;"
                  + "const at = Date.now(); button.click(); return [hive, at]",
              word,
              button,
              name,
              "Start burn".equals(word) ? begunByOthers() : List.of());
      if (!(found instanceof List<?> hiveAndTime)) {
        return false;
      }
      lastHive = String.valueOf(hiveAndTime.get(0));
      Instant at = Instant.ofEpochMilli(((Number) hiveAndTime.get(1)).longValue());
      lastPress = at.plus(ahead);
      rests = at.plus(TAPS_APART);
      return true;
    }

    /** Who is about to begin says so: two starts at one hive are tried elsewhere. */
    private List<String> begunByOthers() {
      return hands.stream().filter(hand -> hand != this).map(hand -> hand.burning).toList();
    }

    /** By how much this phone is wrong about the demo's time. */
    Duration clockIsOff() {
      Object known = phone.script("return Number(localStorage.getItem('tavrel.clock'))");
      return Duration.ofMillis(((Number) known).longValue()).minus(ahead).abs();
    }
  }

  /** Runs the row to its end. */
  void run(Duration limit) throws InterruptedException, IOException {
    CompletableFuture<Hand> second = CompletableFuture.supplyAsync(() -> new Hand(2, "Tam"));
    hands.add(new Hand(1, "Wren"));
    hands.add(second.join());
    try {
      Instant end = Instant.now().plus(limit);
      JsonNode board = board();
      while (!stages(board).stream().allMatch("OPEN"::equals)) {
        if (Instant.now().isAfter(end)) {
          throw new AssertionError("The row was not done in time: " + stages(board));
        }
        disturb();
        boolean idle = hands.stream().map(Hand::look).reduce(true, Boolean::logicalAnd);
        if (idle) {
          letTimePass(toNext(board));
        }
        Thread.sleep(40);
        board = board();
      }
      hands.forEach(hand -> hand.phone.see("All open"));
    } finally {
      hands.forEach(hand -> hand.phone.close());
    }
  }

  /** Seconds until the next burn or seal should be over. */
  private int toNext(JsonNode board) {
    long next =
        Stream.of("clockTo", "openFrom")
            .flatMap(field -> board.path("hives").findValues(field).stream())
            .map(at -> Duration.between(demoNow(), Instant.parse(at.asText())).toSeconds())
            .filter(seconds -> seconds > 0)
            .min(Long::compare)
            .orElse((long) LONGEST_STEP);
    return (int) Math.max(SHORTEST_STEP, Math.min(LONGEST_STEP, next + 1));
  }

  /** Moves the demo's clock on, and waits until both phones know. */
  private void letTimePass(int seconds) throws IOException, InterruptedException {
    Instant asked = Instant.now();
    Instant told =
        Instant.parse(
            client
                .send("POST", "/api/demo/clock", Map.of("seconds", seconds))
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
   * A cap sticks before a quarter of the row, the network goes after half, a page after two thirds:
   * each when the one before is over, since two people who start one hive is a story of its own.
   */
  private void disturb() {
    long begun = pressed.values().stream().filter(each -> each.started != null).count();
    Hand first = hands.get(0);
    Hand second = hands.get(1);
    if (faults == 0 && begun >= hives / 4 - 1) {
      first.phone.choose("wrong with the next load", "stuck cap");
      faults = 1;
    }
    if (cuts == 0
        && faults > 1
        && begun >= hives / 2
        && demoNow().minus(LATE_IN_A_BURN).isAfter(second.burnsSince)) {
      second.cutOff();
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

  private JsonNode board() throws IOException, InterruptedException {
    return client.send("GET", "/api/rounds/" + round + "/board", null);
  }

  private static List<String> stages(JsonNode board) {
    return board.path("hives").findValuesAsText("stage");
  }

  private Pressed of(String hive) {
    return pressed.computeIfAbsent(hive, name -> new Pressed());
  }
}
