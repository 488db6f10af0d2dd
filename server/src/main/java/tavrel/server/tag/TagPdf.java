package tavrel.server.tag;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import com.lowagie.text.Document;
import com.lowagie.text.Element;
import com.lowagie.text.PageSize;
import com.lowagie.text.Phrase;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.ColumnText;
import com.lowagie.text.pdf.PdfContentByte;
import com.lowagie.text.pdf.PdfWriter;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Map;
import tavrel.server.paper.Paper;

/**
 * Sheets of tags, 24 to a page: the name to read from afar, the code for a phone, lines to cut
 * along.
 */
final class TagPdf {

  /** Which paper is in the printer. */
  enum Size {
    A4(PageSize.A4),
    LETTER(PageSize.LETTER);

    private final Rectangle page;

    Size(Rectangle page) {
      this.page = page;
    }
  }

  private static final int ACROSS = 3;
  private static final int DOWN = 8;

  /** Printers leave this white, points. */
  private static final float RIM = 24;

  private static final float GAP = 8;

  /** A fifth of a code may be scratched away. */
  private static final ErrorCorrectionLevel SCRATCHED = ErrorCorrectionLevel.Q;

  private static final Color CUT = new Color(0xC3, 0xC9, 0xCD);

  private TagPdf() {}

  static byte[] write(List<Tags.Tag> tags, Size size) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Document document = new Document(size.page, 0, 0, 0, 0);
    PdfWriter writer = PdfWriter.getInstance(document, out);
    document.open();
    float width = (size.page.getWidth() - 2 * RIM) / ACROSS;
    float height = (size.page.getHeight() - 2 * RIM) / DOWN;
    for (int i = 0; i < tags.size(); i++) {
      int onPage = i % (ACROSS * DOWN);
      if (i > 0 && onPage == 0) {
        document.newPage();
      }
      float x = RIM + onPage % ACROSS * width;
      float y = size.page.getHeight() - RIM - (onPage / ACROSS + 1) * height;
      draw(writer.getDirectContent(), tags.get(i), x, y, width, height);
    }
    document.close();
    return out.toByteArray();
  }

  private static void draw(
      PdfContentByte page, Tags.Tag tag, float x, float y, float width, float height) {
    page.setColorStroke(CUT);
    page.setLineWidth(0.4f);
    page.rectangle(x, y, width, height);
    page.stroke();
    float side = height - 2 * GAP;
    code(page, tag.address(), x + GAP, y + GAP, side);
    float left = x + side + 2 * GAP;
    float right = x + width - GAP;
    float size = Math.min(26, (right - left) / Math.max(2, tag.name().length()) * 1.7f);
    text(page, tag.name(), Paper.of(size), true, left, right, y + height * 0.42f, y + height - GAP);
    text(page, tag.apiary(), Paper.of(8), false, left, right, y + GAP, y + height * 0.42f);
  }

  private static void text(
      PdfContentByte page,
      String text,
      Paper paper,
      boolean bold,
      float left,
      float right,
      float foot,
      float top) {
    ColumnText column = new ColumnText(page);
    column.setSimpleColumn(left, foot, right, top);
    column.setLeading(0, 1.1f);
    column.setAlignment(Element.ALIGN_LEFT);
    column.addText(new Phrase(Paper.printable(text), bold ? paper.bold() : paper.plain()));
    column.go();
  }

  /** Squares of the code, drawn as they are: no picture that a printer would blur. */
  private static void code(PdfContentByte page, String address, float x, float y, float side) {
    BitMatrix squares = squares(address);
    float square = side / squares.getWidth();
    page.setColorFill(Color.BLACK);
    for (int row = 0; row < squares.getHeight(); row++) {
      for (int column = 0; column < squares.getWidth(); column++) {
        if (squares.get(column, row)) {
          page.rectangle(x + column * square, y + side - (row + 1) * square, square, square);
        }
      }
    }
    page.fill();
  }

  static BitMatrix squares(String address) {
    try {
      return new QRCodeWriter()
          .encode(
              address,
              BarcodeFormat.QR_CODE,
              0,
              0,
              Map.of(EncodeHintType.ERROR_CORRECTION, SCRATCHED, EncodeHintType.MARGIN, 2));
    } catch (WriterException tooLong) {
      throw new IllegalStateException("An address of 200 letters fits into a code.", tooLong);
    }
  }
}
