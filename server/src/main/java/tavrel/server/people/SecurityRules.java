package tavrel.server.people;

import static org.springframework.http.HttpMethod.DELETE;
import static org.springframework.http.HttpMethod.GET;
import static org.springframework.http.HttpMethod.POST;
import static org.springframework.http.HttpMethod.PUT;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.session.SessionRegistry;
import org.springframework.security.core.session.SessionRegistryImpl;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.session.HttpSessionEventPublisher;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tavrel.core.Fact;
import tavrel.server.http.ProblemType;

/** Who may do what: each resource tells its own ({@link AllowedTo}); the rest stands here. */
@Configuration(proxyBeanMethods = false)
class SecurityRules {

  private final ObjectMapper json;

  /** Long enough to hold from one season to the next, s. */
  private static final long HALF_A_YEAR = 15_552_000;

  /**
   * Whether browsers are told to come over HTTPS alone. With the program's own certificate that
   * would lock keepers out for good as soon as it is made anew, so it is only on where somebody
   * says so.
   */
  private final boolean hsts;

  SecurityRules(ObjectMapper json, @Value("${tavrel.hsts}") boolean hsts) {
    this.json = json;
    this.hsts = hsts;
  }

  @Bean
  SecurityFilterChain rules(
      HttpSecurity http,
      SessionRegistry sessions,
      OpenSessions open,
      @Qualifier("requestMappingHandlerMapping") RequestMappingHandlerMapping handlers)
      throws Exception {
    List<Rights> rights = Rights.of(handlers);
    CsrfTokenRequestAttributeHandler token = new CsrfTokenRequestAttributeHandler();
    token.setCsrfRequestAttributeName(null);
    CookieCsrfTokenRepository cookie = CookieCsrfTokenRepository.withHttpOnlyFalse();
    cookie.setCookieCustomizer(settings -> settings.sameSite("Strict"));
    return http.authorizeHttpRequests(
            may -> {
              may.dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR)
                  .permitAll()
                  .requestMatchers("/error")
                  .denyAll()
                  .requestMatchers("/api/session/password")
                  .authenticated();
              rights.forEach(right -> right.tell(may));
              may.requestMatchers(GET, "/api/**")
                  .hasAnyRole(Rights.everybody())
                  .requestMatchers(POST, "/api/**")
                  .hasAnyRole(Rights.everybody())
                  .requestMatchers(PUT, "/api/**")
                  .hasAnyRole(Rights.everybody())
                  .requestMatchers(DELETE, "/api/**")
                  .hasAnyRole(Rights.everybody())
                  .requestMatchers("/api/**")
                  .denyAll()
                  .requestMatchers(GET, "/**")
                  .permitAll()
                  .anyRequest()
                  .denyAll();
            })
        .csrf(csrf -> csrf.csrfTokenRepository(cookie).csrfTokenRequestHandler(token))
        .sessionManagement(
            session ->
                session
                    .sessionCreationPolicy(SessionCreationPolicy.IF_REQUIRED)
                    .maximumSessions(-1)
                    .sessionRegistry(sessions)
                    .expiredSessionStrategy(
                        event ->
                            answer(
                                event.getResponse(),
                                ProblemType.NOT_SIGNED_IN,
                                HttpStatus.UNAUTHORIZED,
                                Fact.of("refused.rightsChanged"))))
        .exceptionHandling(
            refusal ->
                refusal
                    .authenticationEntryPoint(
                        (request, response, e) ->
                            answer(
                                response,
                                ProblemType.NOT_SIGNED_IN,
                                HttpStatus.UNAUTHORIZED,
                                Fact.of("refused.signIn")))
                    .accessDeniedHandler(
                        (request, response, e) ->
                            refuse(request, response, e instanceof CsrfException)))
        .addFilterAfter(new NamesOfToday(open), SecurityContextHolderFilter.class)
        .headers(
            headers ->
                headers
                    .httpStrictTransportSecurity(
                        strict -> {
                          if (hsts) {
                            strict.includeSubDomains(false).maxAgeInSeconds(HALF_A_YEAR);
                          } else {
                            strict.disable();
                          }
                        })
                    .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN))
                    .permissionsPolicyHeader(
                        policy -> policy.policy("camera=(), microphone=(), geolocation=()")))
        .requestCache(cache -> cache.disable())
        .formLogin(form -> form.disable())
        .httpBasic(basic -> basic.disable())
        .logout(logout -> logout.disable())
        .anonymous(Customizer.withDefaults())
        .build();
  }

  @Bean
  PasswordEncoder passwords(@Value("${tavrel.password-strength}") int strength) {
    return new BCryptPasswordEncoder(strength);
  }

  @Bean
  SessionRegistry sessionRegistry() {
    return new SessionRegistryImpl();
  }

  @Bean
  HttpSessionEventPublisher sessionEvents() {
    return new HttpSessionEventPublisher();
  }

  /** People sign in through {@link SessionResource}; nothing else may find them. */
  @Bean
  UserDetailsService nobody() {
    return login -> {
      throw new UsernameNotFoundException(login);
    };
  }

  private void refuse(HttpServletRequest request, HttpServletResponse response, boolean staleToken)
      throws IOException {
    if (staleToken) {
      answer(response, ProblemType.STALE_PAGE, HttpStatus.FORBIDDEN, Fact.of("refused.stalePage"));
    } else if (request.isUserInRole(OpenSessions.FIRST_PASSWORD)) {
      answer(
          response,
          ProblemType.FIRST_PASSWORD,
          HttpStatus.FORBIDDEN,
          Fact.of("refused.firstPassword"));
    } else {
      answer(response, ProblemType.FORBIDDEN, HttpStatus.FORBIDDEN, Fact.of("refused.role"));
    }
  }

  /** Lets each request go on under the name that its person has now. */
  private static final class NamesOfToday extends OncePerRequestFilter {

    private final OpenSessions open;

    NamesOfToday(OpenSessions open) {
      this.open = open;
    }

    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain rest)
        throws ServletException, IOException {
      open.refresh(SecurityContextHolder.getContext().getAuthentication(), request, response);
      rest.doFilter(request, response);
    }
  }

  private void answer(HttpServletResponse response, ProblemType type, HttpStatus status, Fact says)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    json.writeValue(response.getOutputStream(), type.problem(status, says));
  }
}
