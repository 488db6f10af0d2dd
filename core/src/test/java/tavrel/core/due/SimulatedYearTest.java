package tavrel.core.due;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SimulatedYearTest {

  private static final int YEARS = 5;

  @Test
  void who_opens_today_each_morning_keeps_most_colonies_and_who_never_does_loses_them() {
    int lost = lost(true);
    int lostUnseen = lost(false);

    assertThat(lostUnseen).isGreaterThan(3 * YEARS);
    assertThat(lost).isLessThanOrEqualTo(lostUnseen / 3);
  }

  private static int lost(boolean looks) {
    return IntStream.range(0, YEARS)
        .mapToObj(seed -> SimulatedYear.of(seed, looks))
        .mapToInt(SimulatedYear.Outcome::lost)
        .sum();
  }
}
