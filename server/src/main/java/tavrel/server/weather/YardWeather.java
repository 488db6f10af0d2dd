package tavrel.server.weather;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.weather.ExpectedHours;
import tavrel.core.weather.ForecastCheck;
import tavrel.core.weather.GradedHour;
import tavrel.core.weather.HourReason;
import tavrel.core.weather.HourRule;
import tavrel.core.weather.HourlyWeather;
import tavrel.core.weather.LearnedForecast;
import tavrel.core.weather.OwnHours;
import tavrel.core.weather.Place;
import tavrel.core.weather.Reading;
import tavrel.core.weather.SourceKind;
import tavrel.core.weather.Sun;
import tavrel.core.weather.SunDay;
import tavrel.core.weather.TemperaturePreset;
import tavrel.core.weather.WeatherSource;
import tavrel.core.weather.Window;
import tavrel.core.weather.YardDay;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.rulesheet.RuleSheets;
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

/** The weather of apiaries: what is told of it, and what their hours are worth. */
@Service
public class YardWeather {

  private record DayKey(
      Place place, LocalDate date, ZoneId zone, HourRule rule, List<WeatherSource> sources) {}

  private record ExpectedKey(Place place, LocalDate date, ZoneId zone, HourRule rule) {}

  private record Expected(Set<Instant> hours, List<Window> windows) {}

  /** Days that hours are shown of, today the first. */
  public static final int DAYS_SHOWN = 10;

  private static final int MOST_NAME = 80;

  private final Apiaries apiaries;
  private final WeatherSources weatherSources;
  private final SunTimes sunTimes;
  private final ReadingMapper readings;
  private final HourMapper hours;
  private final RuleSheets ruleSheets;
  private final WeatherHourMapper hoursOfFiles;
  private final KeptWhileUnchanged<UUID, HourRule> rules;
  private final Clock clock;
  private final Cache<DayKey, YardDay> days = Caffeine.newBuilder().maximumSize(2_000).build();
  private final Cache<ExpectedKey, Expected> expected =
      Caffeine.newBuilder().maximumSize(40_000).build();

  YardWeather(
      Apiaries apiaries,
      WeatherSources weatherSources,
      SunTimes sunTimes,
      ReadingMapper readings,
      HourMapper hours,
      RuleSheets ruleSheets,
      WeatherHourMapper hoursOfFiles,
      Changes changes,
      Clock clock) {
    this.apiaries = apiaries;
    this.weatherSources = weatherSources;
    this.sunTimes = sunTimes;
    this.readings = readings;
    this.hours = hours;
    this.ruleSheets = ruleSheets;
    this.hoursOfFiles = hoursOfFiles;
    rules =
        new KeptWhileUnchanged<>(
            changes,
            id ->
                hours
                    .of(id)
                    .map(this::ruleOf)
                    .orElseGet(() -> HourRule.of(TemperaturePreset.COOL_BROAD)),
            "weather",
            "rulesheet");
    this.clock = clock;
  }

  /** A day there, or null where nobody has said where it is. */
  public @Nullable YardDay day(Apiary apiary, LocalDate date) {
    Place place = apiary.place();
    return place == null
        ? null
        : day(apiary, place, date, hourRule(apiary.id()), sources(apiary, place, date));
  }

  private List<WeatherSource> sources(Apiary apiary, Place place, LocalDate date) {
    return weatherSources.of(apiary, place, new DaySpan(date, date)).getOrDefault(date, List.of());
  }

  private YardDay day(
      Apiary apiary, Place place, LocalDate date, HourRule rule, List<WeatherSource> sources) {
    ZoneId zone = apiary.zoneId();
    YardDay judged =
        days.get(
            new DayKey(place, date, zone, rule, sources),
            key ->
                YardDay.of(place, date, zone, sunTimes.of(place, date, zone), key.sources(), rule));
    return judged.madeUp() ? judged.unsureBy(weatherSources.unsure(apiary, date)) : judged;
  }

