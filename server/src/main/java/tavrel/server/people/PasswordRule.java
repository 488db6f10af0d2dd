package tavrel.server.people;

import com.nulabinc.zxcvbn.Strength;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.lang.ref.SoftReference;
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

  /**
   * What is tried first: reading it takes longer than asking it, and it takes some megabytes. It is
   * kept for the next password while nothing else needs them.
   */
  private static volatile SoftReference<Zxcvbn> lists = new SoftReference<>(null);

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
    Strength strength = guesses().measure(password, known);
    if (strength.getScore() < WEAKEST) {
      throw new InvalidValue(
          field,
          "amongFirstOthersWould",
          "is among the first that others would try; three or four words of no sense hold");
    }
    return password;
  }

  private static Zxcvbn guesses() {
    Zxcvbn kept = lists.get();
    if (kept == null) {
      kept = new Zxcvbn();
      lists = new SoftReference<>(kept);
    }
    return kept;
  }
}
