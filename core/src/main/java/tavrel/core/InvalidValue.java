package tavrel.core;

/**
 * A value that the job cannot work with. Carries the field's name, so that a form can show the
 * message where the keeper typed.
 */
public final class InvalidValue extends IllegalArgumentException {

  private static final long serialVersionUID = 1L;

  private final String field;

  /**
   * @param field name of the offending component, as in the record that refused it
   * @param says what is wrong and what is allowed, in plain words
   */
  public InvalidValue(String field, String says) {
    super(says);
    this.field = field;
  }

  /** Name of the offending component. */
  public String field() {
    return field;
  }

  /**
   * Returns {@code value} if it lies in the closed range, or refuses it.
   *
   * @param unit unit of all three figures, for the message
   * @throws InvalidValue if {@code value} is not a number or lies outside
   */
  public static double inRange(String field, double value, double min, double max, String unit) {
    if (!(value >= min && value <= max)) {
      throw new InvalidValue(
          field,
          "is "
              + NumberText.plain(value)
              + "; allowed is "
              + NumberText.plain(min)
              + " to "
              + NumberText.plain(max)
              + " "
              + unit);
    }
    return value;
  }

  /**
   * Returns {@code text} without outer blanks, or refuses it. Several lines are fine; characters
   * that no keyboard writes are not: they break files and hide what stands there.
   *
   * @throws InvalidValue if nothing is left, or more than {@code longest} characters, or one that
   *     cannot be seen
   */
  public static String text(String field, String text, int longest) {
    String stripped = text.strip();
    if (stripped.isEmpty()) {
      throw new InvalidValue(field, "is empty; 1 to " + longest + " characters are needed");
    }
    if (stripped.length() > longest) {
      throw new InvalidValue(
          field, "has " + stripped.length() + " characters; at most " + longest + " fit");
    }
    if (stripped.chars().anyMatch(InvalidValue::isHidden)) {
      throw new InvalidValue(field, "has a character that cannot be seen; type it anew");
    }
    return stripped;
  }

  /** Control characters but for line ends and tabs, and marks that turn the direction of text. */
  private static boolean isHidden(int character) {
    boolean layout = character == '\n' || character == '\r' || character == '\t';
    boolean turns =
        (character >= 0x202A && character <= 0x202E)
            || (character >= 0x2066 && character <= 0x2069);
    return turns || (Character.isISOControl(character) && !layout);
  }
}
