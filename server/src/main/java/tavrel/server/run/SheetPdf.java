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
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.NumberText;
import tavrel.core.hive.BoxNotation;
import tavrel.core.rulesheet.Verdict;
import tavrel.server.paper.Paper;
import tavrel.server.words.Wording;

/**
 * A round's dose sheet and kit list on paper: A4, in the largest of a few sizes of type that holds
 * it on one page; a long apiary takes more.
 */
final class SheetPdf {

  private static final float[] SIZES = {9, 8.2f, 7.5f};
  private static final float[] COLUMNS = {3, 7, 12, 12, 6, 6, 41, 13};
  private static final String[] TITLES = {
    "place", "hive", "boxes", "eachLoad", "loads", "burn", "beforeTheBurn", "label"
  };

  private final Rounds.WholeRound whole;
  private final List<KitLine> kit;
  private final Paper paper;
  private final Wording words;

  /** What the label says of every hive alike, or null where it differs from hive to hive. */
  private final @Nullable String ofAll;

  private SheetPdf(Rounds.WholeRound whole, List<KitLine> kit, Wording words, float size) {
    this.whole = whole;
    this.kit = kit;
    this.words = words;
    paper = Paper.of(size);
    List<Fact> says = whole.hives().stream().map(RoundHive::labelSays).distinct().toList();
    ofAll = says.size() == 1 ? words.of(says.get(0)) : null;
  }

  /**
   * Writes the sheet.
   *
   * @param words of who reads it
   */
  static byte[] write(Rounds.WholeRound whole, List<KitLine> kit, Wording words) {
    byte[] sheet = {};
    for (float size : SIZES) {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      Document document = new Document(PageSize.A4, 34, 34, 30, 30);
      PdfWriter.getInstance(document, out);
      document.open();
      new SheetPdf(whole, kit, words, size).fill(document);
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
    String title = words.paper("sheet.title", Map.of("apiary", whole.apiary().name()));
    document.addTitle(title + " " + round.day());
    document.add(new Paragraph(Paper.printable(title), paper.head()));
    document.add(
        new Paragraph(
            Paper.printable(
                words.paper(
                    "sheet.round",
                    Map.of(
                        "day", words.day(round.day()) + " " + round.day().getYear(),
                        "tool", round.tool(),
                        "family", words.of(round.toolFamily()),
                        "minutes", String.valueOf(round.sealMinutes()),
                        "who", round.plannedBy()))),
            paper.plain()));
    document.add(new Paragraph(sums(), paper.bold()));
    document.add(verdict());
    document.add(hives());
    if (!kit.isEmpty()) {
      Paragraph kitTitle = new Paragraph(words.paper("sheet.kit"), paper.bold());
      kitTitle.setSpacingBefore(8);
      document.add(kitTitle);
      document.add(kitTable());
    }
    Paragraph cautions =
        new Paragraph(
            whole.cautions().stream().map(words::of).collect(Collectors.joining(" ")),
            paper.small());
    cautions.setSpacingBefore(6);
    document.add(cautions);
  }

  private String sums() {
    double acid = whole.hives().stream().mapToDouble(RoundHive::acid).sum();
    double product = whole.hives().stream().mapToDouble(RoundHive::product).sum();
    int loads = whole.hives().stream().mapToInt(RoundHive::loads).sum();
    String sums =
        words.of(
            Fact.of("paper.sheetSums")
                .count("hives", whole.hives().size(), "hive")
                .count("loads", loads, "load")
                .grams("acid", acid)
                .grams("product", product)
                .figure("strength", 100 * whole.round().strength()));
    String lot =
        whole.round().lot() == null
            ? ""
            : ", " + words.paper("sheet.lot", Map.of("lot", whole.round().lot()));
    return Paper.printable(
        sums + (whole.round().product() == null ? "" : ", " + whole.round().product()) + lot);
  }

  private Paragraph verdict() {
    long over =
        whole.hives().stream().filter(hive -> hive.verdict() == Verdict.NOT_ON_LABEL).count();
    Phrase says = new Phrase();
    says.add(
        new Chunk(
            Paper.printable(
                words.paper(
                    "sheet.heldAgainst",
                    Map.of(
                        "sheet", whole.ruleSheet().name(),
                        "version", String.valueOf(whole.ruleSheet().version())))),
            paper.plain()));
    says.add(
        new Chunk(
            " "
                + (over == 0
                    ? words.paper("sheet.noneOff")
                    : words.paper("sheet.off", Map.of("over", String.valueOf(over))))
                + " ",
            paper.bold()));
    if (whole.round().offLabelReason() != null) {
      says.add(
          new Chunk(
              Paper.printable(
                  words.paper("sheet.reason", Map.of("reason", whole.round().offLabelReason()))),
              paper.plain()));
    }
    if (ofAll != null && over < whole.hives().size()) {
      says.add(
          new Chunk(
              " " + Paper.printable(words.paper("sheet.ofEvery", Map.of("says", ofAll))),
              paper.plain()));
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
      table.addCell(paper.heading(words.paper("sheet.columns." + title)));
    }
    for (RoundHive hive : whole.hives()) {
      table.addCell(paper.cell(String.valueOf(hive.place()), paper.small()));
      table.addCell(paper.cell(hive.hiveName(), paper.bold()));
      table.addCell(paper.cell(words.of(BoxNotation.told(hive.boxes())), paper.small()));
      table.addCell(
          paper.cell(
              words.of(hive.eachLoad()) + (hive.exception() == null ? "" : "\n" + hive.exception()),
              paper.bold()));
      table.addCell(paper.cell(String.valueOf(hive.loads()), paper.plain()));
      table.addCell(
          paper.cell(hive.burnSeconds() == null ? "" : clock(hive.burnSeconds()), paper.plain()));
      table.addCell(paper.cell(tasks(hive), paper.small()));
      table.addCell(
          paper.cell(
              words.of(hive.verdict())
                  + (hive.verdict() == Verdict.NOT_ON_LABEL
                          || (hive.verdict() == Verdict.CAUTION && ofAll == null)
                      ? ": " + words.of(hive.labelSays())
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
              (line.tickedAt() == null ? "[  ] " : "[x] ")
                  + words.of(line.amount())
                  + "  "
                  + words.of(line.name()),
              paper.small()));
    }
    table.completeRow();
    return table;
  }

  /** Rounds that were planned before tasks were kept as facts have their words alone. */
  private String tasks(RoundHive hive) {
    return hive.todo().isEmpty()
        ? hive.tasks().replace("\n", "; ")
        : hive.todo().stream().map(task -> words.of(task.told())).collect(Collectors.joining("; "));
  }

  private static String clock(int seconds) {
    return NumberText.clock(Duration.ofSeconds(seconds));
  }
}
