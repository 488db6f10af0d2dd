package tavrel.server.count;

import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Hive;
import tavrel.server.http.Spreadsheet;
import tavrel.server.table.RowError;
import tavrel.server.table.TableText;

/**
 * A file of counts read whole: the good rows, and for every other row what is wrong with it.
 *
 * @param readAs encoding and separator
 * @param counts good rows in file order
 * @param errors rows that were not read
 */
record CountFile(Fact readAs, List<NewCount> counts, List<RowError> errors) {

  static final String HEADER = "apiary,hive,date,kind,mites,bees,hours,natural";
  private static final List<String> COLUMNS = List.of(HEADER.split(",", -1));
  private static final int MOST_ROWS = 20_000;

  /** Finds a hive by the names of its apiary and itself. */
  interface Hives {
    @Nullable Found find(String apiary, String hive);
  }

  /**
   * A hive that a row names.
   *
   * @param hive the hive
   * @param today the day it is where it stands: the latest day that is taken
   */
  record Found(Hive hive, LocalDate today) {}

  /**
   * Reads a file.
   *
   * @throws InvalidValue for field {@code file} if it is no table of counts at all
   */
  static CountFile read(byte[] bytes, Hives hives) {
    TableText text = TableText.of(bytes);
    return text.read(rows -> new Reading(hives).read(rows, text.told()));
  }

  private static final class Reading {

    private final Hives hives;
    private final Map<String, Integer> at = new HashMap<>();
    private final List<NewCount> counts = new ArrayList<>();
    private final List<RowError> errors = new ArrayList<>();
    private final Set<UUID> seen = new HashSet<>();
    private String column = "";

    private Reading(Hives hives) {
      this.hives = hives;
    }

    CountFile read(CSVParser parser, Fact readAs) {
      int line = 1;
      for (CSVRecord cells : parser) {
        if (at.isEmpty()) {
          header(cells);
        } else if (cells.stream().anyMatch(cell -> !cell.isBlank())) {
          if (counts.size() + errors.size() >= MOST_ROWS) {
            throw new InvalidValue(
                "file", "hasMoreThanRows", "has more than 20,000 rows; split it by year");
          }
          row(cells, line);
        }
        line = (int) parser.getCurrentLineNumber() + 1;
      }
      if (at.isEmpty()) {
        throw new InvalidValue(
            "file", "hasNoHeaderLine", "has no header line; it begins {value}", HEADER);
      }
      return new CountFile(readAs, List.copyOf(counts), List.copyOf(errors));
    }

    private void header(CSVRecord cells) {
      for (int i = 0; i < cells.size(); i++) {
        at.putIfAbsent(cells.get(i).toLowerCase(Locale.ROOT).strip(), i);
      }
      for (String needed : COLUMNS.subList(0, 5)) {
        if (!at.containsKey(needed)) {
          throw new InvalidValue(
              "file",
              "hasNoColumnBegins",
              "has no column \"{needed}\"; it begins {value}",
              needed,
              HEADER);
        }
      }
    }

    private void row(CSVRecord cells, int line) {
      try {
        Found found = hives.find(cell(cells, "apiary"), cell(cells, "hive"));
        if (found == null) {
          throw new InvalidValue(
              "hive", "notKeptHereBring", "is not kept here; bring in its roster first");
        }
        Hive hive = found.hive();
        LocalDate day = day(cell(cells, "date"), found.today());
        hive.refuseBefore("date", day);
        CountKind kind = kind(cell(cells, "kind"));
        int mites = whole(cell(cells, "mites"));
        String bees = cell(cells, "bees");
        String hours = cell(cells, "hours");
        boolean natural = yes(cell(cells, "natural"));
        // The same line of the same file is the same count, however often it is brought in.
        UUID id =
            UUID.nameUUIDFromBytes(
                (line + "|" + hive.id() + day + kind + mites + bees + hours)
                    .getBytes(StandardCharsets.UTF_8));
        column = bees.isEmpty() ? "hours" : "bees";
        NewCount count =
            new NewCount(
                id,
                hive.id(),
                day,
                kind,
                mites,
                bees.isEmpty() ? null : whole(bees),
                hours.isEmpty() ? null : number(hours),
                natural,
                null);
        if (seen.add(id)) {
          counts.add(count);
        }
      } catch (InvalidValue wrong) {
        String where = COLUMNS.contains(wrong.field()) ? wrong.field() : column;
        errors.add(RowError.of(line, where, cell(cells, where), wrong));
      }
    }

    private String cell(CSVRecord cells, String name) {
      column = name;
      Integer index = at.get(name);
      return index == null || index >= cells.size()
          ? ""
          : Spreadsheet.plain(cells.get(index).strip());
    }

    private static LocalDate day(String written, LocalDate today) {
      try {
        LocalDate day = LocalDate.parse(written);
        if (day.isAfter(today) || day.isBefore(today.minusDays(1_100))) {
          throw new InvalidValue(
              "date", "mustLieLastThree", "must lie in the last three years, up to {today}", today);
        }
        return day;
      } catch (DateTimeException unread) {
        throw new InvalidValue(
            "date", "mustWrittenYearMonth2", "must be written year-month-day, as 2026-08-18");
      }
    }

    private static CountKind kind(String written) {
      for (CountKind kind : CountKind.values()) {
        if (kind.words().equalsIgnoreCase(written)) {
          return kind;
        }
      }
      throw new InvalidValue("kind", "mustWashSugarRoll", "must be wash, sugar roll or board");
    }

    private static boolean yes(String written) {
      return written.equalsIgnoreCase("yes");
    }

    private int whole(String written) {
      if (!written.matches("-?\\d{1,7}")) {
        throw new InvalidValue(column, "mustWholeNumber", "must be a whole number");
      }
      return Integer.parseInt(written);
    }

    private double number(String written) {
      String plain = written.replace(',', '.');
      if (!plain.matches("\\d{1,5}(\\.\\d+)?")) {
        throw new InvalidValue(column, "mustNumberHours", "must be a number of hours");
      }
      return Double.parseDouble(plain);
    }
  }
}
