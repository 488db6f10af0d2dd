package tavrel.server.demo;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.EnumMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.context.annotation.Profile;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.Fact;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.people.Accounts;
import tavrel.server.people.AllowedToAnyone;
import tavrel.server.people.OpenSessions;
import tavrel.server.people.Role;

/** The demo's people: one for each role, signed in by a button. Exists in the demo only. */
@RestController
@Profile("demo")
class DemoPeople {

  /**
   * Which button.
   *
   * @param role the role to try
   */
  record DemoSignIn(Role role) {}

  private final Accounts accounts;
  private final OpenSessions sessions;
  private final Map<Role, Account> byRole = new EnumMap<>(Role.class);

  DemoPeople(Accounts accounts, OpenSessions sessions) {
    this.accounts = accounts;
    this.sessions = sessions;
  }

  /** Adds a person whose password nobody knows. */
  Account add(String login, String name, Role role) {
    Account account = accounts.add(login, name, UUID.randomUUID().toString(), role);
    byRole.put(role, account);
    return account;
  }

  /** Finds those who were added before. */
  void known() {
    accounts.all().forEach(account -> byRole.put(account.role(), account));
  }

  /** Signs in as one of the demo's people; there in the demo alone. */
  @AllowedToAnyone
  @PostMapping("/api/demo/session")
  Account signIn(
      @RequestBody DemoSignIn button, HttpServletRequest request, HttpServletResponse response) {
    Account account = byRole.get(button.role());
    if (account == null) {
      throw Problem.conflict(Fact.of("refused.sampleDataBeingMade"));
    }
    sessions.begin(account, request, response);
    return account;
  }
}
