package tavrel.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

class WeatherSourceTest {

  private static final Place PLACE = new Place(47.6, -24.3);
  private static final ZoneId ZONE = ZoneOffset.ofHours(-2);
  private static final LocalDate DAY = LocalDate.of(2026, 8, 18);
  private static final Instant MIDNIGHT = DAY.atStartOfDay(ZONE).toInstant();
  private static final Instant EVE = MIDNIGHT.minus(Duration.ofHours(6));
  private static final Sun SUN = Sun.of(PLACE, DAY, ZONE);
  private static final HourRule RULE = HourRule.of(TemperaturePreset.COOL_BROAD);

  @Test
  void an_hour_that_nobody_tells_of_has_no_grade_and_makes_no_window() {
    YardDay day = YardDay.of(PLACE, DAY, ZONE, SUN, List.of(), RULE);
    assertThat(day.tellsNothing()).isTrue();
    assertThat(day.hours()).extracting(GradedHour::grade).containsOnly(HourGrade.UNKNOWN);
    assertThat(day.windows()).isEmpty();
    assertThat(day.source()).isEqualTo(Fact.of("weather.noSource"));
    assertThat(day.madeUp()).isFalse();
  }

  @Test
  void an_hour_that_is_not_told_of_is_not_yet_or_was_left_out() {
    FileHours some = FileHours.of(SourceKind.FILE, "some", EVE, List.of(hour(6, 5), hour(14, 5)));
    YardDay day = YardDay.of(PLACE, DAY, ZONE, SUN, List.of(some), RULE);
    assertThat(why(day, 10)).isEqualTo(HourReason.Code.GAP);
    assertThat(why(day, 18)).isEqualTo(HourReason.Code.BEYOND);
    YardDay tomorrow = YardDay.of(PLACE, DAY.plusDays(1), ZONE, SUN, List.of(some), RULE);
    assertThat(why(tomorrow, 6)).isEqualTo(HourReason.Code.BEYOND);
    assertThat(tomorrow.source()).isEqualTo(Fact.of("weather.notYet"));
    YardDay past = YardDay.of(PLACE, DAY.minusDays(2), ZONE, SUN, List.of(some), RULE);
    assertThat(why(past, 6)).as("told of days to come alone").isEqualTo(HourReason.Code.GAP);
    assertThat(past.source()).isEqualTo(Fact.of("weather.noSource"));
  }

  private static HourReason.Code why(YardDay day, int hour) {
    return day.hours().get(hour).reasons().get(0).code();
  }

  @Test
  void among_forecasts_the_one_made_last_wins_and_rank_decides_only_between_equals() {
    FileHours early = file(SourceKind.FILE, "early.csv", EVE, 6);
    FileHours late = file(SourceKind.FOLDER, "late.csv", EVE.plusSeconds(60), 9);
    WeatherSource own = own(EVE, 12, 12, 0);
    assertThat(sourceAtSix(early, late, own))
        .isEqualTo(Fact.of("weather.file").text("file", "late.csv"));
    assertThat(sourceAtSix(early, own))
        .isEqualTo(Fact.of("weather.forecastBy").text("who", "Wren"));
    assertThat(sourceAtSix(own, file(SourceKind.FILE, "x", EVE.plusSeconds(1), 3)))
        .isEqualTo(Fact.of("weather.file").text("file", "x"));
  }

  @Test
  void a_reading_goes_before_what_was_told_after_it_but_for_its_own_hour_alone() {
    Reading reading =
        new Reading(MIDNIGHT.plus(Duration.ofHours(6)), 4, WindFelt.LIGHT, 90, false, "Tam");
    FileHours later = file(SourceKind.FILE, "x", MIDNIGHT.plus(Duration.ofHours(9)), 11);
    YardDay day = YardDay.of(PLACE, DAY, ZONE, SUN, List.of(later, reading), RULE);
    assertThat(day.hours().get(6).source()).isEqualTo(Fact.of("weather.readBy").text("who", "Tam"));
    assertThat(day.hours().get(7).source()).isEqualTo(Fact.of("weather.file").text("file", "x"));
  }

  @Test
  void what_is_made_up_goes_behind_every_source_however_old() {
    WeatherSource station = new SimulatedStation(3).toldAt(MIDNIGHT.plus(Duration.ofDays(1)));
    assertThat(sourceAtSix(station, file(SourceKind.FOLDER, "old.csv", Instant.EPOCH, 5)))
        .isEqualTo(Fact.of("weather.file").text("file", "old.csv"));
    assertThat(sourceAtSix(station)).isEqualTo(Fact.of("weather.simulatedStation"));
  }

