package tavrel.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

class WeatherTest {

  private static final Place MID_ATLANTIC = new Place(47.6, -24.3);
  private static final ZoneId ZONE = ZoneId.of("Etc/GMT+2");
  private static final LocalDate DAY = LocalDate.of(2026, 8, 18);
  private static final Instant SIX = Instant.parse("2026-08-18T06:00:00Z");
  private static final SunDay SIX_TO_EIGHTEEN =
      new SunDay(
          SIX.minusSeconds(1800),
          SIX,
          SIX.plusSeconds(12 * 3600),
          SIX.plusSeconds(12 * 3600 + 1800));

  @ParameterizedTest
  @CsvSource({"-20, 0.5", "-6, 0.5", "-0.5, 0.75", "5, 1", "30, 1"})
  void a_cluster_loosens_from_frost_to_five_degrees(double celsius, double looseness) {
    assertThat(ExpectedReach.looseness(celsius)).isCloseTo(looseness, within(1e-12));
  }

  @ParameterizedTest
  @CsvSource({
    "12, 10, 0,   0",
    "12, 14, 0,   0.15",
    "12, 18, 0,   0.30",
    "12, 30, 0,   0.30",
    "7,  18, 0,   0.15",
    "6,  18, 0,   0",
    "12, 18, 0.3, 0"
  })
  void bees_fly_with_warmth_and_light_and_not_in_rain(
      int hour, double celsius, double rain, double out) {
    Instant at = SIX.plus(Duration.ofHours(hour - 6L));
    HourlyWeather weather = new HourlyWeather(at, celsius, 1, 0, rain, 0);
    assertThat(ExpectedReach.shareOut(weather, Daylight.of(SIX_TO_EIGHTEEN), at))
        .isCloseTo(out, within(1e-12));
  }

  @Test
  void the_sun_is_where_the_hour_angle_puts_it_in_mid_august_at_47_north() {
    SunDay sun = SunDay.of(MID_ATLANTIC, DAY, ZONE);
    // By hand: declination 13.1°, equation of time −3.9 min, upper edge and refraction −0.833°, so
    // cos H = −0.277, half a day 7 h 4.3 min around solar noon at 13:41.1 UTC.
    assertThat(sun.sunrise())
        .isCloseTo(Instant.parse("2026-08-18T06:36:48Z"), within(Duration.ofMinutes(3)));
    assertThat(sun.sunset())
        .isCloseTo(Instant.parse("2026-08-18T20:45:24Z"), within(Duration.ofMinutes(3)));
    assertThat(sun.firstLight()).isBefore(sun.sunrise());
    assertThat(sun.lastLight()).isAfter(sun.sunset());
  }

  @Test
  void at_65_north_at_midsummer_noon_is_broad_day_though_the_sun_sets_after_midnight() {
    Place north = new Place(65, 15);
    ZoneId zone = ZoneId.of("Etc/GMT-2");
    LocalDate day = LocalDate.of(2026, 6, 21);
    Instant noon = day.atTime(13, 0).atZone(zone).toInstant();
    YardDay hours =
        YardDay.of(
            north,
            day,
            zone,
            List.of(fixed(20, 2, 0)),
            HourRule.of(TemperaturePreset.EDGES_OF_DAY));
    GradedHour graded =
        hours.hours().stream().filter(h -> h.hour().equals(noon)).findFirst().orElseThrow();
    assertThat(graded.reach()).isCloseTo(0.85, within(1e-9));
    assertThat(graded.grade()).isEqualTo(HourGrade.POOR);
  }

  @Test
  void the_light_is_all_in_polar_day_none_in_polar_night_and_knows_no_zone() {
    Place far = new Place(78, 15);
    Instant june = Instant.parse("2026-06-21T23:00:00Z");
    Instant december = Instant.parse("2026-12-21T11:00:00Z");
    for (String zone : List.of("UTC", "Pacific/Kiritimati", "Etc/GMT+11")) {
      ZoneId at = ZoneId.of(zone);
      assertThat(Daylight.of(far, LocalDate.of(2026, 6, 21), at).ramp(june)).isEqualTo(1);
      assertThat(Daylight.of(far, LocalDate.of(2026, 12, 21), at).ramp(december)).isZero();
      Instant noon = Instant.parse("2026-08-18T13:41:00Z");
      LocalDate here = LocalDate.ofInstant(noon, at);
      assertThat(Daylight.of(MID_ATLANTIC, here, at).ramp(noon)).isEqualTo(1);
      assertThat(Daylight.of(MID_ATLANTIC, here, at).ramp(noon.plus(Duration.ofHours(12))))
          .isZero();
    }
  }

  @Test
  void where_the_sun_never_sets_nothing_is_made_up() {
    SunDay sun = SunDay.of(new Place(78, 15), LocalDate.of(2026, 6, 21), ZoneId.of("UTC"));
    assertThat(sun.sunrise()).isNull();
    assertThat(sun.sunset()).isNull();
  }

