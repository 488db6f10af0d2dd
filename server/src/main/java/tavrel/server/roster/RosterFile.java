package tavrel.server.roster;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.weather.Place;
import tavrel.server.http.Spreadsheet;
import tavrel.server.table.RowError;
import tavrel.server.table.TableText;

/**
 * A roster file read whole: the good rows, and for every other row what is wrong with it.
 *
 * @param readAs encoding and separator
 * @param notes what was taken for granted, in words
 * @param rows good rows in file order
 * @param errors rows that were not read
 */
record RosterFile(Fact readAs, List<Fact> notes, List<RosterRow> rows, List<RowError> errors) {

  static final int MOST_ROWS = 20_000;

  /** Columns of a roster, in the order of the template. */
  enum Column {
    APIARY("apiary", "yard"),
    HIVE("hive", "hive name", "colony"),
    POSITION("position", "place"),
    BROOD_BOXES("brood boxes", "boxes"),
    SUPERS("supers"),
    FLOOR("floor"),
    SINCE("since", "stands since"),
    LINE("line of bees", "bees"),
    LATITUDE("latitude", "lat"),
    LONGITUDE("longitude", "lon", "long");

    private final List<String> names;

    Column(String... names) {
      this.names = List.of(names);
    }

    /** Name of the column in template and messages. */
    String title() {
      return names.get(0);
    }

