package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * Two people, two bowls, a fault, a lost network, a reload: no opening missed, every second kept.
 */
class PracticeRunTest {

  private static final Duration CLOSE = Duration.ofSeconds(1);

  @Test
  void a_row_is_run_through_faults_and_the_register_matches_to_the_second() throws Exception {
    try (App app = App.demo()) {
      run(app, 4);
    }
  }

  /** The same with as many hives as are asked for, and what came of it told. */
  public static void main(String[] arguments) throws Exception {
    try (App app = App.demo()) {
      long begin = System.nanoTime();
      PracticeRun practice = run(app, arguments.length > 0 ? Integer.parseInt(arguments[0]) : 24);
      Bench.say("done in", (System.nanoTime() - begin) / 1e9, "s");
      Bench.say(
          "the row took, in the demo's time",
          practice.review().path("tookSeconds").asDouble(),
          "s");
      System.out.println("faults, network losses, reloads: " + practice.disturbances());
      System.out.println("out of the ordinary: " + practice.review().path("exceptions"));
    }
  }

  private static PracticeRun run(App app, int hives) throws Exception {
    PracticeRun practice = new PracticeRun(app, hives);
    practice.run(Duration.ofMinutes(6).plusSeconds(25L * hives));
    Map<String, PracticeRun.Pressed> pressed = practice.pressed();
    assertThat(practice.register()).hasSize(hives);
    for (JsonNode entry : practice.register()) {
      JsonNode line = entry.path("line");
      String hive = line.path("hive").asText();
      PracticeRun.Pressed of = pressed.get(hive);
      assertThat(line.path("loads").asInt()).as(hive).isEqualTo(1);
      matches(hive + " started", of.started, line.path("startedAt"));
      matches(hive + " out", of.out, line.path("removedAt"));
      matches(hive + " opened", of.opened, line.path("openedAt"));
    }
    for (JsonNode hive : practice.review().path("hives")) {
      assertThat(hive.path("overSeconds").asLong())
          .as("opened no earlier than due, and none missed")
          .isBetween(0L, 60L);
    }
    assertThat(practice.disturbances().get(0)).as("faults met").isGreaterThan(1);
    assertThat(practice.disturbances().subList(1, 3)).containsOnly(1);
    return practice;
  }

  private static void matches(String what, Instant pressed, JsonNode kept) {
    assertThat(Duration.between(Instant.parse(kept.asText()), pressed).abs())
        .as(what)
        .isLessThanOrEqualTo(CLOSE);
  }
}