  @Test
  void the_simulated_station_repeats_itself_and_says_what_it_is() {
    List<HourlyWeather> once = new SimulatedStation(7).hours(MID_ATLANTIC, SIX, 48);
    assertThat(new SimulatedStation(7).hours(MID_ATLANTIC, SIX, 48)).isEqualTo(once);
    assertThat(new SimulatedStation(8).hours(MID_ATLANTIC, SIX, 48)).isNotEqualTo(once);
    assertThat(new SimulatedStation(7).toldAt(SIX).says())
        .isEqualTo(Fact.of("weather.simulatedStation"));
    assertThat(new SimulatedStation(7).toldAt(SIX).madeUp()).isTrue();
  }

  @Test
  void a_simulated_year_has_summer_and_winter_wet_and_dry_days_and_no_absurdities() {
    SimulatedStation station = new SimulatedStation(7);
    List<HourlyWeather> year =
        station.hours(MID_ATLANTIC, Instant.parse("2026-01-01T00:00:00Z"), 365 * 24);
    assertThat(mean(year.subList(181 * 24, 212 * 24)))
        .isGreaterThan(mean(year.subList(0, 31 * 24)) + 8);
    assertThat(year)
        .allSatisfy(
            hour -> {
              assertThat(hour.celsius()).isBetween(-25.0, 42.0);
              assertThat(hour.windMs()).isBetween(0.0, 15.0);
              assertThat(hour.windFrom()).isBetween(0, 359);
              assertThat(hour.cloud()).isBetween(0.0, 1.0);
            });
    assertThat(year.stream().filter(hour -> hour.rainMm() > 0.2).count()).isBetween(300L, 3000L);
  }

  @Test
  void an_hour_is_judged_by_warmth_reach_wind_and_rain() {
    WeatherSource hand = fixed(8, 2, 0);
    assertThat(day(hand).hours())
        .allMatch(hour -> hour.grade() == HourGrade.GOOD && hour.reasons().isEmpty());
    assertThat(day(fixed(17, 2, 0)).hours().get(0).grade()).isEqualTo(HourGrade.FAIR);
    assertThat(day(fixed(19, 2, 0)).hours().get(0).grade()).isEqualTo(HourGrade.POOR);
    assertThat(day(fixed(8, 6, 0)).hours().get(0).grade()).isEqualTo(HourGrade.FAIR);
    assertThat(day(fixed(8, 0.2, 0)).hours().get(0).grade()).isEqualTo(HourGrade.FAIR);
    assertThat(day(fixed(8, 8, 0)).hours().get(0).grade()).isEqualTo(HourGrade.POOR);
    assertThat(day(fixed(8, 11, 0)).hours().get(0).grade()).isEqualTo(HourGrade.UNSAFE);
    assertThat(day(fixed(8, 2, 0.5)).hours().get(0))
        .satisfies(
            wet -> {
              assertThat(wet.grade()).isEqualTo(HourGrade.POOR);
              assertThat(wet.reasons()).containsExactly(HourReason.of(HourReason.Code.RAIN, 0.5));
            });
  }

  @Test
  void the_rule_sheets_own_temperatures_go_before_every_preset() {
    HourRule rule = new HourRule(Warmth.own(0, 20), 10.0, 18.0, "Label");
    YardDay cold = YardDay.of(MID_ATLANTIC, DAY, ZONE, List.of(fixed(8, 2, 0)), rule);
    assertThat(cold.hours())
        .allSatisfy(hour -> assertThat(hour.grade()).isEqualTo(HourGrade.OFF_LABEL));
    assertThat(cold.hours().get(0).reasons())
        .anyMatch(
            reason ->
                reason.code() == HourReason.Code.BELOW_LABEL
                    && reason.limit() == 10
                    && "Label".equals(reason.sheet()));
    assertThat(cold.windows()).isEmpty();
    YardDay storm = YardDay.of(MID_ATLANTIC, DAY, ZONE, List.of(fixed(8, 11, 0)), rule);
    assertThat(storm.hours().get(0).grade()).as("danger first").isEqualTo(HourGrade.UNSAFE);
    YardDay right = YardDay.of(MID_ATLANTIC, DAY, ZONE, List.of(fixed(12, 2, 0)), rule);
    assertThat(right.hours().get(3).grade()).isEqualTo(HourGrade.GOOD);
  }

