package tavrel.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.InvalidValue;

class LearnedForecastTest {

  private static final ZoneId ZONE = ZoneId.of("Etc/GMT+2");
  private static final Place PLACE = new Place(47.6, -24.3);
  private static final Instant NOW = Instant.parse("2026-08-18T12:00:00Z");

  /** Six in the morning there. */
  private static final Instant DAWN = Instant.parse("2026-08-17T08:00:00Z");

  @ParameterizedTest
  @CsvSource({"21, EVENING", "22, NIGHT", "3, NIGHT", "4, MORNING", "10, AFTERNOON", "16, EVENING"})
  void a_day_has_four_parts(int localHour, PartOfDay part) {
    Instant at = LocalDate.of(2026, 8, 17).atTime(localHour, 0).atZone(ZONE).toInstant();
    assertThat(PartOfDay.of(at, ZONE)).isEqualTo(part);
  }

  @Test
  void few_readings_are_drawn_towards_zero_and_many_are_believed() {
    assertThat(mornings(1, -2).correction(DAWN, ZONE)).as("a fifth of it").isEqualTo(-0.4);
    assertThat(mornings(4, -2).correction(DAWN, ZONE)).isEqualTo(-1);
    assertThat(mornings(96, -2).correction(DAWN, ZONE)).isEqualTo(-1.9);
    assertThat(mornings(4, -2).correction(DAWN.plus(Duration.ofHours(8)), ZONE))
        .as("of afternoons nothing is known")
        .isZero();
  }

  @Test
  void readings_of_one_morning_are_one_and_old_ones_are_forgotten() {
    List<ForecastCheck> checks = new ArrayList<>();
    for (int minutes = 0; minutes < 60; minutes += 10) {
      checks.add(check(DAWN.plus(Duration.ofMinutes(minutes)), -2, true, true));
    }
    checks.add(check(NOW.minus(Duration.ofDays(600)), -9, true, false));
    LearnedForecast learned = LearnedForecast.of(checks, ZONE, NOW);
    assertThat(learned.parts()).hasSize(1);
    assertThat(learned.parts().get(0).readings()).isEqualTo(1);
    assertThat(learned.offered()).isEqualTo(1);
  }

  @Test
  void how_many_offers_held_is_told_from_five_on() {
    List<ForecastCheck> checks =
        IntStream.range(0, 10)
            .mapToObj(i -> check(DAWN.minus(Duration.ofDays(i)), 0, i != 3, i > 4))
            .toList();
    assertThat(LearnedForecast.of(checks, ZONE, NOW).chance())
        .as("an hour that was not offered is none of them")
        .isEqualTo(new LearnedForecast.OffersHeld(5, 9));
    assertThat(LearnedForecast.of(checks.subList(0, 5), ZONE, NOW).chance()).isNull();
    assertThat(LearnedForecast.nothing().chance()).isNull();
  }

  @Test
  void forecasts_are_put_right_and_readings_and_made_up_weather_are_not() {
    LearnedForecast learned = mornings(4, -2);
    WeatherSource file =
        FileHours.of(
            SourceKind.FILE,
            "hours.csv",
            NOW,
            List.of(
                new HourlyWeather(DAWN, 6, 2, 90, 0, 0.5),
                new HourlyWeather(NOW, 20, 2, 90, 0, 0.5)));
    WeatherSource right = learned.corrected(file, ZONE);
    assertThat(right.at(PLACE, DAWN)).isEqualTo(new HourlyWeather(DAWN, 5, 2, 90, 0, 0.5));
    assertThat(right.at(PLACE, NOW)).extracting(HourlyWeather::celsius).isEqualTo(20.0);
    assertThat(right.at(PLACE, NOW.plus(Duration.ofDays(3)))).isNull();
    assertThat(right.says().code()).isEqualTo("weather.corrected");
    assertThat(right)
        .as("what is kept by its sources finds it again")
        .isEqualTo(mornings(4, -2).corrected(file, ZONE));
    WeatherSource reading = new Reading(DAWN, 6, WindFelt.CALM, 90, false, "Tam");
    assertThat(learned.corrected(reading, ZONE)).isSameAs(reading);
    assertThat(LearnedForecast.nothing().corrected(file, ZONE)).isSameAs(file);
  }

  /** Stations that are off by a known figure, whose single forecasts miss by 2 °C. */
  @Test
  void what_is_learned_comes_near_to_what_a_station_is_off_by() {
    Random random = new Random(20260818);
    for (int readings : new int[] {3, 12, 50}) {
      double before = 0;
      double after = 0;
      int yards = 400;
      for (int yard = 0; yard < yards; yard++) {
        double off = random.nextGaussian();
        List<ForecastCheck> checks = new ArrayList<>();
        for (int day = 0; day < readings; day++) {
          checks.add(
              check(DAWN.minus(Duration.ofDays(day)), off + 2 * random.nextGaussian(), true, true));
        }
        double learned = LearnedForecast.of(checks, ZONE, NOW).correction(DAWN, ZONE);
        before += off * off;
        after += (off - learned) * (off - learned);
      }
      // The best that can be had of n readings leaves 4 ÷ (n + 4) of the variance; a little is
      // lost by taking small corrections for none.
      assertThat(after / before)
          .as("after %d readings", readings)
          .isCloseTo(4.0 / (readings + 4), within(0.1));
    }
  }

  @Test
  void figures_that_no_air_has_are_refused() {
    assertThatThrownBy(() -> new ForecastCheck(NOW, 999, 5, true, true))
        .isInstanceOf(InvalidValue.class)
        .extracting(thrown -> ((InvalidValue) thrown).field())
        .isEqualTo("foretold");
  }

  private static LearnedForecast mornings(int days, double error) {
    return LearnedForecast.of(
        IntStream.range(0, days)
            .mapToObj(day -> check(DAWN.minus(Duration.ofDays(day)), error, true, true))
            .toList(),
        ZONE,
        NOW);
  }

  private static ForecastCheck check(Instant at, double error, boolean offered, boolean held) {
    return new ForecastCheck(at, 10, 10 + error, offered, held);
  }
}
