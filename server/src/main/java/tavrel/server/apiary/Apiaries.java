package tavrel.server.apiary;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Hive;
import tavrel.core.weather.HourlyWeather;
import tavrel.core.weather.Place;
import tavrel.core.weather.TemperatureSchool;
import tavrel.core.weather.WeatherSource;
import tavrel.core.weather.YardDay;
import tavrel.server.http.Problem;

/** Apiaries, their hives and their days. */
@Service
public class Apiaries {

  private record DayKey(Place place, LocalDate date, String zone) {}

  private final ApiaryMapper mapper;
  private final WeatherSource weather;
  private final Clock clock;
  private final Cache<DayKey, YardDay> days = Caffeine.newBuilder().maximumSize(2_000).build();

  Apiaries(ApiaryMapper mapper, WeatherSource weather, Clock clock) {
    this.mapper = mapper;
    this.weather = weather;
    this.clock = clock;
  }

  /** All, by name. */
  public List<Apiary> all() {
    return mapper.all();
  }

  /**
   * The apiary with this id.
   *
   * @throws Problem 404
   */
  public Apiary byId(UUID id) {
    return mapper.byId(id).orElseThrow(() -> Problem.missing("This apiary"));
  }

  /** Its hives in walking order. */
  public List<Hive> hives(UUID id) {
    return mapper.hives(id);
  }

  /** Number of hives in one apiary. */
  public int hiveCount(UUID id) {
    return mapper.hiveCount(id);
  }

  /** Number of hives by apiary; one without hives is missing. */
  public Map<UUID, Integer> hiveCounts() {
    return mapper.hiveCounts().stream()
        .collect(Collectors.toMap(HiveCount::apiaryId, HiveCount::hives));
  }

  /** Changes name, place or zone. */
  @Transactional
  Apiary change(Apiary apiary) {
    byId(apiary.id());
    if (mapper.byName(apiary.name()).filter(other -> !other.id().equals(apiary.id())).isPresent()) {
      throw new InvalidValue("name", "is taken by another apiary");
    }
    mapper.change(apiary);
    return apiary;
  }

  /**
   * A hive with this id, and where it stands.
   *
   * @throws Problem 404
   */
  public Hive hive(UUID hiveId) {
    return hives(apiaryOf(hiveId)).stream()
        .filter(hive -> hive.id().equals(hiveId))
        .findFirst()
        .orElseThrow(() -> Problem.missing("This hive"));
  }

  /** Today's date there. */
  public LocalDate today(Apiary apiary) {
    return LocalDate.ofInstant(clock.instant(), apiary.zoneId());
  }

  /** A day there, or null where nobody has said where it is. */
  public @Nullable YardDay day(Apiary apiary, LocalDate date) {
    Place place = apiary.place();
    if (place == null) {
      return null;
    }
    Function<DayKey, YardDay> compute =
        key -> YardDay.of(place, date, apiary.zoneId(), weather, TemperatureSchool.COOL_BROAD);
    return days.get(new DayKey(place, date, apiary.zone()), compute);
  }

  /** Weather there at a moment, or null where nobody has said where it is. */
  public @Nullable HourlyWeather weatherAt(Apiary apiary, Instant at) {
    YardDay day = day(apiary, LocalDate.ofInstant(at, apiary.zoneId()));
    return day == null ? null : day.at(at);
  }

  /** Air temperature measured there at a moment, °C; null where nobody measured it. */
  public @Nullable Double measuredCelsius(Apiary apiary, Instant at) {
    HourlyWeather hour = weather.standIn() ? null : weatherAt(apiary, at);
    return hour == null ? null : hour.celsius();
  }

  /** Whether weather is made up, see {@link WeatherSource#standIn}. */
  public boolean weatherMadeUp() {
    return weather.standIn();
  }

  /** Where weather comes from, in words. */
  public String weatherSays() {
    return weather.says();
  }

  private UUID apiaryOf(UUID hiveId) {
    return mapper.apiaryOf(hiveId).orElseThrow(() -> Problem.missing("This hive"));
  }
}