  @Test
  void four_figures_make_a_day_coolest_at_sunrise_and_warmest_in_the_afternoon() {
    WeatherSource own = own(EVE, 6, 18, 0);
    double[] celsius =
        IntStream.range(0, 24).mapToDouble(hour -> at(own, hour).celsius()).toArray();
    assertThat(celsius[4]).as("sunrise is at 04:37").isCloseTo(6, within(0.1));
    assertThat(celsius[14]).as("the sun's noon is at 11:41").isCloseTo(18, within(0.1));
    for (int hour = 5; hour < 14; hour++) {
      assertThat(celsius[hour + 1]).isGreaterThan(celsius[hour]);
    }
    assertThat(IntStream.range(0, 24).mapToObj(hour -> at(own, hour)))
        .allSatisfy(
            hour -> {
              assertThat(hour.celsius()).isBetween(6.0, 18.0);
              assertThat(hour.windFrom()).as("nobody said so").isNull();
            });
    assertThat(own.at(PLACE, MIDNIGHT.minus(Duration.ofHours(1)))).isNull();
    assertThat(own.at(PLACE, MIDNIGHT.plus(Duration.ofHours(24)))).isNull();
  }

  @ParameterizedTest
  @CsvSource({"78, 15", "-78, 15", "47.6, 179.9", "47.6, -179.9", "0, 100"})
  void four_figures_hold_their_low_and_high_at_every_place(double latitude, double longitude) {
    Place place = new Place(latitude, longitude);
    ZoneId zone = ZoneOffset.ofTotalSeconds((int) Math.round(longitude / 15) * 3600);
    for (LocalDate day : List.of(LocalDate.of(2026, 6, 21), LocalDate.of(2026, 12, 21))) {
      WeatherSource own =
          new OwnForecast(day, -3, 9, 2, 0, null, null, false, EVE, "Wren")
              .over(place, zone, SunDay.of(place, day, zone));
      Instant begins = day.atStartOfDay(zone).toInstant();
      List<Double> celsius =
          IntStream.range(0, 24)
              .mapToObj(hour -> own.at(place, begins.plus(Duration.ofHours(hour))))
              .map(hour -> Objects.requireNonNull(hour).celsius())
              .toList();
      assertThat(celsius).allMatch(each -> each >= -3 && each <= 9);
      assertThat(Collections.max(celsius)).isCloseTo(9, within(0.5));
      assertThat(Collections.min(celsius)).isCloseTo(-3, within(0.5));
      assertThat(celsius.get(15)).as("afternoon").isGreaterThan(7);
    }
  }

  @Test
  void rain_falls_in_its_hours_or_in_any() {
    WeatherSource noon =
        new OwnForecast(DAY, 6, 18, 2, 4, 12, 16, false, EVE, "Wren").over(PLACE, ZONE, SUN.day());
    assertThat(at(noon, 11).rainMm()).isZero();
    assertThat(at(noon, 12).rainMm()).isEqualTo(1);
    assertThat(at(noon, 16).rainMm()).isZero();
    assertThat(at(own(EVE, 6, 18, 4), 3).rainMm()).as("nobody said when").isEqualTo(4);
  }

  @Test
  void thunder_or_ice_is_unsafe_whoever_says_so() {
    WeatherSource own =
        new OwnForecast(DAY, 6, 12, 2, 0, null, null, true, EVE, "Wren")
            .over(PLACE, ZONE, SUN.day());
    GradedHour six = YardDay.of(PLACE, DAY, ZONE, SUN, List.of(own), RULE).hours().get(6);
    assertThat(six.grade()).isEqualTo(HourGrade.UNSAFE);
    assertThat(six.reasons()).contains(HourReason.of(HourReason.Code.THUNDER_OR_ICE));
  }

