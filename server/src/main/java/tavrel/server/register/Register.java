package tavrel.server.register;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.ibatis.cursor.Cursor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Figures;
import tavrel.core.weather.HourlyWeather;
import tavrel.core.yardrun.Treatment;
import tavrel.server.http.Spreadsheet;

/** What was done, drawn from the run logs and kept for the inspector. */
@Service
public class Register {

  private static final int PEOPLE_FIT = 400;
  private static final int REMARKS_FIT = 4_000;
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm:ss");

  private final RegisterMapper mapper;

  Register(RegisterMapper mapper) {
    this.mapper = mapper;
  }

  /**
   * A page of the register, latest first.
   *
   * @param lines treatments
   * @param totals sums over all pages
   * @param years years that have treatments
   */
  record Page(List<TreatmentLine> lines, RegisterTotals totals, List<Integer> years) {}

  Page page(LocalDate from, LocalDate to, @Nullable UUID apiaryId, int limit, int offset) {
    return new Page(
        mapper.page(from, to, apiaryId, limit, offset),
        mapper.totals(from, to, apiaryId),
        mapper.years());
  }

  /**
   * Puts a hive's line into the register as its log now tells it, or takes it out where the log
   * tells of no treatment.
   *
   * @param zone the apiary's zone
   * @param weather at the start of the first burn, if known
   * @param weatherFrom where it came from, in words
   * @param madeUp whether that weather is made up
   */
  @Transactional
  public void draw(
      UUID roundId,
      UUID hiveId,
      Optional<Treatment> treatment,
      ZoneId zone,
      @Nullable HourlyWeather weather,
      @Nullable String weatherFrom,
      boolean madeUp) {
    mapper.remove(roundId, hiveId);
    treatment.ifPresent(
        line ->
            mapper.add(
                roundId,
                hiveId,
                LocalDate.ofInstant(line.startedAt(), zone),
                line,
                fit(String.join(", ", line.people()), PEOPLE_FIT),
                fit(String.join("; ", line.remarks()), REMARKS_FIT),
                weather,
                weatherFrom,
                madeUp));
  }

  /** Writes all lines as CSV, row by row: UTF-8, times in the apiary's zone, no cell a formula. */
  @Transactional(readOnly = true)
  public void write(LocalDate from, LocalDate to, @Nullable UUID apiaryId, OutputStream out)
      throws IOException {
    Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
    writer.write('\uFEFF');
    CSVPrinter csv = new CSVPrinter(writer, CSVFormat.RFC4180);
    csv.printRecord(
        "day",
        "time zone",
        "apiary",
        "hive",
        "burn started",
        "tool out",
        "opened",
        "loads",
        "acid dihydrate g",
        "product g",
        "product",
        "lot",
        "method",
        "operator",
        "supers on hive",
        "supers handled",
        "waiting days for honey",
        "rule sheet",
        "label verdict",
        "label says",
        "off-label reason",
        "air °C",
        "wind m/s",
        "wind from °",
        "weather source",
        "remarks");
    try (Cursor<TreatmentLine> lines = mapper.every(from, to, apiaryId)) {
      for (TreatmentLine line : lines) {
        write(csv, line);
      }
    }
    csv.flush();
  }

  private static void write(CSVPrinter csv, TreatmentLine line) throws IOException {
    ZoneId zone = ZoneId.of(line.zone());
    csv.printRecord(
        line.day(),
        line.zone(),
        Spreadsheet.safe(line.apiary()),
        Spreadsheet.safe(line.hive()),
        clock(line.startedAt(), zone),
        clock(line.removedAt(), zone),
        clock(line.openedAt(), zone),
        line.loads(),
        Figures.grams(line.acid()),
        Figures.grams(line.productGrams()),
        Spreadsheet.safe(line.product()),
        Spreadsheet.safe(line.lot()),
        Spreadsheet.safe("vapour, " + line.tool()),
        Spreadsheet.safe(line.people()),
        line.supers(),
        line.supers() == 0 ? "" : line.supersPlan().words(),
        line.waitingDays(),
        Spreadsheet.safe(line.ruleSheet()),
        line.verdict().words(),
        Spreadsheet.safe(line.labelSays()),
        Spreadsheet.safe(line.offLabelReason()),
        line.celsius(),
        line.windMs(),
        line.windFrom(),
        Spreadsheet.safe(line.weatherFrom()),
        Spreadsheet.safe(line.remarks()));
  }

  private static String clock(@Nullable Instant at, ZoneId zone) {
    return at == null ? "" : at.atZone(zone).format(CLOCK);
  }

  private static String fit(String text, int longest) {
    return text.length() <= longest ? text : text.substring(0, longest - 1) + "…";
  }
}
