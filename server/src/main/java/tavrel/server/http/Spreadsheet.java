package tavrel.server.http;

import org.jspecify.annotations.Nullable;

/** What a spreadsheet program must not take for a formula. */
public final class Spreadsheet {

  /** Signs that begin a formula, also in the full width of East Asian keyboards. */
  private static final String STARTS = "=+-@\t\r\uFF1D\uFF0B\uFF0D\uFF20";

  private Spreadsheet() {}

  /**
   * Text that starts like a formula gets an apostrophe before it, and so does what would be taken
   * for such text; nothing stays nothing.
   */
  public static String safe(@Nullable String text) {
    if (text == null) {
      return "";
    }
    return startsFormula(text) ? "'" + text : text;
  }

  /** What {@link #safe} was given: text from a table that it wrote. */
  public static String plain(String cell) {
    return cell.startsWith("'") && startsFormula(cell) ? cell.substring(1) : cell;
  }

  /** Whether it starts with a sign of {@link #STARTS}, any apostrophes before it apart. */
  private static boolean startsFormula(String text) {
    int at = 0;
    while (at < text.length() && text.charAt(at) == '\'') {
      at++;
    }
    return at < text.length() && STARTS.indexOf(text.charAt(at)) >= 0;
  }
}
