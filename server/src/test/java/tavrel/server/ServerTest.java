package tavrel.server;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.StreamSupport;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcBuilderCustomizer;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import tavrel.core.Fact;
import tavrel.server.people.Account;
import tavrel.server.people.Accounts;
import tavrel.server.people.Role;
import tavrel.server.store.Changes;
import tavrel.server.words.FactJson;
import tavrel.server.words.Wording;

/** The whole server in memory, spoken to through its real stack: filters, JSON, SQL. */
@SpringBootTest(
    properties = {
      "spring.datasource.url=jdbc:h2:mem:servertest;DB_CLOSE_DELAY=-1",
      "tavrel.password-strength=4",
      "tavrel.patience=60s"
    })
@AutoConfigureMockMvc
@Import(ServerTest.BodiesAtOnce.class)
public abstract class ServerTest {

  /** A made-up request has its body at once; nobody has to wait for it. */
  @TestConfiguration(proxyBeanMethods = false)
  static class BodiesAtOnce {

    @Bean
    MockMvcBuilderCustomizer bodiesAtOnce() {
      return builder ->
          builder.defaultRequest(MockMvcRequestBuilders.get("/").with(BodiesAtOnce::withBodyThere));
    }

    private static final LocalDate SUMMER = LocalDate.of(2027, 6, 15);

    /**
     * The hours of today on a day in summer, so that no test goes by the season in which it runs;
     * on the machine's own day with {@code -Dtavrel.test-day=own}.
     *
     * @param moment at which it stands still, or nothing
     */
    @Bean
    @Primary
    Clock testClock(@Value("${tavrel.test-moment:}") String moment) {
      Clock system = Clock.systemUTC();
      if (!moment.isEmpty()) {
        return Clock.fixed(Instant.parse(moment), ZoneOffset.UTC);
      }
      return "own".equals(System.getProperty("tavrel.test-day"))
          ? system
          : Clock.offset(
              system, Duration.ofDays(ChronoUnit.DAYS.between(LocalDate.now(system), SUMMER)));
    }

    /** What a test writes past the program is noticed by it. */
    @Bean
    JdbcTemplate noticed(DataSource database, Changes changes) {
      return new JdbcTemplate(database) {

        @Override
        public int update(String sql, @Nullable Object... values) {
          int rows = super.update(sql, values);
          changes.pastTheMappers();
          return rows;
        }

        @Override
        public int update(String sql) {
          int rows = super.update(sql);
          changes.pastTheMappers();
          return rows;
        }

        @Override
        public void execute(String sql) {
          super.execute(sql);
          changes.pastTheMappers();
        }
      };
    }

    private static MockHttpServletRequest withBodyThere(MockHttpServletRequest request) {
      request.setAsyncSupported(request.getContentLength() <= 0);
      return request;
    }
  }

  /** An answer: status, body as text, body as JSON. */
  protected record Answer(int status, String text, JsonNode json) {

    /** What the problem says of a field, or null. */
    public String at(String field) {
      for (JsonNode error : json.path("errors")) {
        if (error.path("field").asText().equals(field)) {
          return error.path("says").asText();
        }
      }
      return null;
    }
  }

  /** What a fact of an answer says in English; a sentence is left as it is. */
  protected static String plain(JsonNode fact) {
    return fact.isObject() ? plain(FactJson.read(fact.toString())) : fact.asText();
  }

  /** What a fact says in English. */
  protected static String plain(Fact fact) {
    return Wording.PLAIN.of(fact);
  }

  /** What each fact of a list says in English. */
  protected static List<String> plainEach(JsonNode facts) {
    return StreamSupport.stream(facts.spliterator(), false).map(ServerTest::plain).toList();
  }

  @Autowired protected MockMvc mvc;
  @Autowired protected ObjectMapper json;
  @Autowired protected Accounts accounts;

  /** The class that runs now: each begins with an outfit of its own. */
  private static @Nullable Class<?> running;

  @Autowired private JdbcTemplate tables;

  /**
   * What earlier classes left would be reckoned with on every page that shows the whole outfit.
   * People and rule sheets stay.
   */
  @BeforeEach
  void nothing_is_left_of_other_tests() {
    if (running == getClass()) {
      return;
    }
    running = getClass();
    tables.execute("set referential_integrity false");
    tables
        .queryForList(
            """
            select table_name
            from information_schema.tables
            where table_schema = 'PUBLIC' and table_type = 'BASE TABLE'
              and table_name not in ('ACCOUNT', 'RULE_SHEET')
              and table_name <> 'flyway_schema_history'
            """,
            String.class)
        .forEach(table -> tables.execute("truncate table " + table));
    tables.execute("set referential_integrity true");
  }

  /** A fresh person with a role. */
  protected Account person(Role role) {
    String login =
        role.name().toLowerCase(Locale.ROOT) + UUID.randomUUID().toString().substring(0, 8);
    return accounts.add(login, "P " + login, "long enough password", role);
  }

  protected Answer get(Account who, String path) {
    return send(MockMvcRequestBuilders.get(URI.create(path)), who);
  }

  protected Answer send(Account who, HttpMethod method, String path, Object body) {
    try {
      String content = body instanceof String text ? text : json.writeValueAsString(body);
      return send(
          MockMvcRequestBuilders.request(method, URI.create(path))
              .contentType(MediaType.APPLICATION_JSON)
              .content(content),
          who);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  protected Answer upload(Account who, String path, byte[] file) {
    return send(
        MockMvcRequestBuilders.multipart(URI.create(path))
            .file(new MockMultipartFile("file", "roster.csv", "text/csv", file)),
        who);
  }

  private Answer send(MockHttpServletRequestBuilder request, Account who) {
    try {
      MockHttpServletResponse response =
          mvc.perform(request.with(SecurityMockMvcRequestPostProcessors.csrf()).with(as(who)))
              .andReturn()
              .getResponse();
      String text = response.getContentAsString(StandardCharsets.UTF_8);
      boolean isJson =
          response.getContentType() != null && response.getContentType().contains("json");
      return new Answer(response.getStatus(), text, isJson ? json.readTree(text) : json.nullNode());
    } catch (Exception broken) {
      throw new IllegalStateException(broken);
    }
  }

  /** Signed in as someone; null is nobody. */
  protected static RequestPostProcessor as(Account who) {
    return who == null
        ? SecurityMockMvcRequestPostProcessors.anonymous()
        : SecurityMockMvcRequestPostProcessors.authentication(
            UsernamePasswordAuthenticationToken.authenticated(
                who,
                null,
                AuthorityUtils.createAuthorityList(
                    "ROLE_" + (who.firstPassword() ? "FIRST_PASSWORD" : who.role()))));
  }
}
