package tavrel.server.weather;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import tavrel.core.DaySpan;
import tavrel.core.weather.FileHours;
import tavrel.core.weather.LearnedForecast;
import tavrel.core.weather.OwnForecast;
import tavrel.core.weather.Place;
import tavrel.core.weather.Reading;
import tavrel.core.weather.SimulatedStation;
import tavrel.core.weather.WeatherSource;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

/**
 * Everybody who tells of an apiary's weather: thermometers, forecasts in four figures, files, and
 * in the demo the simulated station.
 */
@Component
class WeatherSources {

  /** Days that the station tells of, today the first. */
  static final int STATION_DAYS = 10;

  /** As far as hours of a file reach over a hole. */
  private static final Duration NEAR_HOLE = Duration.ofHours(3);

  private final ReadingMapper readings;
  private final OwnForecastMapper own;
  private final WeatherHourMapper files;
  private final Apiaries apiaries;
  private final SunTimes sunTimes;
  private final @Nullable SimulatedStation station;
  private final KeptWhileUnchanged<Asked, Map<LocalDate, List<WeatherSource>>> told;

  private final KeptWhileUnchanged<Zoned, LearnedForecast> learned;

  /** Of which days who tells is asked, and on which. */
  private record Asked(Apiary apiary, Place place, DaySpan span, LocalDate today) {}

  private record Zoned(UUID apiaryId, ZoneId zone) {}

  WeatherSources(
      ReadingMapper readings,
      OwnForecastMapper own,
      WeatherHourMapper files,
      Apiaries apiaries,
      SunTimes sunTimes,
      ObjectProvider<SimulatedStation> station,
      Changes changes,
      Clock clock) {
    learned =
        new KeptWhileUnchanged<>(
            changes,
            of -> {
              Instant now = clock.instant();
              return LearnedForecast.of(
                  readings.checks(of.apiaryId(), now.minus(LearnedForecast.REMEMBERED)),
                  of.zone(),
                  now);
            },
            "weather");
    told =
        new KeptWhileUnchanged<>(
            changes, of -> read(of.apiary(), of.place(), of.span()), "weather");
    this.readings = readings;
    this.own = own;
    this.files = files;
    this.apiaries = apiaries;
    this.sunTimes = sunTimes;
    this.station = station.getIfAvailable();
  }

  /** Who tells of each day there; a day that nobody tells of is missing. */
  Map<LocalDate, List<WeatherSource>> of(Apiary apiary, Place place, DaySpan span) {
    return told.of(new Asked(apiary, place, span, apiaries.today(apiary)));
  }

  private Map<LocalDate, List<WeatherSource>> read(Apiary apiary, Place place, DaySpan span) {
    ZoneId zone = apiary.zoneId();
    Instant from = span.from().atStartOfDay(zone).toInstant();
    Instant to = span.to().plusDays(1).atStartOfDay(zone).toInstant();
    Map<LocalDate, List<WeatherSource>> found = new HashMap<>();
    for (Reading each : readings.between(apiary.id(), from, to)) {
      add(found, LocalDate.ofInstant(each.at(), zone), each);
    }
    for (OwnForecast each : own.between(apiary.id(), span.from(), span.to())) {
      add(found, each.day(), each.over(place, zone, sunTimes.of(place, each.day(), zone).day()));
    }
    addFiles(found, apiary.id(), span, zone);
    if (station != null) {
      LocalDate today = apiaries.today(apiary);
      LocalDate last = today.plusDays(STATION_DAYS - 1L);
      WeatherSource told = station.toldAt(tomorrow(today, zone));
      for (LocalDate day = span.from();
          !day.isAfter(span.to()) && !day.isAfter(last);
          day = day.plusDays(1)) {
        add(found, day, told);
      }
    }
    LearnedForecast learned = learned(apiary);
    found.replaceAll(
        (day, sources) -> sources.stream().map(source -> learned.corrected(source, zone)).toList());
    return found;
  }

  /** What readings there have taught about forecasts of it. */
  LearnedForecast learned(Apiary apiary) {
    return learned.of(new Zoned(apiary.id(), apiary.zoneId()));
  }

  /** Each day gets the hours beside it that fill its holes, too. */
  private void addFiles(
      Map<LocalDate, List<WeatherSource>> found, UUID apiaryId, DaySpan span, ZoneId zone) {
    Instant from = span.from().atStartOfDay(zone).toInstant().minus(NEAR_HOLE);
    Instant to = span.to().plusDays(1).atStartOfDay(zone).toInstant().plus(NEAR_HOLE);
    Map<WeatherHourMapper.Source, List<WeatherHourMapper.Kept>> bySource =
        files.between(apiaryId, from, to).stream()
            .collect(Collectors.groupingBy(WeatherHourMapper.Kept::source));
    bySource.forEach(
        (source, hours) -> {
          Map<LocalDate, List<WeatherHourMapper.Kept>> byDay =
              hours.stream()
                  .collect(Collectors.groupingBy(each -> LocalDate.ofInstant(each.hour(), zone)));
          byDay.forEach(
              (day, ofDay) -> {
                Instant first = day.atStartOfDay(zone).toInstant().minus(NEAR_HOLE);
                Instant last = day.plusDays(1).atStartOfDay(zone).toInstant().plus(NEAR_HOLE);
                if (span.contains(day)) {
                  add(
                      found,
                      day,
                      FileHours.of(
                          source.kind(),
                          source.file(),
                          source.madeAt(),
                          hours.stream()
                              .filter(each -> !each.hour().isBefore(first))
                              .filter(each -> each.hour().isBefore(last))
                              .map(WeatherHourMapper.Kept::weather)
                              .toList()));
                }
              });
        });
  }

  private static void add(
      Map<LocalDate, List<WeatherSource>> found, LocalDate day, WeatherSource source) {
    found.computeIfAbsent(day, unused -> new ArrayList<>()).add(source);
  }

  /** Half the width of the band of a day's temperatures where the station tells of them, °C. */
  double unsure(Apiary apiary, LocalDate date) {
    if (station == null) {
      return 0;
    }
    ZoneId zone = apiary.zoneId();
    Instant noon = date.atStartOfDay(zone).plusHours(12).toInstant();
    return station.unsure(Duration.between(tomorrow(apiaries.today(apiary), zone), noon));
  }

  /** Forecasts of the station are made once a day; of today all is known. */
  private static Instant tomorrow(LocalDate today, ZoneId zone) {
    return today.plusDays(1).atStartOfDay(zone).toInstant();
  }
}
