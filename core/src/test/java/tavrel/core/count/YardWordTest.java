package tavrel.core.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import tavrel.core.InvalidValue;

class YardWordTest {

  private static final LocalDate DAY = LocalDate.of(2026, 7, 1);

  private static YardWord word(int hives, int mites, HiveSpread spread) {
    List<Infestation> samples = Collections.nCopies(hives, new Infestation(mites, 300, 1, 1, DAY));
    return YardWord.of(Objects.requireNonNull(YardReading.of(samples, 0.02, spread)), DAY);
  }

  @Test
  void a_hive_that_was_not_sampled_has_the_mean_and_is_as_unsure_as_hives_differ() {
    for (double k : new double[] {0.8, 1.5, 5, 20}) {
      Infestation one = word(10, 12, new HiveSpread(k, 40)).ofOneHive();
      assertThat(one.share()).isCloseTo(0.04, within(0.004));
      double relative = 1 / k * 1.1 + 1 / 120.0;
      assertThat(1.0 / one.mites()).as("k = %s", k).isCloseTo(relative, within(0.4 * relative));
    }
  }

  @Test
  void more_washes_never_make_one_hive_surer_than_hives_differ() {
    assertThat(word(12, 30, HiveSpread.USUAL).ofOneHive().mites()).isLessThanOrEqualTo(2);
  }

  @Test
  void no_mite_at_all_and_very_few_stay_what_they_are() {
    assertThat(word(8, 0, HiveSpread.USUAL).ofOneHive())
        .isEqualTo(new Infestation(0, 300, 1, 1, DAY));
    YardWord few = new YardWord(DAY, 12, 12_000, 0.0003, new Interval(0, 0.001), 20);
    assertThat(few.ofOneHive().share()).isLessThan(0.001);
  }

  @Test
  void two_hives_speak_for_no_yard() {
    assertThatThrownBy(() -> new YardWord(DAY, 2, 600, 0.02, new Interval(0.01, 0.05), 1.5))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("three and more");
  }

  @Test
  void it_is_above_a_limit_only_where_the_mean_surely_is_and_grows_old_as_a_count_does() {
    YardWord sure = word(12, 30, HiveSpread.USUAL);
    assertThat(sure.isAbove(0.02)).isTrue();
    assertThat(word(12, 8, HiveSpread.USUAL).isAbove(0.02)).isFalse();
    assertThat(sure.tellsOn(DAY.plusDays(60))).isTrue();
    assertThat(sure.tellsOn(DAY.plusDays(61))).isFalse();
  }
}
