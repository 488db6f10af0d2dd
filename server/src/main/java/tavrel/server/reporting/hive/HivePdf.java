package tavrel.server.reporting.hive;

import com.lowagie.text.Document;
import com.lowagie.text.PageSize;
import com.lowagie.text.Paragraph;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfWriter;
import java.io.ByteArrayOutputStream;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.hive.BoxNotation;
import tavrel.server.paper.Paper;
import tavrel.server.words.Wording;

/** A hive's life on paper, as for who buys it: where it stood, its queens, rounds and counts. */
final class HivePdf {

  private static final float[] COLUMNS = {14, 60, 26};
  private static final Paper PAPER = Paper.of(9);

  private HivePdf() {}

  /**
   * Writes it; what was taken back is left out.
   *
   * @param words of who reads it
   */
  static byte[] write(HivePages.HivePage page, Wording words) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Document document = new Document(PageSize.A4, 34, 34, 30, 30);
    PdfWriter.getInstance(document, out);
    String title = words.paper("hiveSheet.title", Map.of("hive", page.hive().name()));
    document.addTitle(title);
    document.open();
    document.add(new Paragraph(Paper.printable(title), PAPER.head()));
    for (String line : head(page, words)) {
      document.add(new Paragraph(Paper.printable(line), PAPER.plain()));
    }
    if (page.unknownPast()) {
      document.add(new Paragraph(words.paper("hiveSheet.unknownPast"), PAPER.bold()));
    }
    document.add(life(page, words));
    document.close();
    return out.toByteArray();
  }

  private static List<String> head(HivePages.HivePage page, Wording words) {
    String stood =
        words.paper(
            "hiveSheet.stands",
            Map.of(
                "apiary", page.apiary().name(),
                "boxes",
                    words.of(
                        Fact.of("life.stands")
                            .with("boxes", BoxNotation.told(page.hive().boxes()))
                            .count("supers", page.hive().supers(), "super")),
                "day", day(page.today(), words)));
    String names =
        page.stays().stream()
            .map(
                stay ->
                    words.paper(
                        "hiveSheet.stay",
                        Map.of(
                            "hive", stay.name(),
                            "apiary", stay.apiary(),
                            "from", day(stay.from(), words),
                            "to", day(stay.to(), words))))
            .collect(Collectors.joining("; "));
    String queen = page.queen() == null ? "" : words.of(page.queen());
    return List.of(stood, words.paper("hiveSheet.stays", Map.of("stays", names)), queen).stream()
        .filter(line -> !line.isBlank())
        .toList();
  }

  private static PdfPTable life(HivePages.HivePage page, Wording words) {
    PdfPTable table = new PdfPTable(COLUMNS);
    table.setWidthPercentage(100);
    table.setSpacingBefore(8);
    table.setHeaderRows(1);
    for (String column : List.of("day", "what", "by")) {
      table.addCell(PAPER.heading(words.paper("hiveSheet.columns." + column)));
    }
    page.lines().stream()
        .filter(line -> line.takenBack() == null)
        .forEach(
            line -> {
              table.addCell(PAPER.cell(day(line.day(), words), PAPER.plain()));
              table.addCell(PAPER.cell(words.of(line.says()), PAPER.plain()));
              table.addCell(PAPER.cell(line.by(), PAPER.small()));
            });
    return table;
  }

  private static String day(@Nullable LocalDate day, Wording words) {
    return day == null ? "…" : words.day(day) + " " + day.getYear();
  }
}
