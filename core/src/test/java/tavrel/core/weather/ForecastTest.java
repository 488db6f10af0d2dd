package tavrel.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.Objects;
import org.junit.jupiter.api.Test;

class ForecastTest {

  private static final Instant NOW = Instant.parse("2026-08-18T00:00:00Z");
  private static final Place PLACE = new Place(47.6, -24.3);

  @Test
  void what_has_been_is_told_as_it_was() {
    SimulatedStation station = new SimulatedStation(7);
    Instant yesterday = NOW.minus(Duration.ofDays(1));
    for (HourlyWeather truth : station.hours(PLACE, yesterday, 24)) {
      assertThat(station.toldAt(NOW).at(PLACE, truth.hour())).isEqualTo(truth);
    }
  }

  @Test
  void a_forecast_gets_less_sure_with_the_days_ahead() {
    SimulatedStation station = new SimulatedStation(7);
    double before = 0;
    for (int days = 1; days <= 10; days++) {
      double unsure = station.unsure(Duration.ofDays(days));
      assertThat(unsure).isGreaterThan(before);
      before = unsure;
    }
    assertThat(before).isCloseTo(4, within(1e-9));
    assertThat(station.unsure(Duration.ofHours(-1))).isZero();
  }

  @Test
  void four_of_five_hours_come_to_lie_in_the_band() {
    for (int days : new int[] {2, 6, 9}) {
      int inside = 0;
      int all = 0;
      for (long seed = 1; seed <= 400; seed++) {
        SimulatedStation station = new SimulatedStation(seed);
        Instant hour = NOW.plus(Duration.ofDays(days));
        double off =
            celsius(station.toldAt(NOW), hour) - station.hours(PLACE, hour, 1).get(0).celsius();
        inside += Math.abs(off) <= station.unsure(Duration.ofDays(days)) ? 1 : 0;
        all++;
      }
      assertThat((double) inside / all).as("%d days", days).isBetween(0.74, 0.86);
    }
  }

  @Test
  void the_same_day_tells_the_same_and_a_later_one_comes_nearer() {
    double early = 0;
    double late = 0;
    for (long seed = 1; seed <= 200; seed++) {
      SimulatedStation station = new SimulatedStation(seed);
      Instant hour = NOW.plus(Duration.ofDays(9));
      double truth = station.hours(PLACE, hour, 1).get(0).celsius();
      Instant nearer = NOW.plus(Duration.ofDays(8));
      early += Math.abs(celsius(station.toldAt(NOW), hour) - truth);
      late += Math.abs(celsius(station.toldAt(nearer), hour) - truth);
      assertThat(station.toldAt(NOW).at(PLACE, hour))
          .isEqualTo(station.toldAt(NOW).at(PLACE, hour));
    }
    assertThat(late).isLessThan(early / 2);
  }

  private static double celsius(WeatherSource source, Instant hour) {
    return Objects.requireNonNull(source.at(PLACE, hour)).celsius();
  }
}
