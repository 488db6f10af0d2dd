package tavrel.server.today;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.weather.TemperatureSchool;
import tavrel.core.weather.YardDay;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.pace.Paces;
import tavrel.server.weather.HourChoice;
import tavrel.server.weather.YardWeather;

/** The hours of an apiary's next days. */
@RestController
@RequestMapping("/api/apiaries/{id}/hours")
class HoursResource {

  /**
   * A school of warmth to choose.
   *
   * @param school the school
   * @param words its name
   */
  record OfferedSchool(TemperatureSchool school, String words) {}

  /**
   * The next days.
   *
   * @param apiary the apiary
   * @param choice by what its hours are judged
   * @param schools to choose from
   * @param days each with its hours and windows; empty where nobody has said where it is
   * @param madeUp whether the weather is made up
   * @param source where it comes from, in words
   */
  record NextHours(
      Apiary apiary,
      HourChoice choice,
      List<OfferedSchool> schools,
      List<YardDay> days,
      boolean madeUp,
      String source) {}

  private final Apiaries apiaries;
  private final YardWeather weather;
  private final Paces paces;

  HoursResource(Apiaries apiaries, YardWeather weather, Paces paces) {
    this.apiaries = apiaries;
    this.weather = weather;
    this.paces = paces;
  }

  @GetMapping
  NextHours next(@PathVariable UUID id) {
    Apiary apiary = apiaries.byId(id);
    LocalDate today = apiaries.today(apiary);
    List<YardDay> days =
        apiary.place() == null
            ? List.of()
            : IntStream.range(0, YardWeather.FORECAST_DAYS)
                .mapToObj(ahead -> weather.day(apiary, today.plusDays(ahead)))
                .map(day -> paces.fitted(apiary, day))
                .toList();
    return new NextHours(
        apiary,
        weather.hourChoice(id),
        Arrays.stream(TemperatureSchool.values())
            .map(school -> new OfferedSchool(school, school.warmth().words()))
            .toList(),
        days,
        days.isEmpty() ? weather.weatherMadeUp() : days.stream().anyMatch(YardDay::madeUp),
        days.isEmpty() ? weather.weatherSays() : days.get(0).source());
  }

  @PutMapping("/choice")
  NextHours choose(@PathVariable UUID id, @RequestBody HourChoice choice) {
    weather.choose(id, choice);
    return next(id);
  }
}
