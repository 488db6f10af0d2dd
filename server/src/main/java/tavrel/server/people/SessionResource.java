package tavrel.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.server.http.Problem;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionResource {

  /**
   * What is typed at sign-in.
   *
   * @param login the person's login
   * @param password the person's password
   */
  record SignIn(String login, String password) {}

  private final Accounts accounts;
  private final LoginThrottle throttle;
  private final OpenSessions sessions;

  SessionResource(Accounts accounts, LoginThrottle throttle, OpenSessions sessions) {
    this.accounts = accounts;
    this.throttle = throttle;
    this.sessions = sessions;
  }

  /** Who is signed in. */
  @AllowedToAnyone
  @GetMapping
  Account who(@AuthenticationPrincipal Account account) {
    return account;
  }

  /** Signs in; after some wrong tries only after a wait. */
  @AllowedToAnyone
  @PostMapping
  Account signIn(
      @RequestBody SignIn typed, HttpServletRequest request, HttpServletResponse response) {
    throttle.begin(typed.login(), request.getRemoteAddr());
    Account account =
        accounts
            .verified(typed.login(), typed.password())
            .orElseThrow(() -> Problem.notSignedIn(Fact.of("refused.wrongLogin")));
    throttle.succeeded(typed.login(), request.getRemoteAddr());
    sessions.begin(account, request, response);
    return account;
  }

  /**
   * A new password of one's own.
   *
   * @param current the one that holds
   * @param wanted the new one
   */
  record NewPassword(String current, String wanted) {}

  /** Changes one's own password; other devices have to sign in anew, this one stays. */
  @AllowedTo({Role.KEEPER, Role.CREW, Role.READER})
  @PutMapping("/password")
  Account changePassword(
      @AuthenticationPrincipal Account who,
      @RequestBody NewPassword typed,
      HttpServletRequest request,
      HttpServletResponse response) {
    throttle.begin(who.login(), request.getRemoteAddr());
    if (!accounts.changeOwnPassword(who, typed.current(), typed.wanted())) {
      throw new InvalidValue("current", "notYourPassword", "is not your password");
    }
    throttle.succeeded(who.login(), request.getRemoteAddr());
    Account after = who.withOwnPassword();
    sessions.begin(after, request, response);
    return after;
  }

  /** Signs out. */
  @AllowedToAnyone
  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request) {
    if (request.getSession(false) != null) {
      request.getSession(false).invalidate();
    }
  }
}
