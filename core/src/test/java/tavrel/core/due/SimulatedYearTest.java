package tavrel.core.due;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SimulatedYearTest {

  private static final int YEARS = 5;

  @Test
  void who_opens_today_loses_no_colony_that_could_be_saved_and_who_never_does_loses_nearly_all() {
    List<SimulatedYear.Outcome> opens = years(true);
    List<SimulatedYear.Outcome> never = years(false);

    assertThat(opens).extracting(SimulatedYear.Outcome::savable).containsOnly(0);
    assertThat(lost(never)).isGreaterThan(3 * YEARS);
    assertThat(lost(opens)).isLessThanOrEqualTo(lost(never) / 8);
  }

  private static List<SimulatedYear.Outcome> years(boolean looks) {
    return IntStream.range(0, YEARS).mapToObj(seed -> SimulatedYear.of(seed, looks)).toList();
  }

  private static int lost(List<SimulatedYear.Outcome> years) {
    return years.stream().mapToInt(SimulatedYear.Outcome::lost).sum();
  }
}
