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
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import tavrel.core.NumberText;
import tavrel.core.register.Correction;
import tavrel.core.register.EntryField;
import tavrel.core.register.TreatmentKind;
import tavrel.core.rulesheet.Verdict;
import tavrel.server.paper.Paper;

/** The register on paper, A4 across, corrections under the line that they put right. */
final class RegisterPdf {

  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
  private static final float[] COLUMNS = {9, 12, 8, 13, 9, 14, 12, 9, 8, 14, 20};
  private static final String[] TITLES = {
    "Day",
    "Apiary",
    "Hive",
    "Burn, out, open",
    "Acid dihydrate",
    "Means, method",
    "Product, lot",
    "Operator",
    "Supers",
    "Label",
    "Weather, remarks"
  };
  private static final Paper PAPER = Paper.of(7.5f);

  private final List<RegisterEntry> entries;

  private RegisterPdf(List<RegisterEntry> entries) {
    this.entries = entries;
  }

  /**
   * Writes it.
   *
   * @param of what it covers, in words
   * @param extra further lines of the head, each a paragraph
   * @param printed day of printing
   */
  static void write(
      String of,
      List<String> extra,
      List<RegisterEntry> entries,
      RegisterTotals totals,
      LocalDate printed,
      OutputStream out) {
    Document document = new Document(PageSize.A4.rotate(), 28, 28, 28, 34);
    PdfWriter writer = PdfWriter.getInstance(document, out);
    writer.setPageEvent(new Foot(of, printed));
    document.addTitle("Treatment register, " + of);
    document.open();
    document.add(new Paragraph(Paper.printable("Treatment register, " + of), PAPER.head()));
    RegisterPdf pdf = new RegisterPdf(entries);
    document.add(new Paragraph(sums(totals), PAPER.bold()));
    for (String line : extra) {
      document.add(new Paragraph(Paper.printable(line), PAPER.plain()));
    }
    document.add(new Paragraph(Paper.printable(pdf.sheets()), PAPER.plain()));
    document.add(
        new Paragraph(
            "Lines are drawn from the log kept while burning, or written by hand where marked. What was put right later"
                + " stands under its line and is counted as corrected. Weather marked as simulated was not measured.",
            PAPER.small()));
    document.add(pdf.table());
    document.close();
  }

  private static String sums(RegisterTotals totals) {
    return totals.lines()
        + (totals.lines() == 1 ? " line" : " lines")
        + (totals.struck() > 0 ? ", " + totals.struck() + " of them struck out" : "")
        + ". Standing: "
        + totals.hives()
        + " hives, "
        + NumberText.grams(totals.acid())
        + " g acid dihydrate = "
        + NumberText.grams(totals.productGrams())
        + " g product.";
  }

  private String sheets() {
    TreeSet<String> sheets = new TreeSet<>();
    for (RegisterEntry entry : entries) {
      if (entry.line().ruleSheet() != null) {
        sheets.add("“" + entry.line().ruleSheet() + "”, version " + entry.line().sheetVersion());
      }
    }
    return sheets.isEmpty()
        ? "No rule sheet was held against these lines."
        : "Held against: " + String.join("; ", sheets) + ".";
  }

  private PdfPTable table() {
    PdfPTable table = new PdfPTable(COLUMNS);
    table.setWidthPercentage(100);
    table.setSpacingBefore(6);
    table.setHeaderRows(1);
    for (String title : TITLES) {
      table.addCell(PAPER.heading(title));
    }
    for (RegisterEntry entry : entries) {
      line(table, entry);
      ZoneId zone = ZoneId.of(entry.line().zone());
      for (Correction each : entry.corrections()) {
        PdfPCell cell =
            PAPER.cell("     corrected " + RegisterCsv.words(each, zone), PAPER.small());
        cell.setColspan(COLUMNS.length);
        table.addCell(cell);
      }
    }
    return table;
  }

  private static void line(PdfPTable table, RegisterEntry entry) {
    TreatmentLine line = entry.line();
    ZoneId zone = ZoneId.of(line.zone());
    List<String> cells =
        List.of(
            line.day() + (line.stands() ? "" : "\nSTRUCK OUT"),
            line.apiary(),
            line.hive(),
            line.startedAt() == null
                ? line.byHand()
                : clock(line.startedAt(), zone)
                    + " "
                    + (line.removedAt() == null ? "tool in" : clock(line.removedAt(), zone))
                    + " "
                    + (line.openedAt() == null ? "shut" : clock(line.openedAt(), zone)),
            grams(entry),
            line.means() == TreatmentKind.OXALIC_VAPOUR
                ? line.method()
                : line.means().words() + ": " + line.method(),
            product(line),
            line.people(),
            line.supers() == 0 ? "none" : line.supers() + ", " + line.supersPlan().words(),
            label(line),
            remarks(line));
    for (String cell : cells) {
      table.addCell(PAPER.cell(cell, cell.equals(line.hive()) ? PAPER.bold() : PAPER.small()));
    }
  }

  private static String grams(RegisterEntry entry) {
    TreatmentLine line = entry.line();
    String recorded = line.amount() == null ? NumberText.grams(line.acid()) + " g" : line.amount();
    String now = entry.now().get(EntryField.GRAMS);
    return now == null ? recorded : recorded + "\ncorrected: " + now + " g";
  }

  private static String product(TreatmentLine line) {
    String given = line.product() == null ? "not given" : line.product();
    return line.lot() == null ? given : given + ", lot " + line.lot();
  }

  private static String label(TreatmentLine line) {
    if (line.verdict() == null) {
      return "not judged";
    }
    return line.verdict() == Verdict.NOT_ON_LABEL
        ? "NOT ON LABEL: " + line.labelSays() + ". Reason: " + line.offLabelReason()
        : line.verdict().words();
  }

  private static String remarks(TreatmentLine line) {
    List<String> says = new ArrayList<>();
    if (line.celsius() != null) {
      says.add(
          NumberText.tenths(line.celsius())
              + " °C"
              + (Boolean.TRUE.equals(line.weatherMadeUp()) ? " (simulated)" : ""));
    }
    if (line.waitingDays() != null) {
      says.add("honey waits " + line.waitingDays() + " d");
    }
    if (!line.remarks().isEmpty()) {
      says.add(line.remarks());
    }
    return String.join("; ", says);
  }

  private static String clock(@Nullable Instant at, ZoneId zone) {
    return at == null ? "" : at.atZone(zone).format(CLOCK);
  }

  /** Number of the page and what it is of, under each page. */
  private static final class Foot extends PdfPageEventHelper {

    private final String says;

    Foot(String of, LocalDate printed) {
      says = Paper.printable(of + " · printed " + printed + " · page ");
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