  /**
   * Workable hours there by day that are still ahead, for a plan: as they are told, and where
   * nobody tells of them as they are expected. Empty where nobody has said where it is.
   */
  public Map<LocalDate, List<Window>> workable(Apiary apiary, DaySpan span) {
    Place place = apiary.place();
    if (place == null) {
      return Map.of();
    }
    HourRule rule = hourRule(apiary.id());
    Map<LocalDate, List<WeatherSource>> told = weatherSources.of(apiary, place, span);
    Map<LocalDate, List<Window>> found = new HashMap<>();
    for (LocalDate date = span.from(); !date.isAfter(span.to()); date = date.plusDays(1)) {
      Expected usual = expected(place, date, apiary.zoneId(), rule);
      List<WeatherSource> sources = told.get(date);
      found.put(
          date,
          ahead(
              sources == null
                  ? usual.windows()
                  : day(apiary, place, date, rule, sources).withExpected(usual.hours())));
    }
    return found;
  }

  /**
   * That a day has no hour worth working in.
   *
   * @param mostly what speaks against most of its hours
   * @param next the next day that has one, or null where none of the next ten has
   */
  public record LostDay(HourReason.Code mostly, @Nullable LocalDate next) {}

  /**
   * Nothing where it has one, or might have, for who works the usual hours. As it is foretold: what
   * was read is good for its own hour.
   */
  public Optional<LostDay> lost(Apiary apiary, LocalDate date) {
    Place place = apiary.place();
    if (place == null) {
      return Optional.empty();
    }
    List<WeatherSource> foretold =
        sources(apiary, place, date).stream()
            .filter(each -> each.kind() != SourceKind.READING)
            .toList();
    HourReason.Code mostly =
        day(apiary, place, date, hourRule(apiary.id()), foretold).takenBy(OwnHours.USUAL);
    if (mostly == null) {
      return Optional.empty();
    }
    Map<LocalDate, List<Window>> ahead =
        workable(apiary, new DaySpan(date.plusDays(1), date.plusDays(DAYS_SHOWN)));
    return Optional.of(
        new LostDay(
            mostly,
            ahead.entrySet().stream()
                .filter(each -> suits(apiary, place, each.getKey(), each.getValue()))
                .map(Map.Entry::getKey)
                .min(LocalDate::compareTo)
                .orElse(null)));
  }

  private boolean suits(Apiary apiary, Place place, LocalDate date, List<Window> windows) {
    ZoneId zone = apiary.zoneId();
    SunDay sun = sunTimes.of(place, date, zone).day();
    return windows.stream().anyMatch(each -> OwnHours.USUAL.of(each, date, zone, sun).isPresent());
  }

  private Expected expected(Place place, LocalDate date, ZoneId zone, HourRule rule) {
    return expected.get(
        new ExpectedKey(place, date, zone, rule),
        key -> {
          Sun sun = sunTimes.of(place, date, zone);
          Set<Instant> usual = ExpectedHours.of(place, date, zone, sun, rule);
          return new Expected(
              usual, YardDay.of(place, date, zone, sun, List.of(), rule).withExpected(usual));
        });
  }

  /** Who tells of the weather there today and tomorrow; empty where nobody does. */
  public List<Fact> toldBy(Apiary apiary) {
    LocalDate today = apiaries.today(apiary);
    return Stream.of(today, today.plusDays(1))
        .map(date -> day(apiary, date))
        .filter(day -> day != null && !day.tellsNothing())
        .map(YardDay::source)
        .distinct()
        .toList();
  }

  /** What is left of windows: nobody can plan for hours that are over. */
  private List<Window> ahead(List<Window> windows) {
    Instant now = clock.instant().truncatedTo(ChronoUnit.MINUTES);
    return windows.stream().flatMap(window -> window.after(now).stream()).toList();
  }

  /**
   * Weather there at a moment: what somebody read there, else what is told of its hour; null where
   * nobody tells of it or has said where it is.
   */
  public @Nullable WeatherThere weatherAt(Apiary apiary, Instant at) {
    Optional<Reading> read =
        readings.between(apiary.id(), at.minus(Reading.HOLDS), at.plus(Reading.EARLY)).stream()
            .filter(each -> each.holds(at))
            .reduce((earlier, later) -> later);
    if (read.isPresent()) {
      return new WeatherThere(new WeatherSource.Told(read.get().weather(), read.get()));
    }
    Place place = apiary.place();
    if (place == null) {
      return null;
    }
    List<WeatherSource> sources = sources(apiary, place, LocalDate.ofInstant(at, apiary.zoneId()));
    return WeatherSource.best(
            WeatherSource.ranked(sources), place, at.truncatedTo(ChronoUnit.HOURS))
        .map(WeatherThere::new)
        .orElse(null);
  }

