package tavrel.server.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.stereotype.Component;

/** The first start: whoever reads the console may make the keeper's account, once. */
@Component
public class FirstKeeper {

  private static final String LETTERS = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";
  private static final int LENGTH = 10;

  private final Accounts accounts;
  private final Environment environment;
  private @Nullable String code;

  FirstKeeper(Accounts accounts, Environment environment) {
    this.accounts = accounts;
    this.environment = environment;
  }

  /** The code with which the first account is made; null once there is one, and in the demo. */
  public synchronized @Nullable String code() {
    if (!accounts.none() || environment.acceptsProfiles(Profiles.of("demo"))) {
      return null;
    }
    code = code == null ? newCode() : code;
    return code;
  }

  boolean open() {
    return code != null && accounts.none();
  }

  /** Makes the keeper's account if the code is right; the code is then spent. */
  synchronized @Nullable Account make(String typed, String login, String name, String password) {
    String wanted = code;
    if (wanted == null || !accounts.none() || !same(wanted, typed)) {
      return null;
    }
    Account keeper = accounts.add(login, name, password, Role.KEEPER);
    code = null;
    return keeper;
  }

  private static boolean same(String wanted, String typed) {
    String plain = typed.replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT);
    return MessageDigest.isEqual(
        wanted.replace("-", "").getBytes(StandardCharsets.UTF_8),
        plain.getBytes(StandardCharsets.UTF_8));
  }

  private static String newCode() {
    SecureRandom random = new SecureRandom();
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < LENGTH; i++) {
      text.append(i == LENGTH / 2 ? "-" : "")
          .append(LETTERS.charAt(random.nextInt(LETTERS.length())));
    }
    return text.toString();
  }
}
