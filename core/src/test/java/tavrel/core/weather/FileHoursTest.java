package tavrel.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;

class FileHoursTest {

  private static final Instant MIDNIGHT = Instant.parse("2026-08-18T00:00:00Z");
  private static final Place PLACE = new Place(47.6, -24.3);

  @Test
  void a_file_tells_its_hours_and_no_other() {
    FileHours file = file(hour(0, 5), hour(1, 6));
    assertThat(celsius(file, 1)).isEqualTo(6);
    assertThat(file.at(PLACE, at(2))).isNull();
    assertThat(file.at(PLACE, at(-1))).isNull();
    assertThat(file.says()).isEqualTo(Fact.of("weather.file").text("file", "a.csv"));
    assertThat(file.madeUp()).isFalse();
  }

  @Test
  void a_short_hole_is_filled_between_its_neighbours() {
    FileHours file = file(hour(0, 4), hour(3, 10));
    assertThat(celsius(file, 1)).isCloseTo(6, within(1e-9));
    assertThat(celsius(file, 2)).isCloseTo(8, within(1e-9));
  }

  @Test
  void of_a_long_hole_it_says_nothing() {
    FileHours file = file(hour(0, 4), hour(4, 10));
    assertThat(IntStream.of(1, 2, 3)).allMatch(each -> file.at(PLACE, at(each)) == null);
  }

  @Test
  void thunder_beside_a_hole_may_be_in_it() {
    HourlyWeather storm = new HourlyWeather(at(0), 8, 2, null, 0, 1, true);
    assertThat(Objects.requireNonNull(file(storm, hour(2, 8)).at(PLACE, at(1))).thunderOrIce())
        .isTrue();
  }

  @Test
  void four_hundred_metres_up_every_hour_is_colder_by_the_standard_atmosphere() {
    Place above = new Place(PLACE.latitude(), PLACE.longitude(), 400);
    SimulatedStation station = new SimulatedStation(1);
    for (int i = 0; i < 48; i++) {
      assertThat(UsualWeather.at(PLACE, at(i)).celsius() - UsualWeather.at(above, at(i)).celsius())
          .isCloseTo(0.0065 * 400, within(1e-9));
      assertThat(
              station.hours(PLACE, at(i), 1).get(0).celsius()
                  - station.hours(above, at(i), 1).get(0).celsius())
          .isCloseTo(0.0065 * 400, within(0.11));
    }
  }

  private static FileHours file(HourlyWeather... hours) {
    return FileHours.of(SourceKind.FILE, "a.csv", MIDNIGHT, List.of(hours));
  }

  private static double celsius(WeatherSource source, int hour) {
    return Objects.requireNonNull(source.at(PLACE, at(hour))).celsius();
  }

  private static Instant at(int hour) {
    return MIDNIGHT.plus(hour, ChronoUnit.HOURS);
  }

  private static HourlyWeather hour(int hour, double celsius) {
    return new HourlyWeather(at(hour), celsius, 2, 90, 0, 0.3);
  }
}
