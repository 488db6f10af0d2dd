package tavrel.core.result;

import static org.assertj.core.api.Assertions.assertThat;
import static tavrel.core.result.Wintering.NORTH;
import static tavrel.core.result.Wintering.SOUTH;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.Fact;

class WinteringTest {

  @ParameterizedTest
  @CsvSource({
    "2026-03-20, 2026, 2025",
    "2026-04-01, 2026, 2026",
    "2026-09-30, 2026, 2026",
    "2026-10-01, 2027, 2026",
    "2026-12-31, 2027, 2026",
    "2027-01-01, 2027, 2026"
  })
  void late_in_autumn_the_winter_to_come_is_meant_till_then_the_last(
      LocalDate day, int north, int south) {
    assertThat(NORTH.on(day)).isEqualTo(north);
    assertThat(SOUTH.on(day)).isEqualTo(south);
  }

  @ParameterizedTest
  @CsvSource({
    "2026-01-31, false, false",
    "2026-02-01, false, true",
    "2026-06-30, false, true",
    "2026-07-01, false, false",
    "2026-08-01, true, false",
    "2026-12-31, true, false"
  })
  void samples_of_autumn_tell_the_load_on_either_side_of_the_equator(
      LocalDate day, boolean north, boolean south) {
    assertThat(NORTH.isAutumn(day)).isEqualTo(north);
    assertThat(SOUTH.isAutumn(day)).isEqualTo(south);
  }

  @Test
  void a_winter_is_named_by_the_years_that_it_lies_in() {
    assertThat(NORTH.told(NORTH.beginningIn(2026)))
        .isEqualTo(Fact.of("winter.ofTwoYears").text("from", "2026").text("to", "2027"));
    assertThat(SOUTH.told(SOUTH.beginningIn(2026)))
        .isEqualTo(Fact.of("winter.ofOneYear").text("year", "2026"));
  }
}
