package tavrel.server.people;

import com.nulabinc.zxcvbn.Strength;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import tavrel.core.InvalidValue;

/** What may be a password: long enough, and not among those that are tried first. */
final class PasswordRule {

  private static final int SHORTEST = 10;

  /** What bcrypt takes, bytes. */
  private static final int LONGEST = 72;

  /**
   * From 0, guessed at once, to 4. Below 2 a million guesses find it: the common, rows of keys,
   * dates, one's own name.
   */
  private static final int WEAKEST = 2;

  private PasswordRule() {}

  /**
   * The password itself.
   *
   * @param field where it was typed
   * @param password what was typed
   * @param owner words that its owner is known by; they make it no stronger
   * @throws InvalidValue if it is too short, too long or guessed too soon
   */
  static String checked(String field, String password, String... owner) {
    int bytes = password.getBytes(StandardCharsets.UTF_8).length;
    if (password.length() < SHORTEST || bytes > LONGEST) {
      throw new InvalidValue(
          field,
          "mustHaveAtLeast",
          "must have at least {value} characters and at most {value2} bytes",
          SHORTEST,
          LONGEST);
    }
    List<String> known = new ArrayList<>(List.of(owner));
    known.add("tavrel");
    // Its lists take some megabytes, and passwords are rarely set: nothing of it is kept.
    Strength strength = new Zxcvbn().measure(password, known);
    if (strength.getScore() < WEAKEST) {
      throw new InvalidValue(
          field,
          "amongFirstOthersWould",
          "is among the first that others would try; three or four words of no sense hold");
    }
    return password;
  }
}
