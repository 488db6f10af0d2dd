package tavrel.server.weather;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.InvalidValue;
import tavrel.core.weather.YardDay;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.pace.PaceService;

/** One day of an apiary, for the ribbon on every screen. */
@RestController
class DaylineResource {

  private static final int DAYS_BACK = 3_660;
  private static final int DAYS_AHEAD = 30;

  /**
   * One day of an apiary.
   *
   * @param apiary the apiary
   * @param now the server's clock
   * @param day light, hours and windows, or null where its place is unknown
   * @param there weather there now, or null where nothing is known
   */
  record Dayline(Apiary apiary, Instant now, @Nullable YardDay day, @Nullable WeatherThere there) {}

  private final Apiaries apiaries;
  private final YardWeather weather;
  private final PaceService paceService;
  private final Clock clock;

  DaylineResource(Apiaries apiaries, YardWeather weather, PaceService paceService, Clock clock) {
    this.apiaries = apiaries;
    this.weather = weather;
    this.paceService = paceService;
    this.clock = clock;
  }

  /** An apiary's day: sun, weather and workable hours, with now. */
  @GetMapping("/api/apiaries/{id}/dayline")
  Dayline dayline(
      @PathVariable UUID id,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          @Nullable LocalDate date) {
    Apiary apiary = apiaries.byId(id);
    LocalDate today = apiaries.today(apiary);
    LocalDate asked = date == null ? today : date;
    if (asked.isBefore(today.minusDays(DAYS_BACK)) || asked.isAfter(today.plusDays(DAYS_AHEAD))) {
      throw new InvalidValue(
          "date", "mustLieLastTen", "must lie in the last ten years or the next 30 days");
    }
    Instant now = clock.instant();
    return new Dayline(
        apiary,
        now,
        paceService.fitted(apiary, weather.day(apiary, asked)),
        weather.weatherAt(apiary, now));
  }
}
