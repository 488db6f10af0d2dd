package tavrel.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.session.SessionInformation;
import org.springframework.security.core.session.SessionRegistry;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Sessions of people who are signed in. */
@Component
public class OpenSessions {

  /** What somebody may do whose password is still the keeper's: choose another, nothing else. */
  static final String FIRST_PASSWORD = "FIRST_PASSWORD";

  private final SecurityContextRepository contexts = new HttpSessionSecurityContextRepository();
  private final SessionRegistry registry;

  /** People as they were changed while sessions of theirs may stand open. */
  private final Map<UUID, Account> changed = new ConcurrentHashMap<>();

  OpenSessions(SessionRegistry registry) {
    this.registry = registry;
  }

  /** Signs a person in, under a fresh session id. */
  public void begin(Account account, HttpServletRequest request, HttpServletResponse response) {
    request.getSession(true);
    String id = request.changeSessionId();
    remember(account, request, response);
    registry.registerNewSession(id, account);
  }

  private void remember(Account account, HttpServletRequest request, HttpServletResponse response) {
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(
            account,
            null,
            AuthorityUtils.createAuthorityList(
                "ROLE_" + (account.firstPassword() ? FIRST_PASSWORD : account.role().name()))));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
  }

  /** A person's name changed: sessions that stay open take it with their next request. */
  void changed(Account account) {
    changed.put(account.id(), account);
  }

  /** Lets a request go on under the name that its person has now. */
  void refresh(
      @Nullable Authentication from, HttpServletRequest request, HttpServletResponse response) {
    if (from != null && from.getPrincipal() instanceof Account account) {
      Account now = changed.get(account.id());
      if (now != null && !now.name().equals(account.name())) {
        remember(now, request, response);
      }
    }
  }

  /** Ends every session of an account. */
  void end(UUID accountId) {
    changed.remove(accountId);
    registry.getAllPrincipals().stream()
        .filter(principal -> principal instanceof Account account && account.id().equals(accountId))
        .map(principal -> registry.getAllSessions(principal, false))
        .flatMap(List::stream)
        .forEach(SessionInformation::expireNow);
  }
}
