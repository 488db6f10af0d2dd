package tavrel.server.reporting.register;

import com.lowagie.text.Document;
import com.lowagie.text.Element;
import com.lowagie.text.PageSize;
import com.lowagie.text.Paragraph;
import com.lowagie.text.Phrase;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.ColumnText;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfPageEventHelper;
import com.lowagie.text.pdf.PdfWriter;
import java.io.OutputStream;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.Value;
import tavrel.core.register.Correction;
import tavrel.core.register.EntryField;
import tavrel.core.rulesheet.Verdict;
import tavrel.server.paper.Paper;
import tavrel.server.words.Wording;

/** The register on paper, A4 across, corrections under the line that they put right. */
final class RegisterPdf {

  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
  private static final float[] COLUMNS = {9, 12, 8, 13, 9, 14, 12, 9, 8, 14, 20};
  private static final String[] TITLES = {
    "day",
    "apiary",
    "hive",
    "burnOutOpen",
    "acid",
    "means",
    "product",
    "operator",
    "supers",
    "label",
    "remarks"
  };
  private static final Paper PAPER = Paper.of(7.5f);

  private final List<RegisterEntry> entries;

  private final Wording words;

  private RegisterPdf(List<RegisterEntry> entries, Wording words) {
    this.entries = entries;
    this.words = words;
  }

  /**
   * Writes it.
   *
   * @param of what it covers, in words
   * @param extra further lines of the head, each a paragraph
   * @param printed day of printing
   * @param words of who reads it
   */
  static void write(
      String of,
      List<String> extra,
      List<RegisterEntry> entries,
      RegisterTotals totals,
      LocalDate printed,
      Wording words,
      OutputStream out) {
    Document document = new Document(PageSize.A4.rotate(), 28, 28, 28, 34);
    PdfWriter writer = PdfWriter.getInstance(document, out);
    writer.setPageEvent(new Foot(of, printed, words));
    String title = words.paper("register.title", Map.of("of", of));
    document.addTitle(title);
    document.open();
    document.add(new Paragraph(Paper.printable(title), PAPER.head()));
    RegisterPdf pdf = new RegisterPdf(entries, words);
    document.add(new Paragraph(pdf.sums(totals), PAPER.bold()));
    for (String line : extra) {
      document.add(new Paragraph(Paper.printable(line), PAPER.plain()));
    }
    document.add(new Paragraph(Paper.printable(pdf.sheets()), PAPER.plain()));
    document.add(new Paragraph(words.paper("register.explained"), PAPER.small()));
    document.add(pdf.table());
    document.close();
  }

  private String sums(RegisterTotals totals) {
    Fact sums =
        totals.struck() > 0
            ? Fact.of("paper.registerSumsStruck").figure("struck", totals.struck())
            : Fact.of("paper.registerSums");
    return words.of(
        sums.count("lines", totals.lines(), "line")
            .count("hives", totals.hives(), "hive")
            .grams("acid", totals.acid())
            .grams("product", totals.productGrams()));
  }

  private String sheets() {
    TreeSet<String> sheets = new TreeSet<>();
    for (RegisterEntry entry : entries) {
      if (entry.line().ruleSheet() != null) {
        sheets.add(
            words.paper(
                "register.sheet",
                Map.of(
                    "sheet", entry.line().ruleSheet(),
                    "version", String.valueOf(entry.line().sheetVersion()))));
      }
    }
    return sheets.isEmpty()
        ? words.paper("register.noSheet")
        : words.paper("register.heldAgainst", Map.of("sheets", String.join("; ", sheets)));
  }

  private PdfPTable table() {
    PdfPTable table = new PdfPTable(COLUMNS);
    table.setWidthPercentage(100);
    table.setSpacingBefore(6);
    table.setHeaderRows(1);
    for (String title : TITLES) {
      table.addCell(PAPER.heading(words.paper("register.columns." + title)));
    }
    for (RegisterEntry entry : entries) {
      line(table, entry);
      ZoneId zone = ZoneId.of(entry.line().zone());
      for (Correction each : entry.corrections()) {
        PdfPCell cell =
            PAPER.cell(
                "     "
                    + words.paper(
                        "register.corrected", Map.of("says", RegisterCsv.words(each, zone, words))),
                PAPER.small());
        cell.setColspan(COLUMNS.length);
        table.addCell(cell);
      }
    }
    return table;
  }

