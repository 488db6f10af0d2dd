package tavrel.server.reporting.register;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import tavrel.core.NumberText;
import tavrel.core.register.Correction;
import tavrel.server.http.Spreadsheet;
import tavrel.server.words.FactJson;
import tavrel.server.words.Wording;

/**
 * The register as CSV, line by line: UTF-8, times in the apiary's zone, no cell a formula. Columns
 * are told in docs/register-files.md.
 */
final class RegisterCsv {

  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm:ss");
  private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

  private static final String[] COLUMNS = {
    "day",
    "time zone",
    "apiary",
    "hive",
    "means",
    "burn started",
    "tool out",
    "opened",
    "loads",
    "acid dihydrate g",
    "product g",
    "amount",
    "product",
    "lot",
    "method",
    "operator",
    "supers on hive",
    "supers handled",
    "waiting days for honey",
    "rule sheet",
    "sheet version",
    "label verdict",
    "label says",
    "off-label reason",
    "air °C",
    "wind m/s",
    "wind from °",
    "weather source",
    "remarks",
    "stands",
    "corrections",
    "entry",
    "written by hand by"
  };

  private static final int AT_A_TIME = 32_768;

  private final OutputStream out;
  private final StringBuilder waiting = new StringBuilder(2 * AT_A_TIME);
  private final CSVPrinter csv;

  private final Wording wording;

  /**
   * @param wording of who takes it away: explanations are in it; headings, and the few words that a
   *     column may hold, are fixed
   */
  RegisterCsv(OutputStream out, Wording wording) throws IOException {
    this.out = out;
    this.wording = wording;
    waiting.append('\uFEFF');
    csv = new CSVPrinter(waiting, CSVFormat.RFC4180);
    csv.printRecord((Object[]) COLUMNS);
  }

  void write(RegisterEntry entry) throws IOException {
    TreatmentLine line = entry.line();
    ZoneId zone = ZoneId.of(line.zone());
    csv.printRecord(
        line.day(),
        line.zone(),
        Spreadsheet.safe(line.apiary()),
        Spreadsheet.safe(line.hive()),
        line.means().words(),
        clock(line.startedAt(), zone),
        clock(line.removedAt(), zone),
        clock(line.openedAt(), zone),
        line.loads(),
        NumberText.grams(line.acid()),
        NumberText.grams(line.productGrams()),
        Spreadsheet.safe(line.amount()),
        Spreadsheet.safe(line.product()),
        Spreadsheet.safe(line.lot()),
        Spreadsheet.safe(line.method()),
        Spreadsheet.safe(line.people()),
        line.supers(),
        line.supers() == 0 ? "" : line.supersPlan().words(),
        line.waitingDays(),
        Spreadsheet.safe(line.ruleSheet()),
        line.sheetVersion(),
        line.verdict() == null ? "" : line.verdict().words(),
        Spreadsheet.safe(wording.orEmpty(line.labelSays())),
        Spreadsheet.safe(line.offLabelReason()),
        line.celsius(),
        line.windMs(),
        line.windFrom(),
        Spreadsheet.safe(wording.orEmpty(line.weatherFrom())),
        Spreadsheet.safe(wording.of(line.remarks())),
        line.stands() ? "yes" : "no",
        entry.corrections().stream()
            .map(each -> words(each, zone, wording))
            .collect(Collectors.joining("; ")),
        line.id(),
        Spreadsheet.safe(line.writtenBy()));
    if (waiting.length() >= AT_A_TIME) {
      finish();
    }
  }

  /** Gives what is still held back. */
  void finish() throws IOException {
    out.write(waiting.toString().getBytes(StandardCharsets.UTF_8));
    waiting.setLength(0);
  }

  /** "2026-08-20 07:12: lot was “A1”, is “A2” (typing error), by P. Example". */
  static String words(Correction each, ZoneId zone, Wording wording) {
    return wording.paper(
        "register.correction",
        Map.of(
            "at", MINUTE.format(each.at().atZone(zone)),
            "field", wording.of(each.field()),
            "was", wording.of(FactJson.read(each.was())),
            "becomes", wording.of(FactJson.read(each.becomes())),
            "why", each.why(),
            "who", each.by()));
  }

  private static String clock(@Nullable Instant at, ZoneId zone) {
    return at == null ? "" : at.atZone(zone).format(CLOCK);
  }
}
