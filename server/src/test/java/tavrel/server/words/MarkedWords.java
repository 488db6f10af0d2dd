package tavrel.server.words;

/**
 * A made-up language of papers: every text between marks. What stands outside of them was said by
 * something else than the catalogue.
 */
public final class MarkedWords {

  private MarkedWords() {}

  /** Words between marks, in the usual units. */
  public static Wording wording() {
    return Wording.PLAIN.outOf(
        Catalogue.of(Language.ENGLISH).with(text -> "«" + text.replace(" | ", "» | «") + "»"));
  }

  /** What stands outside of all marks. */
  public static String outside(String text) {
    StringBuilder outside = new StringBuilder();
    int depth = 0;
    for (int i = 0; i < text.length(); i++) {
      char sign = text.charAt(i);
      if (sign == '«') {
        depth++;
      } else if (sign == '»') {
        depth--;
        outside.append(' ');
      } else if (depth == 0) {
        outside.append(sign);
      }
    }
    return outside.toString();
  }
}
