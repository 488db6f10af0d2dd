package tavrel.server.people;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.util.function.SingletonSupplier;
import tavrel.core.InvalidValue;
import tavrel.core.weather.OwnHours;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;

/** Who may sign in, and with what. */
@Service
public class Accounts {

  private final AccountMapper mapper;
  private final PasswordEncoder passwords;
  private final OpenSessions sessions;
  private final Clock clock;

  /**
   * Costs as much as a sign-in, which no start should wait for; made when first somebody unknown
   * comes.
   */
  private final Supplier<String> nobodysHash;

  Accounts(AccountMapper mapper, PasswordEncoder passwords, OpenSessions sessions, Clock clock) {
    this.mapper = mapper;
    this.passwords = passwords;
    this.sessions = sessions;
    this.clock = clock;
    nobodysHash = SingletonSupplier.of(() -> passwords.encode(UUID.randomUUID().toString()));
  }

  /** Whether nobody has an account yet. */
  public boolean none() {
    return mapper.count() == 0;
  }

  /** Between which hours a person works. */
  public OwnHours workHours(UUID id) {
    return mapper.workHours(id).map(AccountMapper.Works::hours).orElse(OwnHours.USUAL);
  }

  /** Changes them. */
  @Transactional
  void changeWorkHours(UUID id, OwnHours hours) {
    mapper.changeWorkHours(
        id, hours.from() == null ? null : hours.from().toString(), hours.to().toString());
  }

  /** Everybody who was ever added. */
  public List<Account> all() {
    return mapper.all();
  }

  /** The active account with this login and password; takes as long for an unknown login. */
  Optional<Account> verified(String login, String password) {
    Optional<Account> account = mapper.byLogin(login.strip());
    boolean matches =
        passwords.matches(
            password, account.map(found -> mapper.passwordHash(found.id())).orElseGet(nobodysHash));
    return account.filter(found -> matches && found.active());
  }

  /**
   * Adds a person with a password of his own.
   *
   * @throws InvalidValue at the field that cannot be
   */
  @Transactional
  public Account add(String login, String name, String password, Role role) {
    return add(login, name, password, role, false);
  }

  /**
   * Adds a person with a first password, which must be changed before anything else.
   *
   * @throws InvalidValue at the field that cannot be
   */
  @Transactional
  Account invite(String login, String name, String password, Role role) {
    return add(login, name, password, role, true);
  }

  private Account add(
      String login, String name, String password, Role role, boolean firstPassword) {
    Account account =
        new Account(
            UUID.randomUUID(),
            login(login),
            InvalidValue.text("name", name, 60),
            role,
            true,
            firstPassword);
    if (mapper.byLogin(account.login()).isPresent()) {
      throw new InvalidValue("login", "takenChooseAnother", "is taken; choose another");
    }
    mapper.add(account, encoded("password", password, account), clock.instant());
    return account;
  }

  /**
   * Changes name, role or standing. Open sessions of a person whose rights or password change end;
   * a new name reaches those that stay open.
   */
  @Transactional
  Account change(UUID id, String name, Role role, boolean active, @Nullable String password) {
    Account before = mapper.byId(id).orElseThrow(() -> Problem.missing(Missing.PERSON));
    Account after =
        new Account(
            id,
            before.login(),
            InvalidValue.text("name", name, 60),
            role,
            active,
            before.firstPassword() || password != null);
    boolean keepsKeeper = after.role() == Role.KEEPER && after.active();
    if (!keepsKeeper && mapper.otherKeepers(id) == 0) {
      throw new InvalidValue(
          "role",
          "cannotChangeThisLast",
          "cannot change: this is the last keeper, and one must remain");
    }
    mapper.change(after);
    if (password != null) {
      mapper.changePassword(id, encoded("password", password, after), true);
    }
    if (password != null || after.role() != before.role() || !after.active()) {
      sessions.end(id);
    } else {
      sessions.changed(after);
    }
    return after;
  }

  /**
   * Changes somebody's own password; every other session of theirs ends.
   *
   * @return whether the current one was right
   * @throws InvalidValue if the new one is too weak, or the same
   */
  @Transactional
  boolean changeOwnPassword(Account who, String current, String wanted) {
    if (!passwords.matches(current, mapper.passwordHash(who.id()))) {
      return false;
    }
    if (wanted.equals(current)) {
      throw new InvalidValue("wanted", "oneYouHave", "is the one that you have");
    }
    mapper.changePassword(who.id(), encoded("wanted", wanted, who), false);
    sessions.end(who.id());
    return true;
  }

  private String encoded(String field, String password, Account owner) {
    return passwords.encode(PasswordRule.checked(field, password, owner.login(), owner.name()));
  }

  private static String login(String login) {
    String text = InvalidValue.text("login", login, 60);
    if (!text.matches("[\\p{L}\\p{N}._@-]+")) {
      throw new InvalidValue(
          "login", "mayHoldLettersDigits", "may hold letters, digits and . _ @ - only");
    }
    return text;
  }
}