  @Test
  void in_summer_first_light_and_dusk_will_do_at_any_warmth() {
    HourRule edges = HourRule.of(TemperaturePreset.EDGES_OF_DAY);
    YardDay hot = YardDay.of(MID_ATLANTIC, DAY, ZONE, List.of(fixed(27, 2, 0)), edges);
    // Sunrise 04:37 and sunset 18:45 by the zone's clock.
    assertThat(hot.hours().get(4).grade()).isEqualTo(HourGrade.GOOD);
    assertThat(hot.hours().get(19).grade()).isEqualTo(HourGrade.GOOD);
    assertThat(hot.hours().get(12).grade()).isEqualTo(HourGrade.POOR);
    assertThat(hot.hours().get(12).reasons()).contains(HourReason.of(HourReason.Code.BROAD_DAY));
    assertThat(hot.hours().get(4).advice()).isEqualTo(Fact.of("hour.heat"));
  }

  @Test
  void frost_asks_for_a_milder_hour_or_a_first_load() {
    assertThat(day(fixed(-4, 2, 0)).hours().get(0).advice())
        .isEqualTo(Fact.of("hour.tightCluster"));
    assertThat(day(fixed(8, 2, 0)).hours().get(0).advice()).isNull();
  }

  @ParameterizedTest
  @CsvSource({"10, 5", "5, 5", "-60, 5", "5, 90"})
  void an_own_range_that_cannot_be_is_refused(double from, double to) {
    assertThatThrownBy(() -> Warmth.own(from, to)).isInstanceOf(InvalidValue.class);
  }

  @Test
  void equal_hours_in_a_row_make_one_window() {
    assertThat(day(fixed(8, 2, 0)).windows())
        .containsExactly(
            Window.of(
                DAY.atStartOfDay(ZONE).toInstant(),
                DAY.plusDays(1).atStartOfDay(ZONE).toInstant(),
                HourGrade.GOOD));
    assertThat(day(fixed(8, 11, 0)).windows()).isEmpty();
  }

  private static int hoursIn(Duration length) {
    return (int) length.toHours();
  }

  @Test
  void a_window_tells_how_many_hives_fit_its_length() {
    YardDay day = day(fixed(8, 2, 0));
    Instant noon = DAY.atTime(12, 0).atZone(ZONE).toInstant();
    assertThat(day.fitted(noon.minus(Duration.ofDays(1)), WeatherTest::hoursIn).windows())
        .extracting(Window::fits)
        .containsExactly(24);
    assertThat(day.fitted(noon, WeatherTest::hoursIn).windows())
        .as("what is left of it")
        .extracting(Window::fits)
        .containsExactly(12);
    assertThat(day.fitted(noon.plus(Duration.ofDays(1)), WeatherTest::hoursIn).windows())
        .as("over")
        .extracting(Window::fits)
        .containsOnlyNulls();
    assertThat(day.windows()).extracting(Window::fits).containsOnlyNulls();
  }

  @Test
  void a_day_of_changing_clocks_has_its_true_number_of_hours() {
    // Clocks go forward in this zone on the last Sunday of March and back on the last of October.
    ZoneId changing = ZoneId.of("CET");
    WeatherSource calm = fixed(8, 2, 0);
    assertThat(
            YardDay.of(
                    MID_ATLANTIC,
                    LocalDate.of(2026, 3, 29),
                    changing,
                    List.of(calm),
                    HourRule.of(TemperaturePreset.COOL_BROAD))
                .hours())
        .hasSize(23);
    assertThat(
            YardDay.of(
                    MID_ATLANTIC,
                    LocalDate.of(2026, 10, 25),
                    changing,
                    List.of(calm),
                    HourRule.of(TemperaturePreset.COOL_BROAD))
                .hours())
        .hasSize(25);
  }

  @ParameterizedTest
  @CsvSource({"0, north", "22, north", "23, north-east", "180, south", "338, north", "359, north"})
  void one_stands_where_the_wind_comes_from(int windFrom, String side) {
    assertThat(StandingSide.of(windFrom)).isEqualTo(side);
  }

  @Test
  void a_place_off_the_globe_is_refused() {
    assertThatThrownBy(() -> new Place(91, 0))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("-90 to 90");
    assertThatThrownBy(() -> new Place(0, Double.NaN)).isInstanceOf(InvalidValue.class);
  }

  private static YardDay day(WeatherSource source) {
    return YardDay.of(
        MID_ATLANTIC, DAY, ZONE, List.of(source), HourRule.of(TemperaturePreset.COOL_BROAD));
  }

  private static double mean(List<HourlyWeather> hours) {
    return hours.stream().mapToDouble(HourlyWeather::celsius).average().orElseThrow();
  }

  private static WeatherSource fixed(double celsius, double wind, double rain) {
    return new WeatherSource() {
      @Override
      public HourlyWeather at(Place place, Instant hour) {
        return new HourlyWeather(hour, celsius, wind, 0, rain, 0);
      }

      @Override
      public SourceKind kind() {
        return SourceKind.FILE;
      }

      @Override
      public Instant made() {
        return Instant.EPOCH;
      }

      @Override
      public Fact says() {
        return Fact.of("weather.file").text("file", "by hand");
      }
    };
  }
}
