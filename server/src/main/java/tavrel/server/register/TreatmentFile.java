package tavrel.server.register;

import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.hive.SupersPlan;
import tavrel.core.register.TreatmentKind;
import tavrel.server.http.Spreadsheet;
import tavrel.server.table.RowError;
import tavrel.server.table.TableText;

/**
 * A file of past treatments read whole: the good rows, and for every other row what is wrong with
 * it. Its columns are those of the register's own table; docs/register-files.md tells them.
 *
 * @param readAs encoding and separator
 * @param treatments good rows in file order, of one hive each
 * @param struckOut rows that were struck out where they come from, and are passed over
 * @param errors rows that were not read
 */
record TreatmentFile(
    Fact readAs, List<NewTreatment> treatments, int struckOut, List<RowError> errors) {

  private static final int MOST_ROWS = 20_000;

  /** What a row has; the first four, and one of grams and amount, must be there. */
  enum Column {
    DAY("day", "day"),
    APIARY("apiary", "apiary"),
    HIVE("hive", "hives"),
    MEANS("means", "means"),
    ACID("acid dihydrate g", "acid"),
    AMOUNT("amount", "amount"),
    METHOD("method", "method"),
    PRODUCT("product", "product"),
    LOT("lot", "lot"),
    OPERATOR("operator", "people"),
    SUPERS("supers handled", "supersPlan"),
    WAITING("waiting days for honey", "waitingDays"),
    OUT_BY("out by", "outBy"),
    REMARKS("remarks", "remarks"),
    STANDS("stands", "stands"),
    ENTRY("entry", "entry");

    private final String title;
    private final String field;

    Column(String title, String field) {
      this.title = title;
      this.field = field;
    }

    String title() {
      return title;
    }

    private boolean isNeeded() {
      return ordinal() <= MEANS.ordinal();
    }

    /** The column that a field of a treatment stands in. */
    private static Column of(String field, Column otherwise) {
      return Arrays.stream(values())
          .filter(each -> each.field.equals(field))
          .findFirst()
          .orElse(otherwise);
    }
  }

  /** Finds the hive that had a name in an apiary on a day. */
  interface HivesByDay {

    /**
     * Finds it.
     *
     * @throws InvalidValue at {@code apiary}, {@code hives} or {@code day} if there was none
     */
    UUID find(String apiary, String hive, LocalDate day);
  }

  /**
   * Reads a file.
   *
   * @param hives who finds the hives that it names
   * @throws InvalidValue for field {@code file} if it is no table of treatments at all
   */
  static TreatmentFile read(byte[] bytes, HivesByDay hives) {
    TableText text = TableText.of(bytes);
    return text.read(rows -> new Reading(text, hives).read(rows));
  }

  private static final class Reading {

    private final TableText text;
    private final HivesByDay hives;
    private final Map<Column, Integer> at = new EnumMap<>(Column.class);
    private final List<NewTreatment> treatments = new ArrayList<>();
    private final List<RowError> errors = new ArrayList<>();
    private final Map<String, Integer> seen = new HashMap<>();
    private int struckOut;
    private Column column = Column.DAY;

    private Reading(TableText text, HivesByDay hives) {
      this.text = text;
      this.hives = hives;
    }

    TreatmentFile read(CSVParser parser) {
      int line = 1;
      for (CSVRecord cells : parser) {
        if (at.isEmpty()) {
          header(cells);
        } else if (cells.stream().anyMatch(cell -> !cell.isBlank())) {
          if (treatments.size() + errors.size() >= MOST_ROWS) {
            throw new InvalidValue(
                "file", "hasMoreThanRows", "has more than 20,000 rows; split it by year");
          }
          row(cells, line);
        }
        line = (int) parser.getCurrentLineNumber() + 1;
      }
      if (at.isEmpty()) {
        throw new InvalidValue(
            "file", "hasNoHeaderLine2", "has no header line; start from the template");
      }
      return new TreatmentFile(
          text.told(), List.copyOf(treatments), struckOut, List.copyOf(errors));
    }

    private void header(CSVRecord cells) {
      for (int i = 0; i < cells.size(); i++) {
        String title = cells.get(i).toLowerCase(Locale.ROOT).strip();
        for (Column each : Column.values()) {
          if (each.title.equals(title)) {
            at.putIfAbsent(each, i);
          }
        }
      }
      for (Column each : Column.values()) {
        if (each.isNeeded() && !at.containsKey(each)) {
          throw new InvalidValue(
              "file",
              "hasNoColumnStart",
              "has no column \"{title}\"; start from the template",
              each.title);
        }
      }
    }

    private void row(CSVRecord cells, int line) {
      if (cell(cells, Column.STANDS).equalsIgnoreCase("no")) {
        struckOut++;
        return;
      }
      try {
        treatments.add(treatment(cells));
      } catch (InvalidValue wrong) {
        Column where = Column.of(wrong.field(), column);
        errors.add(RowError.of(line, where.title, cell(cells, where), wrong));
      }
    }

    private NewTreatment treatment(CSVRecord cells) {
      LocalDate day = day(cell(cells, Column.DAY));
      UUID hive = hives.find(cell(cells, Column.APIARY), cell(cells, Column.HIVE), day);
      TreatmentKind means = means(cell(cells, Column.MEANS));
      String grams = cell(cells, Column.ACID);
      double acid = grams.isEmpty() ? 0 : number(grams);
      SupersPlan supers = supers(cell(cells, Column.SUPERS));
      String waiting = cell(cells, Column.WAITING);
      Integer waitingDays = waiting.isEmpty() ? null : (int) number(waiting);
      String out = cell(cells, Column.OUT_BY);
      LocalDate outBy = out.isEmpty() ? null : day(out);
      String method = cell(cells, Column.METHOD);
      return new NewTreatment(
          Map.of(hive, key(cells, hive, day, means)),
          day,
          means,
          method.isEmpty() ? means.words() : method,
          cell(cells, Column.AMOUNT),
          acid,
          cell(cells, Column.PRODUCT),
          cell(cells, Column.LOT),
          cell(cells, Column.OPERATOR),
          supers,
          waitingDays,
          null,
          cell(cells, Column.REMARKS),
          outBy);
    }

    /** The same treatment of the same file is the same line, however often it is brought in. */
    private UUID key(CSVRecord cells, UUID hive, LocalDate day, TreatmentKind means) {
      String entry = cell(cells, Column.ENTRY);
      if (!entry.isEmpty()) {
        try {
          UUID key = UUID.fromString(entry);
          // A key that stands in the file twice is that of the first.
          return seen.merge(entry, 1, Integer::sum) == 1
              ? key
              : named(hive + "|" + day + "|" + entry);
        } catch (IllegalArgumentException foreign) {
          return named(hive + "|" + day + "|" + entry);
        }
      }
      String same =
          hive
              + "|"
              + day
              + "|"
              + means
              + "|"
              + cell(cells, Column.AMOUNT)
              + "|"
              + cell(cells, Column.ACID);
      return named(same + "|" + seen.merge(same, 1, Integer::sum));
    }

    private static UUID named(String what) {
      return UUID.nameUUIDFromBytes(what.getBytes(StandardCharsets.UTF_8));
    }

    private String cell(CSVRecord cells, Column wanted) {
      column = wanted;
      Integer index = at.get(wanted);
      return index == null || index >= cells.size()
          ? ""
          : Spreadsheet.plain(cells.get(index).strip());
    }

    private LocalDate day(String written) {
      try {
        return LocalDate.parse(written);
      } catch (DateTimeException unread) {
        throw new InvalidValue(
            column.field, "mustWrittenYearMonth2", "must be written year-month-day, as 2026-08-18");
      }
    }

    private static TreatmentKind means(String written) {
      return Arrays.stream(TreatmentKind.values())
          .filter(each -> each.words().equalsIgnoreCase(written))
          .findFirst()
          .orElseThrow(
              () ->
                  new InvalidValue(
                      "means",
                      "mustBeOneOf",
                      "must be one of {allowed}",
                      Arrays.stream(TreatmentKind.values())
                          .map(TreatmentKind::words)
                          .collect(Collectors.joining("; "))));
    }

    /** Where nothing is said no supers were on. */
    private static SupersPlan supers(String written) {
      if (written.isEmpty()) {
        return SupersPlan.TAKEN_OFF;
      }
      return Arrays.stream(SupersPlan.values())
          .filter(each -> each.words().equalsIgnoreCase(written))
          .findFirst()
          .orElseThrow(
              () ->
                  new InvalidValue(
                      "supersPlan",
                      "mustBeOneOf",
                      "must be one of {allowed}",
                      Arrays.stream(SupersPlan.values())
                          .map(SupersPlan::words)
                          .collect(Collectors.joining("; "))));
    }

    private double number(String written) {
      String plain = text.separator() == ',' ? written : written.replace(',', '.');
      if (!plain.matches("\\d{1,5}(\\.\\d+)?")) {
        throw new InvalidValue(column.field, "mustNumber", "must be a number");
      }
      return Double.parseDouble(plain);
    }
  }
}
