package tavrel.server.weather;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.Value;
import tavrel.core.weather.HourlyWeather;
import tavrel.server.table.RowError;
import tavrel.server.table.TableText;

/**
 * A table of hourly weather as it is read: one row an hour, columns by their headings. A unit that
 * the file does not name is asked for where it matters, never guessed.
 *
 * @param hours what could be read, in order
 * @param errors rows that could not
 * @param holes hours without a row between the first and the last
 * @param readAs how the text and its units were read
 * @param asks what has to be said before the file can be brought in, or null
 */
record WeatherFile(
    List<HourlyWeather> hours,
    List<RowError> errors,
    List<Hole> holes,
    List<Fact> readAs,
    @Nullable Fact asks) {

  /**
   * Hours in a row without any weather.
   *
   * @param from first
   * @param hours how many
   */
  record Hole(Instant from, int hours) {}

  /** Units of air temperature. */
  enum Degrees {
    CELSIUS,
    FAHRENHEIT
  }

  private static final Set<String> YES = Set.of("yes", "true", "1", "x", "thunder", "ice");
  private static final int MOST_ROWS = 20_000;
  private static final double HOTTEST = 50;
  private static final double COLDEST = -45;
  private static final double SUSPICIOUS_MEAN = 38;
  private static final Map<String, List<String>> COLUMNS =
      Map.of(
          "time", List.of("time", "hour", "date", "datetime", "timestamp"),
          "temperature", List.of("temperature", "temp", "air temperature", "celsius", "fahrenheit"),
          "wind", List.of("wind", "wind speed", "windspeed"),
          "from", List.of("wind from", "wind direction", "direction", "from"),
          "rain", List.of("rain", "precipitation"),
          "cloud", List.of("cloud", "cloud cover", "clouds"),
          "danger", List.of("thunder or ice", "thunder", "ice", "lightning"));

  /**
   * Reads a file.
   *
   * @param zone of times that name no offset
   * @param degrees of the temperatures, or null where the file is to say so
   * @throws InvalidValue at {@code file} if it is no such table
   */
  static WeatherFile read(byte[] bytes, ZoneId zone, @Nullable Degrees degrees) {
    TableText table = TableText.of(bytes);
    List<CSVRecord> all = table.read(CSVParser::getRecords);
    if (all.size() > MOST_ROWS) {
      throw new InvalidValue(
          "file", "hasMoreThanRows3", "has more than 20,000 rows; bring in a part of it");
    }
    if (all.isEmpty()) {
      throw new InvalidValue("file", "hasNoRows", "has no rows");
    }
    return new Reading(all.get(0), zone, degrees, table.told()).of(all.subList(1, all.size()));
  }

  /** One reading of one file. */
  private static final class Reading {

    private final Map<String, Integer> at = new LinkedHashMap<>();
    private final Map<String, String> heading = new LinkedHashMap<>();
    private final ZoneId zone;
    private final @Nullable Degrees asked;
    private final List<RowError> errors = new ArrayList<>();
    private final List<Fact> says = new ArrayList<>();

    Reading(CSVRecord header, ZoneId zone, @Nullable Degrees asked, Fact text) {
      this.zone = zone;
      this.asked = asked;
      says.add(text);
      for (int i = 0; i < header.size(); i++) {
        String name = header.get(i).toLowerCase(Locale.ROOT).strip();
        String bare =
            name.replaceAll("[\\[(].*", "")
                .replaceAll("[_°%]", " ")
                .strip()
                .replaceAll("\\s+(c|f|m/s|ms|km/?h|kn|mph|mm)$", "");
        int column = i;
        COLUMNS.forEach(
            (key, names) -> {
              boolean matches = names.stream().anyMatch(each -> bare.equals(each));
              if (matches && !at.containsKey(key)) {
                at.put(key, column);
                heading.put(key, name);
              }
            });
      }
      if (!at.containsKey("time") || !at.containsKey("temperature")) {
        throw new InvalidValue(
            "file",
            "needsFirstRowWith",
            "needs a first row with the columns time and temperature; wind, wind from, rain and cloud are read where they are there");
      }
    }

    WeatherFile of(List<CSVRecord> rows) {
      Degrees named = named();
      Degrees degrees = named == null ? asked : named;
      double wind = windFactor();
      TreeMap<Instant, HourlyWeather> found = new TreeMap<>();
      Set<Instant> wallClockTwice = new HashSet<>();
      List<Double> raw = new ArrayList<>();
      for (CSVRecord row : rows) {
        Instant hour = hour(row, wallClockTwice);
        Double temperature = number(row, "temperature", -80, 150);
        if (hour == null || temperature == null) {
          continue;
        }
        raw.add(temperature);
        double celsius = degrees == Degrees.FAHRENHEIT ? (temperature - 32) / 1.8 : temperature;
        if (celsius > HOTTEST || celsius < COLDEST) {
          if (degrees != null) {
            error(row, "temperature", Fact.of("file.noTemperature").text("unit", words(degrees)));
          }
          continue;
        }
        HourlyWeather weather = weather(row, hour, celsius, wind);
        if (weather != null && found.put(hour, weather) != null) {
          error(row, "time", Fact.of("file.hourTwice"));
        }
      }
      Fact asks = degrees == null ? asks(raw) : null;
      says.add(
          degrees == Degrees.FAHRENHEIT
              ? Fact.of("file.fahrenheitRead")
              : Fact.of("file.celsiusRead"));
      says.add(Fact.of("file.timesIn").text("zone", zone.getId()));
      for (String each : List.of("wind", "from", "rain", "cloud")) {
        if (!at.containsKey(each)) {
          says.add(taken(each));
        }
      }
      return new WeatherFile(
          List.copyOf(found.values()),
          List.copyOf(errors),
          holes(found.keySet()),
          List.copyOf(says),
          asks);
    }

    private @Nullable HourlyWeather weather(
        CSVRecord row, Instant hour, double celsius, double windFactor) {
      Double wind = optional(row, "wind", 0, 400, 2);
      boolean said = at.containsKey("from") && !cell(row, "from").isEmpty();
      Double from = optional(row, "from", 0, 360, 0);
      Double rain = optional(row, "rain", 0, 300, 0);
      Double cloud = optional(row, "cloud", 0, 100, 50);
      if (wind == null || from == null || rain == null || cloud == null) {
        return null;
      }
      boolean percent =
          heading.getOrDefault("cloud", "").contains("%") || cloud > 1 || !at.containsKey("cloud");
      return new HourlyWeather(
          hour,
          Math.round(celsius * 10) / 10.0,
          at.containsKey("wind") ? wind * windFactor : wind,
          said ? (int) Math.round(from) % 360 : null,
          rain,
          percent ? cloud / 100 : cloud,
          YES.contains(cell(row, "danger").toLowerCase(Locale.ROOT)));
    }

    /** The unit that the heading names, or null. */
    private @Nullable Degrees named() {
      String name = heading.getOrDefault("temperature", "");
      if (name.contains("fahrenheit") || name.matches(".*[\\[(_ °]f[\\])]?$")) {
        return Degrees.FAHRENHEIT;
      }
      return name.contains("celsius") || name.matches(".*[\\[(_ °]c[\\])]?$")
          ? Degrees.CELSIUS
          : null;
    }

    private static @Nullable Fact asks(List<Double> raw) {
      double mean = raw.stream().mapToDouble(Double::doubleValue).average().orElse(0);
      double most = raw.stream().mapToDouble(Double::doubleValue).max().orElse(0);
      return most > HOTTEST || mean > SUSPICIOUS_MEAN
          ? Fact.of("file.looksLikeFahrenheit").figure("most", Math.rint(most))
          : null;
    }

    private double windFactor() {
      String name = heading.getOrDefault("wind", "");
      if (name.contains("km")) {
        says.add(Fact.of("file.windKmh"));
        return 1 / 3.6;
      }
      if (name.contains("mph")) {
        says.add(Fact.of("file.windMph"));
        return 0.44704;
      }
      if (name.contains("kn")) {
        says.add(Fact.of("file.windKnots"));
        return 0.514444;
      }
      if (at.containsKey("wind")) {
        says.add(Fact.of("file.windMs"));
      }
      return 1;
    }

    private static Fact taken(String column) {
      return switch (column) {
        case "wind" -> Fact.of("file.noWind").with("wind", new Value.Wind(2));
        case "from" -> Fact.of("file.noWindFrom");
        case "rain" -> Fact.of("file.noRain");
        default -> Fact.of("file.noCloud");
      };
    }

    /** The hour of a row; of an hour that the clocks repeat, the first row is the earlier one. */
    private @Nullable Instant hour(CSVRecord row, Set<Instant> seen) {
      String text = cell(row, "time").replace(' ', 'T');
      try {
        if (text.matches(".*(Z|[+-]\\d{2}:?\\d{2})$")) {
          return OffsetDateTime.parse(text, DateTimeFormatter.ISO_OFFSET_DATE_TIME)
              .toInstant()
              .truncatedTo(ChronoUnit.HOURS);
        }
        LocalDateTime local = LocalDateTime.parse(text).truncatedTo(ChronoUnit.HOURS);
        List<ZoneOffset> offsets = zone.getRules().getValidOffsets(local);
        if (offsets.isEmpty()) {
          error(row, "time", Fact.of("file.hourSkipped").text("zone", zone.getId()));
          return null;
        }
        Instant first = local.toInstant(offsets.get(0));
        return offsets.size() == 1 || seen.add(first) ? first : local.toInstant(offsets.get(1));
      } catch (DateTimeException unread) {
        error(row, "time", Fact.of("file.timeNotRead"));
        return null;
      }
    }

    private @Nullable Double optional(
        CSVRecord row, String column, double least, double most, double otherwise) {
      return !at.containsKey(column) || cell(row, column).isEmpty()
          ? Double.valueOf(otherwise)
          : number(row, column, least, most);
    }

    private @Nullable Double number(CSVRecord row, String column, double least, double most) {
      try {
        double value = Double.parseDouble(cell(row, column).replace(',', '.'));
        if (value >= least && value <= most) {
          return value;
        }
        error(
            row,
            column,
            Fact.of("file.mustLie")
                .figure("least", Math.rint(least))
                .figure("most", Math.rint(most)));
      } catch (NumberFormatException unread) {
        error(row, column, Fact.of("file.noNumber"));
      }
      return null;
    }

    private String cell(CSVRecord row, String column) {
      Integer index = at.get(column);
      return index == null || index >= row.size() ? "" : row.get(index).strip();
    }

    private void error(CSVRecord row, String column, Fact says) {
      errors.add(new RowError((int) row.getRecordNumber(), column, cell(row, column), says));
    }

    private static List<Hole> holes(Iterable<Instant> found) {
      List<Hole> holes = new ArrayList<>();
      Instant before = null;
      for (Instant hour : found) {
        if (before != null) {
          int missing = (int) Duration.between(before, hour).toHours() - 1;
          if (missing > 0) {
            holes.add(new Hole(before.plus(Duration.ofHours(1)), missing));
          }
        }
        before = hour;
      }
      return List.copyOf(holes);
    }

    private static String words(Degrees degrees) {
      return degrees == Degrees.CELSIUS ? "°C" : "°F";
    }
  }
}