  /**
   * A reading held against what had been foretold of its hour; null where nobody foretold anything
   * or has said where it is.
   */
  @Nullable ForecastCheck held(Apiary apiary, Reading reading) {
    Place place = apiary.place();
    if (place == null) {
      return null;
    }
    ZoneId zone = apiary.zoneId();
    LocalDate date = LocalDate.ofInstant(reading.at(), zone);
    HourRule rule = hourRule(apiary.id());
    List<WeatherSource> foretold =
        sources(apiary, place, date).stream()
            .filter(each -> each.kind() != SourceKind.READING && !each.madeUp())
            .toList();
    List<WeatherSource> read = Stream.concat(foretold.stream(), Stream.of(reading)).toList();
    GradedHour before = day(apiary, place, date, rule, foretold).at(reading.at());
    GradedHour after = day(apiary, place, date, rule, read).at(reading.at());
    if (before == null || before.weather() == null || after == null) {
      return null;
    }
    return new ForecastCheck(
        reading.at(),
        before.weather().celsius() - learned(apiary).correction(before.hour(), zone),
        reading.celsius(),
        before.grade().isWorkable(),
        after.grade().isWorkable());
  }

  /** What readings there have taught about forecasts of it. */
  public LearnedForecast learned(Apiary apiary) {
    return weatherSources.learned(apiary);
  }

  /** Air temperature there at a moment as somebody read or foretold it, °C; null for none. */
  public @Nullable Double toldCelsius(Apiary apiary, Instant at) {
    WeatherThere there = weatherAt(apiary, at);
    return there == null || there.madeUp() ? null : there.weather().celsius();
  }

  /** By what its hours are judged. */
  public HourChoice hourChoice(UUID id) {
    return hours.of(id).orElse(HourChoice.USUAL);
  }

  /**
   * Chooses by what its hours are judged.
   *
   * @throws InvalidValue if the rule sheet is unknown
   */
  @Transactional
  public void choose(UUID id, HourChoice choice) {
    apiaries.byId(id);
    if (choice.ruleSheetId() != null && ruleSheets.find(choice.ruleSheetId()).isEmpty()) {
      throw new InvalidValue(
          "ruleSheetId", "noRuleSheetKept", "is no rule sheet that is kept here");
    }
    hours.keep(id, choice);
  }

  /**
   * Keeps hours from a file that somebody brought in now; hours that were there already are
   * replaced.
   *
   * @param file what it is called
   */
  @Transactional
  public void keepHours(Collection<UUID> ids, List<HourlyWeather> found, String file) {
    WeatherHourMapper.Source source =
        new WeatherHourMapper.Source(false, inShort(file), clock.instant());
    for (UUID each : new LinkedHashSet<>(ids)) {
      apiaries.byId(each);
      found.forEach(hour -> hoursOfFiles.keep(each, hour, source));
    }
  }

  /**
   * Keeps hours from a file of the folder; those that somebody told later stay.
   *
   * @param made when the file was written
   */
  @Transactional
  public void keepFolderHours(UUID id, List<HourlyWeather> found, String file, Instant made) {
    WeatherHourMapper.Source source = new WeatherHourMapper.Source(true, inShort(file), made);
    found.forEach(hour -> hoursOfFiles.keep(id, hour, source));
  }

  private static String inShort(String file) {
    return file.length() > MOST_NAME ? file.substring(0, MOST_NAME) : file;
  }

  /** Forgets what files said of an apiary. */
  @Transactional
  public void forgetHours(UUID id) {
    apiaries.byId(id);
    hoursOfFiles.forget(id);
  }

  private HourRule hourRule(UUID id) {
    return rules.of(id);
  }

  private HourRule ruleOf(HourChoice choice) {
    RuleSheet sheet =
        choice.ruleSheetId() == null ? null : ruleSheets.find(choice.ruleSheetId()).orElse(null);
    return sheet == null
        ? new HourRule(choice.warmth(), null, null, null)
        : new HourRule(choice.warmth(), sheet.minCelsius(), sheet.maxCelsius(), sheet.name());
  }
}
