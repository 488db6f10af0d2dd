package tavrel.server.weather;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.DaySpan;
import tavrel.core.InvalidValue;
import tavrel.core.weather.HourRule;
import tavrel.core.weather.HourlyWeather;
import tavrel.core.weather.KnownHours;
import tavrel.core.weather.Place;
import tavrel.core.weather.Reading;
import tavrel.core.weather.Sun;
import tavrel.core.weather.TemperatureSchool;
import tavrel.core.weather.UsualWeather;
import tavrel.core.weather.WeatherSource;
import tavrel.core.weather.Window;
import tavrel.core.weather.YardDay;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;

/** The weather of apiaries: who tells of it, and what their hours are worth. */
@Service
public class YardWeather {

  private record SunKey(Place place, LocalDate date, ZoneId zone) {}

  private record DayKey(
      Place place,
      LocalDate date,
      ZoneId zone,
      HourRule rule,
      List<Reading> read,
      @Nullable KnownHours file,
      Instant toldAt) {}

  /** As far as hours of a file reach over a hole. */
  private static final Duration NEAR_HOLE = Duration.ofHours(3);

  /** Days that hours are told of, today the first. */
  public static final int FORECAST_DAYS = 10;

  private final Apiaries apiaries;
  private final ReadingMapper readings;
  private final HourMapper hours;
  private final WeatherHourMapper hoursOfFiles;
  private final WeatherSource weather;
  private final Clock clock;
  private final WeatherSource usual = new UsualWeather();
  private final Cache<SunKey, Sun> suns = Caffeine.newBuilder().maximumSize(60_000).build();
  private final Cache<DayKey, YardDay> days = Caffeine.newBuilder().maximumSize(2_000).build();
  private final Cache<DayKey, List<Window>> farWindows =
      Caffeine.newBuilder().maximumSize(40_000).build();

  YardWeather(
      Apiaries apiaries,
      ReadingMapper readings,
      HourMapper hours,
      WeatherHourMapper hoursOfFiles,
      WeatherSource weather,
      Clock clock) {
    this.apiaries = apiaries;
    this.readings = readings;
    this.hours = hours;
    this.hoursOfFiles = hoursOfFiles;
    this.weather = weather;
    this.clock = clock;
  }

  /** A day there, or null where nobody has said where it is. */
  public @Nullable YardDay day(Apiary apiary, LocalDate date) {
    Place place = apiary.place();
    if (place == null) {
      return null;
    }
    ZoneId zone = apiary.zoneId();
    List<Reading> read =
        readings.between(
            apiary.id(),
            date.atStartOfDay(zone).toInstant(),
            date.plusDays(1).atStartOfDay(zone).toInstant());
    KnownHours file = fileOf(apiary.id(), date, zone);
    return days.get(
        new DayKey(place, date, zone, hourRule(apiary.id()), read, file, tomorrow(apiary)),
        key -> {
          WeatherSource told = weather.toldAt(key.toldAt());
          WeatherSource source = file == null ? told : file.over(told);
          for (Reading each : key.read()) {
            source = each.over(source);
          }
          Duration ahead =
              Duration.between(key.toldAt(), date.atStartOfDay(zone).plusHours(12).toInstant());
          return YardDay.of(place, date, zone, sun(place, date, zone), source, key.rule())
              .unsureBy(file == null ? weather.unsure(ahead) : 0);
        });
  }

  /**
   * Workable hours there by day that are still ahead: as they are forecast for the next days, and
   * beyond those as they are usual for the date. Empty where nobody has said where it is.
   */
  public Map<LocalDate, List<Window>> workable(Apiary apiary, DaySpan span) {
    Place place = apiary.place();
    if (place == null) {
      return Map.of();
    }
    ZoneId zone = apiary.zoneId();
    HourRule rule = hourRule(apiary.id());
    LocalDate forecastTo = forecastTo(apiary);
    Set<LocalDate> fileDays = fileDays(apiary, span);
    Map<LocalDate, List<Window>> found = new HashMap<>();
    for (LocalDate date = span.from(); !date.isAfter(span.to()); date = date.plusDays(1)) {
      boolean told = !date.isAfter(forecastTo) || fileDays.contains(date);
      YardDay near = told ? day(apiary, date) : null;
      LocalDate far = date;
      found.put(
          date,
          near != null
              ? ahead(near.windows())
              : farWindows.get(
                  new DayKey(place, date, zone, rule, List.of(), null, Instant.EPOCH),
                  key ->
                      YardDay.of(place, far, zone, sun(place, far, zone), usual, rule).windows()));
    }
    return found;
  }

  /** Last day there that the weather's source says something of. */
  public LocalDate forecastTo(Apiary apiary) {
    return apiaries.today(apiary).plusDays(FORECAST_DAYS - 1L);
  }

  /** What is left of windows: nobody can plan for hours that are over. */
  private List<Window> ahead(List<Window> windows) {
    Instant now = clock.instant().truncatedTo(ChronoUnit.MINUTES);
    return windows.stream().flatMap(window -> window.after(now).stream()).toList();
  }

