package tavrel.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.UUID;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
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

  private final SecurityContextRepository contexts = new HttpSessionSecurityContextRepository();
  private final SessionRegistry registry;

  OpenSessions(SessionRegistry registry) {
    this.registry = registry;
  }

  /** Signs a person in, under a fresh session id. */
  public void begin(Account account, HttpServletRequest request, HttpServletResponse response) {
    request.getSession(true);
    String id = request.changeSessionId();
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(
            account, null, AuthorityUtils.createAuthorityList("ROLE_" + account.role())));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
    registry.registerNewSession(id, account);
  }

  /** Ends every session of an account. */
  void end(UUID accountId) {
    registry.getAllPrincipals().stream()
        .filter(principal -> principal instanceof Account account && account.id().equals(accountId))
        .map(principal -> registry.getAllSessions(principal, false))
        .flatMap(List::stream)
        .forEach(SessionInformation::expireNow);
  }
}
