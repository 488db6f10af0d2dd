package tavrel.server.count;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Hive;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.Hives;
import tavrel.server.http.Spreadsheet;
import tavrel.server.people.Account;
import tavrel.server.table.RowError;

/** Counts as tables: taken away, looked at, brought in. */
@Service
class CountTables {

  /**
   * What an import would do, or did.
   *
   * @param readAs encoding and separator
   * @param counts rows that can be kept
   * @param first day of the earliest of them, or null
   * @param last day of the latest of them, or null
   * @param errors every row that cannot be read
   */
  record CountPreview(
      Fact readAs,
      int counts,
      @Nullable LocalDate first,
      @Nullable LocalDate last,
      List<RowError> errors) {}

  private final Counts counts;
  private final Apiaries apiaries;
  private final Hives allHives;

  CountTables(Counts counts, Apiaries apiaries, Hives allHives) {
    this.counts = counts;
    this.apiaries = apiaries;
    this.allHives = allHives;
  }

  /** Every count as CSV, oldest first. */
  String write(@Nullable UUID apiaryId) {
    StringBuilder out = new StringBuilder();
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setHeader((CountFile.HEADER + ",by").split(",", -1))
            .setRecordSeparator("\n")
            .get();
    try (CSVPrinter printer = new CSVPrinter(out, format)) {
      for (CountMapper.Named each : counts.named(apiaryId)) {
        printer.printRecord(
            Spreadsheet.safe(each.apiary()),
            Spreadsheet.safe(each.hive()),
            each.day(),
            each.kind().words(),
            each.mites(),
            each.bees(),
            each.hours(),
            each.kind() == CountKind.BOARD ? (each.natural() ? "yes" : "no") : "",
            Spreadsheet.safe(each.doneBy()));
      }
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
    return out.toString();
  }

  /** Looks at a file without keeping anything. */
  CountPreview preview(byte[] bytes) {
    return preview(read(bytes));
  }

  /**
   * Brings a file in, whole or not at all.
   *
   * @param goodRowsOnly leave out the rows that cannot be read, rather than refusing the file
   * @throws InvalidValue if it has bad rows and they may not be left out, or no good one
   */
  @Transactional
  public CountPreview bringIn(byte[] bytes, boolean goodRowsOnly, Account who) {
    CountFile file = read(bytes);
    RowError.refuse(file.errors(), file.counts().size(), goodRowsOnly);
    counts.keep(file.counts(), who);
    return preview(file);
  }

  private static CountPreview preview(CountFile file) {
    return new CountPreview(
        file.readAs(),
        file.counts().size(),
        file.counts().stream().map(NewCount::day).min(LocalDate::compareTo).orElse(null),
        file.counts().stream().map(NewCount::day).max(LocalDate::compareTo).orElse(null),
        file.errors());
  }

  private CountFile read(byte[] bytes) {
    Map<String, Map<String, CountFile.Found>> known = new HashMap<>();
    for (Apiary apiary : apiaries.all()) {
      LocalDate today = apiaries.today(apiary);
      Map<String, CountFile.Found> hives = new HashMap<>();
      for (Hive hive : allHives.in(apiary.id())) {
        hives.put(key(hive.name()), new CountFile.Found(hive, today));
      }
      known.put(key(apiary.name()), hives);
    }
    return CountFile.read(
        bytes, (apiary, hive) -> known.getOrDefault(key(apiary), Map.of()).get(key(hive)));
  }

  private static String key(String name) {
    return name.toLowerCase(Locale.ROOT);
  }
}
