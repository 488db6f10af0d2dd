package tavrel.server.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class RunStreamTest extends RoundFixture {

  @Test
  void a_screen_that_looks_at_a_run_is_told_at_once_when_it_moves_and_of_no_other_run()
      throws Exception {
    UUID round = planned();
    confirm(round);
    MvcResult screen =
        mvc.perform(MockMvcRequestBuilders.get("/api/rounds/" + round + "/stream").with(as(keeper)))
            .andReturn();
    until(screen, "event:open");
    post(round, event(hives.get(0), "BURN_STARTED", 0, 1));
    until(screen, "event:moved");
    String before = screen.getResponse().getContentAsString();
    get(keeper, "/api/rounds/" + round + "/board");
    Thread.sleep(200);
    assertThat(screen.getResponse().getContentAsString()).isEqualTo(before);
  }

  @Test
  void a_press_that_is_known_already_moves_nothing() throws Exception {
    UUID round = planned();
    confirm(round);
    var press = event(hives.get(0), "BURN_STARTED", 0, 1);
    post(round, press);
    MvcResult screen =
        mvc.perform(MockMvcRequestBuilders.get("/api/rounds/" + round + "/stream").with(as(keeper)))
            .andReturn();
    until(screen, "event:open");
    post(round, press);
    Thread.sleep(200);
    assertThat(screen.getResponse().getContentAsString()).doesNotContain("moved");
  }

  @Test
  void of_an_unknown_run_nothing_is_told() {
    assertThat(get(keeper, "/api/rounds/" + UUID.randomUUID() + "/stream").status()).isEqualTo(404);
  }

  private static void until(MvcResult screen, String told) throws Exception {
    long end = System.nanoTime() + Duration.ofSeconds(5).toNanos();
    while (!screen.getResponse().getContentAsString().contains(told)) {
      assertThat(System.nanoTime()).as("waits for %s", told).isLessThan(end);
      Thread.sleep(20);
    }
  }
}
