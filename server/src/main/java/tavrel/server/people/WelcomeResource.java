package tavrel.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.InvalidValue;

/** What a browser may know before anyone has signed in, and the first keeper's account. */
@RestController
@AllowedToAnyone
@RequestMapping("/api/welcome")
class WelcomeResource {

  /**
   * How the door stands.
   *
   * @param firstStart the keeper's account is still to be made
   * @param demo sample data, with a button per role
   * @param anew whether the sample data can be begun anew
   */
  record Door(boolean firstStart, boolean demo, boolean anew) {}

  /**
   * The first keeper.
   *
   * @param code as printed at the console
   * @param login typed at sign-in
   * @param name written into logs
   * @param password first password
   */
  record NewKeeper(String code, String login, String name, String password) {}

  private final FirstKeeper firstKeeper;
  private final LoginThrottle throttle;
  private final OpenSessions sessions;
  private final boolean demo;
  private final boolean anew;

  WelcomeResource(
      FirstKeeper firstKeeper,
      LoginThrottle throttle,
      OpenSessions sessions,
      Environment environment) {
    this.firstKeeper = firstKeeper;
    this.throttle = throttle;
    this.sessions = sessions;
    this.demo = environment.acceptsProfiles(Profiles.of("demo"));
    this.anew = environment.acceptsProfiles(Profiles.of("demo & !large"));
  }

  /** Stands for the login of whoever makes the first account. */
  private static final String FIRST = "first keeper";

  /** Whether this outfit has its first keeper yet. */
  @GetMapping
  Door door() {
    return new Door(firstKeeper.open(), demo, anew);
  }

  /** Makes the first keeper's account, with the code that the console shows. */
  @PostMapping
  Account begin(
      @RequestBody NewKeeper typed, HttpServletRequest request, HttpServletResponse response) {
    throttle.begin(FIRST, request.getRemoteAddr());
    Account keeper = made(typed, request);
    if (keeper == null) {
      throw new InvalidValue("code", "notOnePrintedAt", "is not the one printed at the console");
    }
    throttle.succeeded(FIRST, request.getRemoteAddr());
    sessions.begin(keeper, request, response);
    return keeper;
  }

  /** A slip in anything but the code is no guess at it. */
  private @Nullable Account made(NewKeeper typed, HttpServletRequest request) {
    try {
      return firstKeeper.make(typed.code(), typed.login(), typed.name(), typed.password());
    } catch (InvalidValue slip) {
      throttle.succeeded(FIRST, request.getRemoteAddr());
      throw slip;
    }
  }
}
