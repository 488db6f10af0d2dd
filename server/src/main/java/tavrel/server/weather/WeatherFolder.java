package tavrel.server.weather;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.weather.HourlyWeather;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.table.RowError;

/**
 * The folder {@code weather} in the data folder: a CSV file that some script lays there is read by
 * itself, when it is new or was written again. {@code Hollow Bank.csv} (or {@code hollow-bank.csv})
 * is for that apiary, {@code all.csv} for every one. Nothing in the folder is changed. The demo,
 * whose outfit is not in a folder, watches none.
 */
@Component
@ConditionalOnBooleanProperty("tavrel.weather-folder-watched")
class WeatherFolder {

  private static final Logger LOG = LoggerFactory.getLogger(WeatherFolder.class);
  private static final String FOR_ALL = "all";
  private static final String ENDING = ".csv";
  private static final long MOST_BYTES = 5L * 1024 * 1024;
  private static final int MOST_FILES = 500;
  private static final int MOST_NAME = 200;

  private final FolderFileMapper kept;
  private final YardWeather weather;
  private final Apiaries apiaries;
  private final Path folder;
  private final Clock clock;

  /** Files as they were seen last: one that is still being written is left for the next look. */
  private Map<String, Seen> seen = Map.of();

  private record Seen(Path path, Instant modified, long bytes) {

    String name() {
      return path.getFileName().toString();
    }
  }

  WeatherFolder(
      FolderFileMapper files,
      YardWeather weather,
      Apiaries apiaries,
      @Value("${tavrel.data}") Path data,
      Clock clock) {
    this.kept = files;
    this.weather = weather;
    this.apiaries = apiaries;
    this.folder = data.resolve("weather");
    this.clock = clock;
  }

  /** Reads whatever is new in the folder and has not changed since the last look. */
  @Scheduled(fixedDelayString = "${tavrel.weather-folder-every}")
  @Transactional
  public synchronized void look() {
    Map<String, Seen> now = files();
    for (FolderFile gone : kept.all()) {
      if (!now.containsKey(gone.name())) {
        kept.forget(gone.name());
      }
    }
    for (Seen file : now.values()) {
      boolean isStill = file.equals(seen.get(file.name()));
      boolean isNew =
          kept.byName(file.name())
              .filter(was -> was.modified().equals(file.modified()))
              .filter(was -> was.bytes() == file.bytes())
              .isEmpty();
      if (isStill && isNew) {
        read(file);
      }
    }
    seen = now;
  }

  private Map<String, Seen> files() {
    Map<String, Seen> found = new HashMap<>();
    if (!Files.isDirectory(folder)) {
      return found;
    }
    try (Stream<Path> all = Files.list(folder)) {
      for (Path path : all.filter(WeatherFolder::isTable).limit(MOST_FILES).toList()) {
        BasicFileAttributes there =
            Files.readAttributes(path, BasicFileAttributes.class, LinkOption.NOFOLLOW_LINKS);
        if (there.isRegularFile()) {
          Seen file =
              new Seen(
                  path,
                  there.lastModifiedTime().toInstant().truncatedTo(ChronoUnit.MICROS),
                  there.size());
          found.put(file.name(), file);
        }
      }
    } catch (IOException unread) {
      LOG.warn("The folder for weather cannot be read: {}", unread.toString());
    }
    return found;
  }

  private static boolean isTable(Path path) {
    String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
    return name.endsWith(ENDING) && name.length() <= MOST_NAME && !name.startsWith(".");
  }

  private void read(Seen file) {
    Fact says;
    boolean taken = false;
    try {
      says = bringIn(file);
      taken = true;
    } catch (InvalidValue refused) {
      says = Fact.of("folder.nothingTaken").fact("why", refused.told());
    } catch (IOException unread) {
      says = Fact.of("folder.cannotBeRead");
    }
    kept.keep(
        new FolderFile(file.name(), file.modified(), file.bytes(), clock.instant(), taken, says));
  }

  private Fact bringIn(Seen file) throws IOException {
    List<Apiary> of = apiariesOf(file.name());
    if (of.isEmpty()) {
      throw new InvalidValue(
          "file",
          "namedAfterNoApiary",
          "is named after no apiary; call it all.csv, or by its name");
    }
    if (file.bytes() > MOST_BYTES) {
      throw new InvalidValue("file", "largerThanMb", "is larger than 5 MB");
    }
    byte[] bytes = Files.readAllBytes(file.path());
    Map<ZoneId, List<Apiary>> byZone = of.stream().collect(Collectors.groupingBy(Apiary::zoneId));
    Instant made = file.modified().isAfter(clock.instant()) ? clock.instant() : file.modified();
    Fact says = Fact.of("folder.none");
    for (Map.Entry<ZoneId, List<Apiary>> each : byZone.entrySet()) {
      WeatherFile table = WeatherFile.read(bytes, each.getKey(), null);
      if (table.asks() != null) {
        throw new InvalidValue("file", "asksUnit", "asks: {asks}", table.asks());
      }
      if (table.hours().isEmpty()) {
        throw new InvalidValue(
            "file",
            "hasNoHourCan2",
            "has no hour that can be read: {errors}",
            wrong(table.errors()));
      }
      for (Apiary apiary : each.getValue()) {
        weather.keepFolderHours(apiary.id(), table.hours(), file.name(), made);
      }
      says = taken(table, each.getKey());
    }
    return of.size() == 1
        ? Fact.of("folder.forOne").fact("taken", says).text("apiary", of.get(0).name())
        : Fact.of("folder.forSome").fact("taken", says).count("apiaries", of.size(), "apiary");
  }

  private static Fact taken(WeatherFile table, ZoneId zone) {
    List<HourlyWeather> hours = table.hours();
    Fact taken =
        (table.errors().isEmpty()
                ? Fact.of("folder.taken")
                : Fact.of("folder.takenInPart").fact("wrong", wrong(table.errors())))
            .count("hours", hours.size(), "hour");
    return taken
        .day("first", LocalDate.ofInstant(hours.get(0).hour(), zone))
        .day("last", LocalDate.ofInstant(hours.get(hours.size() - 1).hour(), zone));
  }

  private static Fact wrong(List<RowError> errors) {
    if (errors.isEmpty()) {
      return Fact.of("folder.noRows");
    }
    RowError first = errors.get(0);
    return Fact.of("folder.rowsLeftOut")
        .count("rows", errors.size(), "row")
        .figure("line", first.line())
        .text("column", first.column())
        .fact("says", first.says());
  }

  private List<Apiary> apiariesOf(String file) {
    String name = plain(file.substring(0, file.length() - ENDING.length()));
    return name.equals(FOR_ALL)
        ? apiaries.all()
        : apiaries.all().stream().filter(each -> plain(each.name()).equals(name)).toList();
  }

  /** A name without case, and with one blank for whatever stands between words. */
  private static String plain(String name) {
    return name.toLowerCase(Locale.ROOT).replaceAll("[-_\\s]+", " ").strip();
  }
}
