package tavrel.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tavrel.core.Codes;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

class ReadingTest {

  private static final Instant AT = Instant.parse("2026-08-18T06:20:00Z");
  private static final Reading READING = new Reading(AT, 4.5, WindFelt.LIGHT, 270, false, "Wren");

  @ParameterizedTest
  @CsvSource({"-15, false", "-5, true", "0, true", "59, true", "60, false"})
  void it_holds_for_an_hour_from_then_on(int minutes, boolean holds) {
    assertThat(READING.holds(AT.plus(Duration.ofMinutes(minutes)))).isEqualTo(holds);
  }

  @Test
  void it_lies_over_the_hour_in_which_it_was_read_and_over_no_other() {
    WeatherSource station = new SimulatedStation(3).toldAt(AT);
    Place place = new Place(47.6, -24.3);
    LocalDate date = LocalDate.of(2026, 8, 18);
    ZoneId zone = ZoneId.of("UTC");
    YardDay plain =
        YardDay.of(place, date, zone, List.of(station), HourRule.of(TemperaturePreset.COOL_BROAD));
    YardDay read =
        YardDay.of(
            place,
            date,
            zone,
            List.of(station, READING),
            HourRule.of(TemperaturePreset.COOL_BROAD));
    assertThat(read.hours().get(6).weather()).isEqualTo(READING.weather());
    assertThat(read.hours().get(6).source())
        .isEqualTo(Fact.of("weather.readBy").text("who", "Wren"));
    assertThat(read.hours().get(6).madeUp()).isFalse();
    for (int hour = 0; hour < 24; hour++) {
      if (hour != 6) {
        assertThat(read.hours().get(hour).weather()).isEqualTo(plain.hours().get(hour).weather());
      }
    }
    assertThat(read.madeUp()).as("the rest is still made up").isTrue();
    assertThat(Codes.of(read.source()))
        .contains("weather.several", "weather.simulatedStation", "weather.readBy");
  }

  @Test
  void a_storm_that_is_felt_is_unsafe_and_rain_is_poor() {
    assertThat(gradeOf(WindFelt.STORM, false)).isEqualTo(HourGrade.UNSAFE);
    assertThat(gradeOf(WindFelt.LIGHT, true)).isEqualTo(HourGrade.POOR);
  }

  @ParameterizedTest
  @ValueSource(doubles = {-31, 51, Double.NaN})
  void what_no_thermometer_shows_is_refused(double celsius) {
    assertThatThrownBy(() -> new Reading(AT, celsius, WindFelt.CALM, 0, false, "Wren"))
        .isInstanceOf(InvalidValue.class);
  }

  private static HourGrade gradeOf(WindFelt wind, boolean rain) {
    Reading reading = new Reading(AT, 8, wind, 90, rain, "Wren");
    YardDay day =
        YardDay.of(
            new Place(47.6, -24.3),
            LocalDate.of(2026, 8, 18),
            ZoneId.of("UTC"),
            List.of(reading),
            HourRule.of(TemperaturePreset.COOL_BROAD));
    return day.hours().get(6).grade();
  }
}
