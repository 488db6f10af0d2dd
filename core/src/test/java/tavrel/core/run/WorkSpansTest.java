package tavrel.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import tavrel.core.run.WorkSpans.Halt;

class WorkSpansTest {

  private static final Instant DAWN = Instant.parse("2026-08-18T04:00:00Z");

  private static Instant at(long minutes) {
    return DAWN.plus(Duration.ofMinutes(minutes));
  }

  private static long worked(long until, Halt... halts) {
    return WorkSpans.worked(DAWN, at(until), List.of(halts)).toMinutes();
  }

  @Test
  void without_a_halt_all_of_it_is_work() {
    assertThat(worked(90)).isEqualTo(90);
  }

  @Test
  void a_night_between_two_halves_is_no_work() {
    Halt putOff = new Halt(EventKind.PUT_OFF, at(60), at(60 + 23 * 60));
    assertThat(worked(60 + 23 * 60 + 30, putOff)).isEqualTo(90);
  }

  @Test
  void a_pause_is_cut_out_and_a_press_within_it_does_not_end_it() {
    Halt paused = new Halt(EventKind.PAUSED, at(20), at(25));
    Halt wentOn = new Halt(EventKind.WENT_ON, at(50), at(51));
    assertThat(worked(90, wentOn, paused)).isEqualTo(60);
  }

  @Test
  void a_pause_that_became_a_put_off_is_cut_once() {
    Halt paused = new Halt(EventKind.PAUSED, at(20), at(30));
    Halt putOff = new Halt(EventKind.PUT_OFF, at(30), at(1_000));
    assertThat(worked(1_010, paused, putOff)).isEqualTo(30);
  }

  @Test
  void what_was_put_off_after_the_last_opening_cuts_nothing() {
    assertThat(worked(60, new Halt(EventKind.PUT_OFF, at(70), null))).isEqualTo(60);
  }
}
