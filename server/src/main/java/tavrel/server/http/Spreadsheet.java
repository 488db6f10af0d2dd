package tavrel.server.http;

import org.jspecify.annotations.Nullable;

/** What a spreadsheet program must not take for a formula. */
public final class Spreadsheet {

  private Spreadsheet() {}

  /** Text that starts like a formula gets an apostrophe before it; nothing stays nothing. */
  public static String safe(@Nullable String text) {
    if (text == null || text.isEmpty()) {
      return "";
    }
    return "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
  }
}
