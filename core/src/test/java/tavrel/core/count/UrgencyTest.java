package tavrel.core.count;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UrgencyTest {

  private static final LocalDate TODAY = LocalDate.of(2026, 8, 18);
  private static final double LIMIT = 0.02;

  @ParameterizedTest
  @CsvSource({
    "36, 300, DANGER",
    "30, 300, ABOVE", // 10 % is not above 10 %
    "18, 300, ABOVE",
    "8, 300, ", // 2.7 %: the interval holds the limit
    "1, 300, "
  })
  void a_count_presses_by_its_share_and_its_interval(int mites, int bees, Urgency urgency) {
    assertThat(of(sample(mites, bees, TODAY.minusDays(3)), List.of()).orElse(null))
        .isEqualTo(urgency);
  }

  @Test
  void a_treatment_since_takes_the_press_away_one_before_does_not() {
    Infestation sample = sample(36, 300, TODAY.minusDays(5));
    assertThat(of(sample, List.of(TODAY.minusDays(5)))).as("in the evening of it").isEmpty();
    assertThat(of(sample, List.of(TODAY.minusDays(1)))).isEmpty();
    assertThat(of(sample, List.of(TODAY.minusDays(6)))).contains(Urgency.DANGER);
  }

  @Test
  void an_old_count_tells_little_of_today() {
    assertThat(of(sample(36, 300, TODAY.minusDays(60)), List.of())).contains(Urgency.DANGER);
    assertThat(of(sample(36, 300, TODAY.minusDays(61)), List.of())).isEmpty();
  }

  private static Optional<Urgency> of(Infestation sample, List<LocalDate> treated) {
    return Urgency.of(sample, Danger.USUAL, LIMIT, treated, TODAY);
  }

  private static Infestation sample(int mites, int bees, LocalDate day) {
    return new Infestation(mites, bees, 1, 1, day);
  }
}