  /** Forecasts are made once a day; of today all is known. */
  private Instant tomorrow(Apiary apiary) {
    return apiaries.today(apiary).plusDays(1).atStartOfDay(apiary.zoneId()).toInstant();
  }

  private Sun sun(Place place, LocalDate date, ZoneId zone) {
    return suns.get(new SunKey(place, date, zone), key -> Sun.of(place, date, zone));
  }

  /**
   * Weather there at a moment: what somebody read there, else the source's; null where nobody read
   * any and nobody has said where it is.
   */
  public @Nullable WeatherThere weatherAt(Apiary apiary, Instant at) {
    Reading read =
        readings.between(apiary.id(), at.minus(Reading.HOLDS), at.plus(Reading.EARLY)).stream()
            .filter(each -> each.holds(at))
            .reduce((earlier, later) -> later)
            .orElse(null);
    if (read != null) {
      return new WeatherThere(read.weather(), "read by " + read.by(), false);
    }
    YardDay day = day(apiary, LocalDate.ofInstant(at, apiary.zoneId()));
    if (day == null) {
      return null;
    }
    TreeMap<Instant, HourlyWeather> file = new TreeMap<>();
    hoursOfFiles
        .between(apiary.id(), at.minus(NEAR_HOLE), at.plus(NEAR_HOLE))
        .forEach(kept -> file.put(kept.hour(), kept.weather()));
    HourlyWeather known = KnownHours.at(file, at.truncatedTo(ChronoUnit.HOURS));
    return known == null
        ? new WeatherThere(day.at(at), weather.says(), weather.standIn())
        : new WeatherThere(known, day.source(), false);
  }

  /** Air temperature measured there at a moment, °C; null where nobody measured it. */
  public @Nullable Double measuredCelsius(Apiary apiary, Instant at) {
    WeatherThere there = weatherAt(apiary, at);
    return there == null || there.madeUp() ? null : there.weather().celsius();
  }

  /** By what its hours are judged. */
  public HourChoice hourChoice(UUID id) {
    return hours.of(id).map(HourMapper.Kept::choice).orElse(HourChoice.USUAL);
  }

  /**
   * Chooses by what its hours are judged.
   *
   * @throws InvalidValue if the rule sheet is unknown
   */
  @Transactional
  public void choose(UUID id, HourChoice choice) {
    apiaries.byId(id);
    if (choice.ruleSheetId() != null && hours.knowsSheet(choice.ruleSheetId()) == 0) {
      throw new InvalidValue("ruleSheetId", "is no rule sheet that is kept here");
    }
    hours.keep(id, choice);
  }

  /**
   * Keeps hours from a file; hours that were there already are replaced.
   *
   * @param also other apiaries that share the weather, or null
   * @param file what it is called
   */
  @Transactional
  public void keepHours(
      UUID id, @Nullable List<UUID> also, List<HourlyWeather> found, String file) {
    Set<UUID> all = new LinkedHashSet<>();
    all.add(id);
    if (also != null) {
      all.addAll(also);
    }
    for (UUID each : all) {
      apiaries.byId(each);
      found.forEach(hour -> hoursOfFiles.keep(each, hour, file));
    }
  }

  /** Forgets what files said of an apiary. */
  @Transactional
  public void forgetHours(UUID id) {
    apiaries.byId(id);
    hoursOfFiles.forget(id);
  }

  /** What files say of a day, with the hours beside it that fill its holes; null for nothing. */
  private @Nullable KnownHours fileOf(UUID id, LocalDate date, ZoneId zone) {
    List<WeatherHourMapper.Kept> kept =
        hoursOfFiles.between(
            id,
            date.atStartOfDay(zone).toInstant().minus(NEAR_HOLE),
            date.plusDays(1).atStartOfDay(zone).toInstant().plus(NEAR_HOLE));
    boolean any =
        kept.stream().anyMatch(each -> LocalDate.ofInstant(each.hour(), zone).equals(date));
    return any
        ? new KnownHours(
            kept.stream().map(WeatherHourMapper.Kept::weather).toList(), kept.get(0).file())
        : null;
  }

  private Set<LocalDate> fileDays(Apiary apiary, DaySpan span) {
    ZoneId zone = apiary.zoneId();
    return hoursOfFiles
        .between(
            apiary.id(),
            span.from().atStartOfDay(zone).toInstant(),
            span.to().plusDays(1).atStartOfDay(zone).toInstant())
        .stream()
        .map(kept -> LocalDate.ofInstant(kept.hour(), zone))
        .collect(Collectors.toSet());
  }

  /** Whether the source makes weather up, see {@link WeatherSource#standIn}. */
  public boolean weatherMadeUp() {
    return weather.standIn();
  }

  /** Where weather comes from unless somebody reads it, in words. */
  public String weatherSays() {
    return weather.says();
  }

  private HourRule hourRule(UUID id) {
    return hours
        .of(id)
        .map(HourMapper.Kept::rule)
        .orElseGet(() -> HourRule.of(TemperatureSchool.COOL_BROAD));
  }
}
