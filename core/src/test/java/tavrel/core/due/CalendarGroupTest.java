package tavrel.core.due;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;

class CalendarGroupTest {

  @Test
  void rounds_ring_on_the_eve_and_all_else_in_the_morning_as_does_a_round_that_is_late() {
    assertThat(CalendarGroup.ROUNDS.rings(false)).isEqualTo(Duration.ofHours(-6));
    assertThat(CalendarGroup.ROUNDS.rings(true)).isEqualTo(Duration.ofHours(7));
    assertThat(CalendarGroup.COUNTS.rings(false)).isEqualTo(Duration.ofHours(7));
  }

  @Test
  void what_is_told_at_once_stands_in_no_calendar_and_decisions_are_the_keepers() {
    assertThat(CalendarGroup.of(DueTaskKind.DANGER)).isEmpty();
    assertThat(CalendarGroup.of(DueTaskKind.OVER_LABEL).orElseThrow().isKeepers()).isTrue();
    assertThat(CalendarGroup.of(DueTaskKind.TAKE_OUT).orElseThrow().isKeepers()).isFalse();
  }
}