    static @Nullable Column of(String header) {
      String plain = header.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]+", " ").strip();
      for (Column column : values()) {
        if (column.names.contains(plain)) {
          return column;
        }
      }
      return null;
    }
  }

  /** Reads a file in which every word stands for itself. */
  static RosterFile read(byte[] bytes) {
    return read(bytes, List.of());
  }

  /**
   * Reads a file.
   *
   * @param meanings what words that are none of a roster's stand for
   * @throws InvalidValue for field {@code file} if it is no roster at all
   */
  static RosterFile read(byte[] bytes, List<Meaning> meanings) {
    TableText text = TableText.of(bytes);
    return text.read(rows -> new Reading(text, meanings).read(rows));
  }

  private static final class Reading {

    private final TableText text;
    private final Map<Column, Integer> columns = new EnumMap<>(Column.class);
    private final List<Fact> notes = new ArrayList<>();
    private final List<RosterRow> rows = new ArrayList<>();
    private final List<RowError> errors = new ArrayList<>();
    private final Map<String, Integer> lineOfHive = new HashMap<>();
    private final Map<String, Integer> lineOfPlace = new HashMap<>();
    private final Map<String, Integer> nextPlace = new HashMap<>();
    private final Map<String, RosterRow> located = new HashMap<>();

    private final Map<String, String> meanings;

    Reading(TableText text, List<Meaning> meanings) {
      this.text = text;
      this.meanings =
          meanings.stream()
              .collect(
                  Collectors.toMap(
                      each -> each.column() + "\n" + key(each.word()),
                      Meaning::means,
                      (earlier, later) -> later));
    }

    RosterFile read(CSVParser parser) {
      int line = 1;
      for (CSVRecord cells : parser) {
        if (columns.isEmpty()) {
          header(cells);
        } else if (cells.stream().anyMatch(cell -> !cell.isBlank())) {
          if (rows.size() + errors.size() >= MOST_ROWS) {
            throw new InvalidValue(
                "file", "hasMoreThanRows2", "has more than 20,000 rows; split it by apiary");
          }
          row(cells, line);
        }
        line = (int) parser.getCurrentLineNumber() + 1;
      }
      if (columns.isEmpty()) {
        throw new InvalidValue(
            "file", "hasNoHeaderLine2", "has no header line; start from the template");
      }
      return new RosterFile(
          text.told(), List.copyOf(notes), List.copyOf(rows), List.copyOf(errors));
    }

    private void header(CSVRecord cells) {
      for (int i = 0; i < cells.size(); i++) {
        Column column = Column.of(cells.get(i));
        if (column == null) {
          if (!cells.get(i).isBlank()) {
            notes.add(Fact.of("file.columnPassedOver").text("column", cells.get(i)));
          }
        } else if (columns.putIfAbsent(column, i) != null) {
          throw new InvalidValue(
              "file", "hasColumnTwice", "has the column \"{title}\" twice", column.title());
        }
      }
      for (Column needed : List.of(Column.APIARY, Column.HIVE, Column.BROOD_BOXES)) {
        if (!columns.containsKey(needed)) {
          throw new InvalidValue(
              "file",
              "hasNoColumnStart",
              "has no column \"{title}\"; start from the template",
              needed.title());
        }
      }
      taken(Column.POSITION, Fact.of("file.noPosition"));
      taken(Column.SUPERS, Fact.of("file.noSupers"));
      taken(Column.FLOOR, Fact.of("file.noFloor"));
    }

    private void taken(Column column, Fact instead) {
      if (!columns.containsKey(column)) {
        notes.add(instead.text("column", column.title()));
      }
    }

    private void row(CSVRecord cells, int line) {
      Column at = Column.APIARY;
      try {
        String apiary = InvalidValue.text("apiary", cell(cells, at), 60);
        at = Column.HIVE;
        String hive = InvalidValue.text("hive", cell(cells, at), 60);
        String key = key(apiary);
        Integer before = lineOfHive.get(key + "\n" + key(hive));
        if (before != null) {
          throw new InvalidValue(
              "hive",
              "standsLineAlreadyHive",
              "stands in line {before} already; a hive's name is unique in its apiary",
              before);
        }
        at = Column.POSITION;
        String written = cell(cells, at);
        int place =
            written.isEmpty() ? nextPlace.getOrDefault(key, 1) : whole(written, 1, Hive.LAST_PLACE);
        Integer other = lineOfPlace.get(key + "\n" + place);
        if (other != null) {
          throw new InvalidValue("position", "takenByLine", "is taken by line {other}", other);
        }
        at = Column.BROOD_BOXES;
        var boxes = BoxNotation.read(cell(cells, at));
        at = Column.SUPERS;
        int supers = cell(cells, at).isEmpty() ? 0 : whole(cell(cells, at), 0, Hive.MOST_SUPERS);
        at = Column.FLOOR;
        Floor floor =
            cell(cells, at).isEmpty() ? Floor.SOLID : BoxNotation.readFloor(cell(cells, at));
        at = Column.SINCE;
        LocalDate since = day(cell(cells, at));
        at = Column.LINE;
        String bees =
            cell(cells, at).isEmpty() ? null : InvalidValue.text("line", cell(cells, at), 60);
        at = Column.LATITUDE;
        Double latitude = degrees(cell(cells, at));
        at = Column.LONGITUDE;
        Double longitude = degrees(cell(cells, at));
        if ((latitude == null) != (longitude == null)) {
          throw new InvalidValue(
              "longitude",
              "latitudeGoTogetherGive",
              "and latitude go together; give both or neither");
        }
        if (latitude != null && longitude != null) {
          at = Math.abs(latitude) > 90 ? Column.LATITUDE : Column.LONGITUDE;
          new Place(latitude, longitude);
        }
        keep(
            new RosterRow(
                line, apiary, hive, place, boxes, supers, floor, since, bees, latitude, longitude),
            key);
      } catch (InvalidValue wrong) {
        errors.add(RowError.of(line, at.title(), standing(cells, at), wrong));
      }
    }

    private void keep(RosterRow row, String apiaryKey) {
      if (row.latitude() != null && row.longitude() != null) {
        RosterRow first = located.putIfAbsent(apiaryKey, row);
        if (first != null
            && !(row.latitude().equals(first.latitude())
                && row.longitude().equals(first.longitude()))) {
          throw new InvalidValue(
              "longitude",
              "latitudeDifferFromLine",
              "and latitude differ from line {line} for the same apiary",
              first.line());
        }
      }
      lineOfHive.put(apiaryKey + "\n" + key(row.hive()), row.line());
      lineOfPlace.put(apiaryKey + "\n" + row.place(), row.line());
      nextPlace.merge(apiaryKey, row.place() + 1, Math::max);
      rows.add(row);
    }

    private String cell(CSVRecord cells, Column column) {
      String stands = standing(cells, column);
      return meanings.getOrDefault(column.title() + "\n" + key(stands), stands);
    }

    private String standing(CSVRecord cells, Column column) {
      Integer index = columns.get(column);
      return index == null || index >= cells.size()
          ? ""
          : Spreadsheet.plain(cells.get(index).strip());
    }

    private static @Nullable LocalDate day(String written) {
      try {
        return written.isEmpty() ? null : LocalDate.parse(written);
      } catch (DateTimeParseException unread) {
        throw new InvalidValue(
            "since", "mustWrittenYearMonth", "must be written year-month-day, as 2026-05-03");
      }
    }

    private @Nullable Double degrees(String written) {
      if (written.isEmpty()) {
        return null;
      }
      String plain = text.separator() == ',' ? written : written.replace(',', '.');
      if (!plain.matches("[+-]?\\d{1,3}(\\.\\d+)?")) {
        throw new InvalidValue(
            "degrees",
            "mustDegreesWithDecimals",
            "must be degrees with decimals, as 47.61 or -24.30");
      }
      return Double.valueOf(plain);
    }

    private static int whole(String written, int min, int max) {
      if (!written.matches("-?\\d{1,9}")) {
        throw new InvalidValue(
            "number",
            "mustWholeNumberFrom",
            "must be a whole number from {min} to {max}",
            min,
            max);
      }
      int value = Integer.parseInt(written);
      InvalidValue.inRange("number", value, min, max, "as a whole number");
      return value;
    }

    private static String key(String name) {
      return name.toLowerCase(Locale.ROOT);
    }
  }
}