  @ParameterizedTest
  @CsvSource({
    "12, 6, 2, 0, , , high", "-60, 6, 2, 0, , , low", "6, 12, -1, 0, , , windMs",
    "6, 12, 2, -1, , , rainMm", "6, 12, 2, 1, 8, , rainTo", "6, 12, 2, 1, 8, 8, rainTo",
    "6, 12, 2, 1, , 8, rainFrom"
  })
  void figures_that_cannot_be_are_refused_by_name(
      double low, double high, double wind, double rain, Integer from, Integer to, String field) {
    assertThatThrownBy(
            () -> new OwnForecast(DAY, low, high, wind, rain, from, to, false, EVE, "Wren"))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo(field));
  }

  @Test
  void good_and_fair_hours_that_touch_are_one_stretch_with_its_parts() {
    FileHours file =
        FileHours.of(
            SourceKind.FILE,
            "x",
            EVE,
            List.of(windy(4), hour(5, 8), hour(6, 8), windy(7), hour(12, 8), hour(9, 25)));
    List<Window> windows = YardDay.of(PLACE, DAY, ZONE, SUN, List.of(file), RULE).windows();
    assertThat(windows).hasSize(2);
    assertThat(windows.get(0).from()).isEqualTo(clock(4));
    assertThat(windows.get(0).to()).isEqualTo(clock(8));
    assertThat(windows.get(0).parts())
        .containsExactly(
            new Window.Part(clock(4), clock(5), HourGrade.FAIR),
            new Window.Part(clock(5), clock(7), HourGrade.GOOD),
            new Window.Part(clock(7), clock(8), HourGrade.FAIR));
  }

  @Test
  void a_plan_takes_hours_that_nobody_tells_of_as_expected_and_never_grades_them() {
    FileHours morning =
        FileHours.of(
            SourceKind.FILE,
            "x",
            EVE,
            IntStream.range(0, 12).mapToObj(hour -> hour(hour, 25)).toList());
    HourRule edges = HourRule.of(TemperaturePreset.EDGES_OF_DAY);
    Set<Instant> expected = ExpectedHours.of(PLACE, DAY, ZONE, SUN, edges);
    assertThat(expected).as("dawn and dusk by the sun").contains(clock(4), clock(19));
    assertThat(expected).doesNotContain(clock(12));
    YardDay day = YardDay.of(PLACE, DAY, ZONE, SUN, List.of(morning), RULE);
    List<Window> plan = day.withExpected(expected);
    assertThat(plan).allMatch(window -> !window.from().isBefore(clock(12)));
    assertThat(plan).allMatch(Window::hasExpected);
    assertThat(plan.stream().flatMap(window -> window.parts().stream()))
        .extracting(Window.Part::grade)
        .containsOnlyNulls();
    assertThat(day.windows()).as("none on a screen for today").isEmpty();
  }

  @Test
  void stretches_are_cut_to_somebodys_own_hours() {
    FileHours calm =
        FileHours.of(
            SourceKind.FILE,
            "x",
            EVE,
            IntStream.range(0, 24).mapToObj(hour -> hour(hour, 8)).toList());
    YardDay day = YardDay.of(PLACE, DAY, ZONE, SUN, List.of(calm), RULE);
    assertThat(day.within(OwnHours.USUAL).windows())
        .singleElement()
        .satisfies(
            window -> {
              Instant light = Objects.requireNonNull(SUN.day().firstLight());
              assertThat(window.from()).isEqualTo(light.minus(Duration.ofMinutes(45)));
              assertThat(window.to()).isEqualTo(clock(22));
            });
    OwnHours office = new OwnHours(LocalTime.of(18, 30), LocalTime.MIDNIGHT);
    assertThat(day.within(office).windows())
        .containsExactly(
            Window.of(clock(18).plus(Duration.ofMinutes(30)), clock(24), HourGrade.GOOD));
    assertThatThrownBy(() -> new OwnHours(LocalTime.of(9, 0), LocalTime.of(9, 0)))
        .isInstanceOf(InvalidValue.class);
  }

  @Test
  void what_is_offered_first_holds_the_whole_round_else_most_of_it_and_never_nothing() {
    Window gone = stretch(0, 2, 30);
    Window little = stretch(5, 6, 3);
    Window most = stretch(8, 9, 9);
    Window whole = stretch(18, 20, 12);
    Instant now = clock(4);
    assertThat(Window.offered(Stream.of(gone, little, most, whole), now, 12)).contains(whole);
    assertThat(Window.offered(Stream.of(gone, little, most), now, 12)).contains(most);
    assertThat(Window.offered(Stream.of(gone, stretch(5, 6, 0)), now, 12)).isEmpty();
    assertThat(Window.offered(Stream.of(stretch(5, 6, null)), now, 12)).isPresent();
  }

  private static Window stretch(int from, int to, Integer fits) {
    return Window.of(clock(from), clock(to), HourGrade.GOOD).fitting(fits);
  }

  private static Fact sourceAtSix(WeatherSource... sources) {
    return YardDay.of(PLACE, DAY, ZONE, SUN, List.of(sources), RULE).hours().get(6).source();
  }

  private static WeatherSource own(Instant made, double low, double high, double rain) {
    return new OwnForecast(DAY, low, high, 2, rain, null, null, false, made, "Wren")
        .over(PLACE, ZONE, SUN.day());
  }

  private static FileHours file(SourceKind kind, String name, Instant made, double celsius) {
    return FileHours.of(
        kind, name, made, IntStream.range(0, 24).mapToObj(each -> hour(each, celsius)).toList());
  }

  private static HourlyWeather hour(int hour, double celsius) {
    return new HourlyWeather(clock(hour), celsius, 2, 90, 0, 0.3);
  }

  private static HourlyWeather windy(int hour) {
    return new HourlyWeather(clock(hour), 8, 6, 90, 0, 0.3);
  }

  private static HourlyWeather at(WeatherSource source, int hour) {
    return Objects.requireNonNull(source.at(PLACE, clock(hour)));
  }

  private static Instant clock(int hour) {
    return MIDNIGHT.plus(Duration.ofHours(hour));
  }
}
