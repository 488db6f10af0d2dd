package tavrel.server.paper;

import com.lowagie.text.Element;
import com.lowagie.text.Font;
import com.lowagie.text.Phrase;
import com.lowagie.text.pdf.BaseFont;
import com.lowagie.text.pdf.PdfPCell;
import java.awt.Color;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.stream.Collectors;
import org.librepdf.openpdf.fonts.Liberation;

/**
 * Type of one size for a printed page.
 *
 * @param small for what matters less
 * @param plain for most
 * @param bold for what is looked for
 * @param head for the title
 * @param padding of a table's cells, points
 */
public record Paper(Font small, Font plain, Font bold, Font head, float padding) {

  private static final BaseFont FACE = face(Liberation.SANS);
  private static final BaseFont BOLD_FACE = face(Liberation.SANS_BOLD);
  private static final Color SHADE = new Color(0xEC, 0xEE, 0xF0);

  /** Type of a size in points. */
  public static Paper of(float size) {
    return new Paper(
        new Font(FACE, size - 1.5f),
        new Font(FACE, size),
        new Font(BOLD_FACE, size),
        new Font(BOLD_FACE, size + 6),
        size / 4);
  }

  /** A cell with a thin border. */
  public PdfPCell cell(String text, Font font) {
    PdfPCell cell = new PdfPCell(new Phrase(printable(text), font));
    cell.setPadding(padding);
    cell.setBorderWidth(0.4f);
    cell.setVerticalAlignment(Element.ALIGN_MIDDLE);
    return cell;
  }

  /** A cell at the head of a column. */
  public PdfPCell heading(String text) {
    PdfPCell cell = cell(text, bold);
    cell.setBackgroundColor(SHADE);
    return cell;
  }

  /** A cell without a border. */
  public PdfPCell bare(String text, Font font) {
    PdfPCell cell = cell(text, font);
    cell.setBorder(0);
    return cell;
  }

  /** Text without letters that the face lacks: they would vanish without a word. */
  public static String printable(String text) {
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
}