  private void line(PdfPTable table, RegisterEntry entry) {
    TreatmentLine line = entry.line();
    ZoneId zone = ZoneId.of(line.zone());
    List<String> cells =
        List.of(
            line.day() + (line.stands() ? "" : "\n" + words.paper("register.struckOut")),
            line.apiary(),
            line.hive(),
            line.startedAt() == null
                ? words.of(line.byHand())
                : clock(line.startedAt(), zone)
                    + " "
                    + (line.removedAt() == null
                        ? words.paper("register.toolIn")
                        : clock(line.removedAt(), zone))
                    + " "
                    + (line.openedAt() == null
                        ? words.paper("register.shut")
                        : clock(line.openedAt(), zone)),
            grams(entry),
            words.of(line.means()) + ": " + line.method(),
            product(line),
            line.people(),
            line.supers() == 0
                ? words.paper("register.none")
                : line.supers() + ", " + words.of(line.supersPlan()),
            label(line),
            remarks(line));
    for (String cell : cells) {
      table.addCell(PAPER.cell(cell, cell.equals(line.hive()) ? PAPER.bold() : PAPER.small()));
    }
  }

  private String grams(RegisterEntry entry) {
    TreatmentLine line = entry.line();
    String recorded = line.amount() == null ? words.weight(line.acid(), 2) : line.amount();
    String now = entry.now().get(EntryField.GRAMS);
    return now == null
        ? recorded
        : recorded
            + "\n"
            + words.paper(
                "register.corrected", Map.of("says", words.weight(Double.parseDouble(now), null)));
  }

  private String product(TreatmentLine line) {
    String given = line.product() == null ? words.paper("register.notGiven") : line.product();
    return line.lot() == null
        ? given
        : given + ", " + words.paper("sheet.lot", Map.of("lot", line.lot()));
  }

  private String label(TreatmentLine line) {
    if (line.verdict() == null) {
      return words.paper("register.notJudged");
    }
    return line.verdict() == Verdict.NOT_ON_LABEL
        ? words.paper(
            "register.notOnLabel",
            Map.of(
                "says", words.orEmpty(line.labelSays()),
                "reason", String.valueOf(line.offLabelReason())))
        : words.of(line.verdict());
  }

  private String remarks(TreatmentLine line) {
    List<String> says = new ArrayList<>();
    if (line.celsius() != null) {
      says.add(
          words.of(new Value.Celsius(line.celsius()))
              + (Boolean.TRUE.equals(line.weatherMadeUp())
                  ? " (" + words.paper("register.simulated") + ")"
                  : ""));
    }
    if (line.waitingDays() != null) {
      says.add(words.of(Fact.of("label.lineHoneyWaits").count("days", line.waitingDays(), "day")));
    }
    String remarks = words.of(line.remarks());
    if (!remarks.isEmpty()) {
      says.add(remarks);
    }
    return String.join("; ", says);
  }

  private static String clock(@Nullable Instant at, ZoneId zone) {
    return at == null ? "" : at.atZone(zone).format(CLOCK);
  }

  /** Number of the page and what it is of, under each page. */
  private static final class Foot extends PdfPageEventHelper {

    private final String says;

    Foot(String of, LocalDate printed, Wording words) {
      says =
          Paper.printable(
              words.paper("register.foot", Map.of("of", of, "day", printed.toString())) + " ");
    }

    @Override
    public void onEndPage(PdfWriter writer, Document document) {
      Rectangle page = document.getPageSize();
      ColumnText.showTextAligned(
          writer.getDirectContent(),
          Element.ALIGN_CENTER,
          new Phrase(says + writer.getPageNumber(), PAPER.small()),
          page.getWidth() / 2,
          18,
          0);
    }
  }
}
