package tavrel.core.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import tavrel.core.InvalidValue;

/** Bees of several hives in one jar tell of their mean, less surely than as many of one hive. */
class JarTest {

  private static final LocalDate DAY = LocalDate.of(2026, 8, 18);

  @Test
  void tells_of_the_mean_with_an_interval_that_hives_widen() {
    Jar jar = new Jar(DAY, WashKind.WASH, 4, 8, 400);
    assertThat(jar.share(1)).isCloseTo(0.02, within(1e-12));
    Interval mean = jar.interval(1, HiveSpread.USUAL);
    Interval oneHive = Interval.wilson(0.02, 400);
    assertThat(mean.low()).isLessThan(oneHive.low());
    assertThat(mean.high()).isGreaterThan(oneHive.high());
    // The roots of (0.02 - x)² = 1.96² (x² / 6 + x / 400), by hand.
    assertThat(mean.low()).isCloseTo(0.0086004, within(1e-6));
    assertThat(mean.high()).isCloseTo(0.1292807, within(1e-6));
  }

  @Test
  void a_method_that_finds_half_the_mites_has_them_counted_twice() {
    assertThat(new Jar(DAY, WashKind.SUGAR_ROLL, 3, 6, 300).share(0.5))
        .isCloseTo(0.04, within(1e-12));
  }

  @Test
  void of_one_hive_or_with_more_mites_than_bees_it_is_refused() {
    refused(() -> new Jar(DAY, WashKind.WASH, 1, 2, 300), "jarOfOneHive");
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(() -> new Jar(DAY, WashKind.WASH, 2, 31, 30))
        .satisfies(says -> assertThat(says.field()).isEqualTo("mites"));
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(() -> new Jar(DAY, WashKind.WASH, 2, 3, 2_001))
        .satisfies(says -> assertThat(says.field()).isEqualTo("bees"));
  }

  private static void refused(Runnable made, String code) {
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(made::run)
        .satisfies(says -> assertThat(says.code()).isEqualTo(code));
  }
}
