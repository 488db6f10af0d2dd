package tavrel.server.round;

import com.lowagie.text.Chunk;
import com.lowagie.text.Document;
import com.lowagie.text.Element;
import com.lowagie.text.Font;
import com.lowagie.text.PageSize;
import com.lowagie.text.Paragraph;
import com.lowagie.text.Phrase;
import com.lowagie.text.pdf.BaseFont;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfWriter;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;
import org.librepdf.openpdf.fonts.Liberation;
import tavrel.core.Figures;
import tavrel.core.hive.BoxNotation;
import tavrel.core.rule.Verdict;

/** A round's dose sheet and kit list on paper: A4, one page for the usual apiary. */
final class SheetPdf {

  private static final BaseFont FACE = face(Liberation.SANS);
  private static final BaseFont BOLD_FACE = face(Liberation.SANS_BOLD);
  private static final Font SMALL = new Font(FACE, 7.5f);
  private static final Font PLAIN = new Font(FACE, 9);
  private static final Font BOLD = new Font(BOLD_FACE, 9);
  private static final Font HEAD = new Font(BOLD_FACE, 15);
  private static final Color SHADE = new Color(0xEC, 0xEE, 0xF0);
  private static final float[] COLUMNS = {3, 6, 13, 14, 6, 7, 31, 20};
  private static final String[] TITLES = {
    "", "Hive", "Boxes", "Each load", "Loads", "Burn", "Before the burn", "Label"
  };

  private final Rounds.WholeRound whole;
  private final List<KitLine> kit;

  private SheetPdf(Rounds.WholeRound whole, List<KitLine> kit) {
    this.whole = whole;
    this.kit = kit;
  }

  /** Writes the sheet. */
  static byte[] write(Rounds.WholeRound whole, List<KitLine> kit) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Document document = new Document(PageSize.A4, 34, 34, 30, 30);
    PdfWriter.getInstance(document, out);
    document.open();
    new SheetPdf(whole, kit).fill(document);
    document.close();
    return out.toByteArray();
  }

  private void fill(Document document) {
    Round round = whole.round();
    document.addTitle("Dose sheet " + whole.apiary().name() + " " + round.day());
    document.add(new Paragraph("Dose sheet, " + whole.apiary().name(), HEAD));
    document.add(
        new Paragraph(
            round.day()
                + " · "
                + round.tool()
                + " ("
                + round.toolFamily().words()
                + ") · shut "
                + round.sealMinutes()
                + " min after the tool is out · planned by "
                + round.plannedBy(),
            PLAIN));
    document.add(new Paragraph(sums(), BOLD));
    document.add(verdict());
    document.add(hives());
    if (!kit.isEmpty()) {
      Paragraph title = new Paragraph("Kit", BOLD);
      title.setSpacingBefore(8);
      document.add(title);
      document.add(kitTable());
    }
    Paragraph cautions = new Paragraph(String.join(" ", whole.cautions()), SMALL);
    cautions.setSpacingBefore(6);
    document.add(cautions);
  }

  private String sums() {
    double acid = whole.hives().stream().mapToDouble(RoundHive::acid).sum();
    double product = whole.hives().stream().mapToDouble(RoundHive::product).sum();
    int loads = whole.hives().stream().mapToInt(RoundHive::loads).sum();
    return whole.hives().size()
        + " hives, "
        + loads
        + " loads to fill: "
        + Figures.grams(acid)
        + " g acid dihydrate = "
        + Figures.grams(product)
        + " g product of "
        + Figures.plain(100 * whole.round().strength())
        + " %"
        + (whole.round().product() == null ? "" : ", " + whole.round().product())
        + (whole.round().lot() == null ? "" : ", lot " + whole.round().lot());
  }

  private Paragraph verdict() {
    long over =
        whole.hives().stream().filter(hive -> hive.verdict() == Verdict.NOT_ON_LABEL).count();
    Phrase says = new Phrase();
    says.add(
        new Chunk(
            "Held against \""
                + whole.ruleSheet().name()
                + "\", version "
                + whole.ruleSheet().version()
                + ": ",
            PLAIN));
    says.add(new Chunk(over == 0 ? "none off the label." : over + " NOT ON LABEL. ", BOLD));
    if (whole.round().offLabelReason() != null) {
      says.add(new Chunk("Reason given: " + whole.round().offLabelReason(), PLAIN));
    }
    Paragraph paragraph = new Paragraph(says);
    paragraph.setSpacingAfter(6);
    return paragraph;
  }

  private PdfPTable hives() {
    PdfPTable table = new PdfPTable(COLUMNS);
    table.setWidthPercentage(100);
    table.setHeaderRows(1);
    for (String title : TITLES) {
      PdfPCell cell = cell(title, BOLD);
      cell.setBackgroundColor(SHADE);
      table.addCell(cell);
    }
    for (RoundHive hive : whole.hives()) {
      table.addCell(cell(String.valueOf(hive.place()), SMALL));
      table.addCell(cell(hive.hiveName(), BOLD));
      table.addCell(cell(BoxNotation.write(hive.boxes()), SMALL));
      table.addCell(
          cell(hive.eachLoad() + (hive.exception() == null ? "" : "\n" + hive.exception()), BOLD));
      table.addCell(cell(String.valueOf(hive.loads()), PLAIN));
      table.addCell(cell(hive.burnSeconds() == null ? "" : clock(hive.burnSeconds()), PLAIN));
      table.addCell(cell(hive.tasks().replace("\n", "; "), SMALL));
      table.addCell(
          cell(
              hive.verdict().words()
                  + (hive.verdict() == Verdict.ALLOWED ? "" : ": " + hive.labelSays()),
              SMALL));
    }
    return table;
  }

  private PdfPTable kitTable() {
    PdfPTable table = new PdfPTable(2);
    table.setWidthPercentage(100);
    table.setSpacingBefore(3);
    for (KitLine line : kit) {
      table.addCell(
          plain((line.tickedAt() == null ? "[  ] " : "[x] ") + line.amount() + "  " + line.name()));
    }
    table.completeRow();
    return table;
  }

  private static PdfPCell plain(String text) {
    PdfPCell cell = cell(text, SMALL);
    cell.setBorder(0);
    return cell;
  }

  private static PdfPCell cell(String text, Font font) {
    PdfPCell cell = new PdfPCell(new Phrase(printable(text), font));
    cell.setPadding(2.2f);
    cell.setBorderWidth(0.4f);
    cell.setVerticalAlignment(Element.ALIGN_MIDDLE);
    return cell;
  }

  /** Letters that the face lacks would vanish without a word. */
  private static String printable(String text) {
    return text.codePoints()
        .mapToObj(
            point -> point == '\n' || FACE.charExists(point) ? Character.toString(point) : "?")
        .collect(Collectors.joining());
  }

  private static BaseFont face(Liberation face) {
    try {
      return face.create().getBaseFont();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private static String clock(int seconds) {
    return Figures.clock(Duration.ofSeconds(seconds));
  }
}
