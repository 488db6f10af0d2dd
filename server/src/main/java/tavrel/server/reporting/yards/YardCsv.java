package tavrel.server.reporting.yards;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import tavrel.server.http.Spreadsheet;

/** The table of yards as a file; its columns are told in docs/open-files.md. */
final class YardCsv {

  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180
          .builder()
          .setHeader(
              "apiary",
              "hives",
              "state",
              "held_since",
              "sampled",
              "counted_percent",
              "counted_from_percent",
              "counted_to_percent",
              "expected_percent",
              "limit_percent",
              "in_danger",
              "needing",
              "broodless",
              "label_rounds_left",
              "honey_from",
              "rounds_done",
              "rounds_to_come",
              "next_round",
              "crew_today",
              "last_seen")
          .get();

  private YardCsv() {}

  static String of(List<YardLine> yards) {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter table = new CSVPrinter(out, FORMAT)) {
      for (YardLine yard : yards) {
        table.printRecord(
            Spreadsheet.safe(yard.apiary().name()),
            yard.hives(),
            yard.state(),
            yard.hold() == null ? null : yard.hold().from(),
            yard.sampled(),
            percent(yard.share()),
            percent(yard.interval() == null ? null : yard.interval().low()),
            percent(yard.interval() == null ? null : yard.interval().high()),
            percent(yard.expected()),
            percent(yard.limit()),
            yard.inDanger(),
            yard.needing(),
            yard.broodless(),
            yard.labelLeft(),
            yard.honeyFrom(),
            yard.roundsDone(),
            yard.roundsToCome(),
            yard.nextRound(),
            Spreadsheet.safe(yard.crewToday()),
            yard.lastSeen());
      }
    } catch (IOException neverInMemory) {
      throw new UncheckedIOException(neverInMemory);
    }
    return out.toString();
  }

  private static @Nullable Double percent(@Nullable Double share) {
    return share == null ? null : Math.round(share * 10_000) / 100.0;
  }
}
