package tavrel.server.apiary;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Hive;
import tavrel.core.weather.HourlyWeather;
import tavrel.core.weather.StandingSide;
import tavrel.core.weather.YardDay;

/** Apiaries, as the screens ask for them. */
@RestController
@RequestMapping("/api/apiaries")
class ApiaryResource {

  private static final int DAYS_BACK = 3_660;
  private static final int DAYS_AHEAD = 30;

  /**
   * An apiary in the list.
   *
   * @param apiary the apiary
   * @param hives how many stand there
   */
  record ListedApiary(Apiary apiary, int hives) {}

  /**
   * An apiary with all that stands in it.
   *
   * @param apiary the apiary
   * @param hives in walking order
   */
  record WholeApiary(Apiary apiary, List<Hive> hives) {}

  /**
   * One day of an apiary, for the dayline.
   *
   * @param apiary the apiary
   * @param now the server's clock
   * @param day light, hours and windows, or null where its place is unknown
   * @param weatherNow this hour's weather, or null likewise
   * @param windSide side that this hour's wind comes from, or null likewise
   * @param weatherMadeUp whether the weather is made up
   */
  record Dayline(
      Apiary apiary,
      Instant now,
      @Nullable YardDay day,
      @Nullable HourlyWeather weatherNow,
      @Nullable String windSide,
      boolean weatherMadeUp) {}

  private final Apiaries apiaries;
  private final Yards yards;
  private final Clock clock;

  ApiaryResource(Apiaries apiaries, Yards yards, Clock clock) {
    this.apiaries = apiaries;
    this.yards = yards;
    this.clock = clock;
  }

  @GetMapping
  List<ListedApiary> all() {
    Map<UUID, Integer> counts = apiaries.hiveCounts();
    return apiaries.all().stream()
        .map(apiary -> new ListedApiary(apiary, counts.getOrDefault(apiary.id(), 0)))
        .toList();
  }

  @GetMapping("/{id}")
  WholeApiary one(@PathVariable UUID id) {
    return new WholeApiary(apiaries.byId(id), apiaries.hives(id));
  }

  @PutMapping("/{id}")
  Apiary change(@PathVariable UUID id, @RequestBody Apiary apiary) {
    if (!apiary.id().equals(id)) {
      throw new InvalidValue("id", "differs from the address");
    }
    return apiaries.change(apiary);
  }

  @PostMapping("/{id}/hive-changes")
  WholeApiary paint(@PathVariable UUID id, @RequestBody List<Yards.Painted> painted) {
    return new WholeApiary(apiaries.byId(id), yards.paint(id, painted));
  }

  @PutMapping("/{id}/walk")
  WholeApiary walk(@PathVariable UUID id, @RequestBody Yards.Walk walk) {
    return new WholeApiary(apiaries.byId(id), yards.walk(id, walk));
  }

  @PutMapping("/{id}/hives/{hiveId}")
  WholeApiary addHive(
      @PathVariable UUID id, @PathVariable UUID hiveId, @RequestBody Yards.NewHive hive) {
    return new WholeApiary(apiaries.byId(id), yards.add(id, hiveId, hive));
  }

  @GetMapping("/{id}/dayline")
  Dayline dayline(
      @PathVariable UUID id,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          @Nullable LocalDate date) {
    Apiary apiary = apiaries.byId(id);
    LocalDate today = apiaries.today(apiary);
    LocalDate asked = date == null ? today : date;
    if (asked.isBefore(today.minusDays(DAYS_BACK)) || asked.isAfter(today.plusDays(DAYS_AHEAD))) {
      throw new InvalidValue("date", "must lie in the last ten years or the next 30 days");
    }
    Instant now = clock.instant();
    HourlyWeather weather = apiaries.weatherAt(apiary, now);
    return new Dayline(
        apiary,
        now,
        apiaries.day(apiary, asked),
        weather,
        weather == null ? null : StandingSide.of(weather.windFrom()),
        apiaries.weatherMadeUp());
  }
}
