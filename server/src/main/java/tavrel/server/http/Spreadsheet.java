package tavrel.server.http;

import org.jspecify.annotations.Nullable;

/** What a spreadsheet program must not take for a formula. */
public final class Spreadsheet {

  /** Signs that begin a formula, also in the full width of East Asian keyboards. */
  private static final String STARTS = "=+-@\t\r\uFF1D\uFF0B\uFF0D\uFF20";

  private Spreadsheet() {}

  /** Text that starts like a formula gets an apostrophe before it; nothing stays nothing. */
  public static String safe(@Nullable String text) {
    if (text == null || text.isEmpty()) {
      return "";
    }
    return STARTS.indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
  }
}
