package tavrel.server.run;

import com.lowagie.text.Chunk;
import com.lowagie.text.Document;
import com.lowagie.text.PageSize;
import com.lowagie.text.Paragraph;
import com.lowagie.text.Phrase;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.PdfWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.NumberText;
import tavrel.core.hive.BoxNotation;
import tavrel.core.rulesheet.Verdict;
import tavrel.server.paper.Paper;

/**
 * A round's dose sheet and kit list on paper: A4, in the largest of a few sizes of type that holds
 * it on one page; a long apiary takes more.
 */
final class SheetPdf {

  private static final float[] SIZES = {9, 8.2f, 7.5f};
  private static final float[] COLUMNS = {3, 7, 12, 12, 6, 6, 41, 13};
  private static final String[] TITLES = {
    "", "Hive", "Boxes", "Each load", "Loads", "Burn", "Before the burn", "Label"
  };

  private final Rounds.WholeRound whole;
  private final List<KitLine> kit;
  private final Paper paper;

  /** What the label says of every hive alike, or null where it differs from hive to hive. */
  private final @Nullable String ofAll;

  private SheetPdf(Rounds.WholeRound whole, List<KitLine> kit, float size) {
    this.whole = whole;
    this.kit = kit;
    paper = Paper.of(size);
    List<String> says = whole.hives().stream().map(RoundHive::labelSays).distinct().toList();
    ofAll = says.size() == 1 ? says.get(0) : null;
  }

  /** Writes the sheet. */
  static byte[] write(Rounds.WholeRound whole, List<KitLine> kit) {
    byte[] sheet = {};
    for (float size : SIZES) {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      Document document = new Document(PageSize.A4, 34, 34, 30, 30);
      PdfWriter.getInstance(document, out);
      document.open();
      new SheetPdf(whole, kit, size).fill(document);
      document.close();
      sheet = out.toByteArray();
      if (pages(sheet) == 1) {
        return sheet;
      }
    }
    return sheet;
  }

  private static int pages(byte[] sheet) {
    try (PdfReader reader = new PdfReader(sheet)) {
      return reader.getNumberOfPages();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private void fill(Document document) {
    Round round = whole.round();
    document.addTitle("Dose sheet " + whole.apiary().name() + " " + round.day());
    document.add(new Paragraph("Dose sheet, " + whole.apiary().name(), paper.head()));
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
            paper.plain()));
    document.add(new Paragraph(sums(), paper.bold()));
    document.add(verdict());
    document.add(hives());
    if (!kit.isEmpty()) {
      Paragraph title = new Paragraph("Kit", paper.bold());
      title.setSpacingBefore(8);
      document.add(title);
      document.add(kitTable());
    }
    Paragraph cautions = new Paragraph(String.join(" ", whole.cautions()), paper.small());
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
        + NumberText.grams(acid)
        + " g acid dihydrate = "
        + NumberText.grams(product)
        + " g product of "
        + NumberText.plain(100 * whole.round().strength())
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
            paper.plain()));
    says.add(new Chunk(over == 0 ? "none off the label." : over + " NOT ON LABEL. ", paper.bold()));
    if (whole.round().offLabelReason() != null) {
      says.add(new Chunk("Reason given: " + whole.round().offLabelReason(), paper.plain()));
    }
    if (ofAll != null && over < whole.hives().size()) {
      says.add(new Chunk(" Of every hive: " + ofAll + ".", paper.plain()));
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
      table.addCell(paper.heading(title));
    }
    for (RoundHive hive : whole.hives()) {
      table.addCell(paper.cell(String.valueOf(hive.place()), paper.small()));
      table.addCell(paper.cell(hive.hiveName(), paper.bold()));
      table.addCell(paper.cell(BoxNotation.write(hive.boxes()), paper.small()));
      table.addCell(
          paper.cell(
              hive.eachLoad() + (hive.exception() == null ? "" : "\n" + hive.exception()),
              paper.bold()));
      table.addCell(paper.cell(String.valueOf(hive.loads()), paper.plain()));
      table.addCell(
          paper.cell(hive.burnSeconds() == null ? "" : clock(hive.burnSeconds()), paper.plain()));
      table.addCell(paper.cell(hive.tasks().replace("\n", "; "), paper.small()));
      table.addCell(
          paper.cell(
              hive.verdict().words()
                  + (hive.verdict() == Verdict.NOT_ON_LABEL
                          || (hive.verdict() == Verdict.CAUTION && ofAll == null)
                      ? ": " + hive.labelSays()
                      : ""),
              paper.small()));
    }
    return table;
  }

  private PdfPTable kitTable() {
    PdfPTable table = new PdfPTable(2);
    table.setWidthPercentage(100);
    table.setSpacingBefore(3);
    table.getDefaultCell().setBorder(0);
    for (KitLine line : kit) {
      table.addCell(
          paper.bare(
              (line.tickedAt() == null ? "[  ] " : "[x] ") + line.amount() + "  " + line.name(),
              paper.small()));
    }
    table.completeRow();
    return table;
  }

  private static String clock(int seconds) {
    return NumberText.clock(Duration.ofSeconds(seconds));
  }
}
