package tavrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class RunStreamTest extends RoundFixture {

  @Test
  void a_screen_that_looks_at_a_run_is_told_when_it_moves_and_not_when_it_is_looked_at()
      throws Exception {
    UUID round = planned();
    confirm(round);
    MvcResult screen = screen(round);
    post(round, event(hives.get(0), "BURN_STARTED", 0, 1));
    get(keeper, "/api/rounds/" + round + "/board");
    assertThat(movesTold(screen, round)).isEqualTo(1);
  }

  @Test
  void a_press_that_is_known_already_moves_nothing() throws Exception {
    UUID round = planned();
    confirm(round);
    var press = event(hives.get(0), "BURN_STARTED", 0, 1);
    post(round, press);
    MvcResult screen = screen(round);
    post(round, press);
    assertThat(movesTold(screen, round)).isZero();
  }

  @Test
  void headers_have_gone_before_the_sender_can_speak() throws Exception {
    MockHttpServletResponse screen = opened(planned()).getResponse();
    assertThat(screen.isCommitted()).isTrue();
    assertThat(screen.getContentAsString()).startsWith(":");
  }

  @Test
  void of_an_unknown_run_nothing_is_told() {
    assertThat(get(keeper, "/api/rounds/" + UUID.randomUUID() + "/stream").status()).isEqualTo(404);
  }

  /** One that is open, and hears nothing any more of what was before. */
  private MvcResult screen(UUID round) throws Exception {
    hearAll(round);
    MvcResult screen = opened(round);
    until(screen, "event:open");
    return screen;
  }

  private int movesTold(MvcResult screen, UUID round) throws Exception {
    hearAll(round);
    return screen.getResponse().getContentAsString().split("event:moved", -1).length - 1;
  }

  /** One thread tells, in order: when a later screen is open, all before it was told. */
  private void hearAll(UUID round) throws Exception {
    until(opened(round), "event:open");
  }

  private MvcResult opened(UUID round) throws Exception {
    return mvc.perform(
            MockMvcRequestBuilders.get("/api/rounds/" + round + "/stream").with(as(keeper)))
        .andReturn();
  }

  private static void until(MvcResult screen, String told) throws Exception {
    long end = System.nanoTime() + Duration.ofSeconds(30).toNanos();
    while (!screen.getResponse().getContentAsString().contains(told)) {
      assertThat(System.nanoTime()).as("waits for %s", told).isLessThan(end);
      Thread.sleep(20);
    }
  }
}
