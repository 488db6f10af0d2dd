package tavrel.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class KnownHoursTest {

  private static final Instant MIDNIGHT = Instant.parse("2026-08-18T00:00:00Z");
  private static final Place PLACE = new Place(47.6, -24.3);
  private static final WeatherSource STATION = new SimulatedStation(1);

  @Test
  void known_hours_go_before_the_source_below() {
    WeatherSource laid = new KnownHours(hours(0, 1, 2, 3), "a.csv").over(STATION);
    assertThat(laid.hours(PLACE, MIDNIGHT, 4)).extracting(HourlyWeather::celsius).containsOnly(5.0);
    assertThat(laid.standIn()).isFalse();
    assertThat(laid.says()).isEqualTo("file a.csv");
  }

  @Test
  void a_short_hole_is_filled_between_its_neighbours() {
    List<HourlyWeather> known = List.of(hour(0, 4), hour(3, 10));
    WeatherSource laid = new KnownHours(known, "a.csv").over(STATION);
    assertThat(laid.hours(PLACE, MIDNIGHT, 4))
        .extracting(HourlyWeather::celsius)
        .usingElementComparator((one, two) -> Math.abs(one - two) < 1e-9 ? 0 : 1)
        .containsExactly(4.0, 6.0, 8.0, 10.0);
    assertThat(laid.standIn()).isFalse();
  }

  @Test
  void of_a_long_hole_the_source_below_tells_and_the_words_say_so() {
    WeatherSource laid = new KnownHours(hours(0, 4), "a.csv").over(STATION);
    List<HourlyWeather> found = laid.hours(PLACE, MIDNIGHT, 5);
    assertThat(found.subList(1, 4))
        .isEqualTo(STATION.hours(PLACE, MIDNIGHT.plus(1, ChronoUnit.HOURS), 3));
    assertThat(laid.standIn()).isTrue();
    assertThat(laid.says()).isEqualTo("file a.csv; 3 h from the simulated station");
  }

  @Test
  void what_is_usual_for_a_date_has_no_front_in_it() {
    List<HourlyWeather> day = new UsualWeather().hours(PLACE, MIDNIGHT, 24);
    assertThat(day).allMatch(hour -> hour.rainMm() == 0 && hour.windMs() < 5);
    double mean = day.stream().mapToDouble(HourlyWeather::celsius).average().orElseThrow();
    // 28 − 0.42·47.6 + 0.2·47.6·cos(2π·(230 − 205)/365.25)
    assertThat(mean)
        .isCloseTo(28 - 19.992 + 9.52 * Math.cos(2 * Math.PI * 25 / 365.25), within(0.1));
  }

  @Test
  void four_hundred_metres_up_every_hour_is_colder_by_the_standard_atmosphere() {
    Place above = new Place(PLACE.latitude(), PLACE.longitude(), 400);
    for (WeatherSource source : List.of(STATION, new UsualWeather())) {
      List<HourlyWeather> low = source.hours(PLACE, MIDNIGHT, 48);
      List<HourlyWeather> high = source.hours(above, MIDNIGHT, 48);
      for (int i = 0; i < 48; i++) {
        assertThat(low.get(i).celsius() - high.get(i).celsius())
            .isCloseTo(0.0065 * 400, within(0.11));
      }
    }
  }

  private static List<HourlyWeather> hours(int... which) {
    return IntStream.of(which).mapToObj(each -> hour(each, 5)).toList();
  }

  private static HourlyWeather hour(int hour, double celsius) {
    return new HourlyWeather(MIDNIGHT.plus(hour, ChronoUnit.HOURS), celsius, 2, 90, 0, 0.3);
  }
}
