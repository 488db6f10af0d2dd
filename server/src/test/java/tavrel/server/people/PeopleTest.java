package tavrel.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import jakarta.servlet.http.Cookie;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import tavrel.server.ServerTest;

class PeopleTest extends ServerTest {

  private static final String ID = UUID.randomUUID().toString();

  @ParameterizedTest
  @CsvSource({
    // method, path, keeper, crew, reader, nobody: 403 and 401 are refusals, anything else got
    // through
    "GET,    /api/today,                        1, 1, 1, 0",
    "GET,    /api/register,                     1, 1, 1, 0",
    "GET,    /api/apiaries,                     1, 1, 1, 0",
    "GET,    /api/rounds/{id},                  1, 1, 1, 0",
    "POST,   /api/rounds/{id}/events,           1, 1, 0, 0",
    "PUT,    /api/rounds/{id}/people-check,     1, 1, 0, 0",
    "POST,   /api/apiaries/{id}/dose-sheet,     1, 1, 0, 0",
    "POST,   /api/apiaries/{id}/hive-changes,   1, 1, 0, 0",
    "PUT,    /api/apiaries/{id}/walk,           1, 0, 0, 0",
    "PUT,    /api/apiaries/{id}/hives/{id},     1, 0, 0, 0",
    "PUT,    /api/rounds/{id}/kit/cloths,       1, 1, 0, 0",
    "PUT,    /api/tools/{id},                   1, 0, 0, 0",
    "PUT,    /api/packs/{id},                   1, 0, 0, 0",
    "PUT,    /api/test-burns/{id},              1, 1, 0, 0",
    "DELETE, /api/test-burns/{id},              1, 0, 0, 0",
    "PUT,    /api/gear-notes/{id},              1, 1, 0, 0",
    "PUT,    /api/scoops/{id},                  1, 1, 0, 0",
    "DELETE, /api/scoops/{id},                  1, 0, 0, 0",
    "GET,    /api/gear,                         1, 1, 1, 0",
    "GET,    /api/rule-sheets/read,             1, 1, 1, 0",
    "PUT,    /api/rounds/{id},                  1, 0, 0, 0",
    "DELETE, /api/rounds/{id},                  1, 0, 0, 0",
    "PUT,    /api/apiaries/{id},                1, 0, 0, 0",
    "PUT,    /api/rule-sheets/{id},             1, 0, 0, 0",
    "POST,   /api/roster/preview,               1, 0, 0, 0",
    "POST,   /api/roster/import,                1, 0, 0, 0",
    "GET,    /api/people,                       1, 0, 0, 0",
    "POST,   /api/people,                       1, 0, 0, 0",
    "PUT,    /api/people/{id},                  1, 0, 0, 0",
    "PUT,    /api/apiaries/{id}/own-forecasts/{id}, 1, 1, 0, 0",
    "DELETE, /api/apiaries/{id}/own-forecasts/of/2026-08-18, 1, 1, 0, 0",
    "POST,   /api/apiaries/{id}/weather-file/import, 1, 0, 0, 0",
    "PUT,    /api/session/work-hours,           1, 1, 1, 0",
    "PUT,    /api/session/password,             1, 1, 1, 0",
    "PATCH,  /api/apiaries/{id},                0, 0, 0, 0"
  })
  void what_each_role_may_do(
      String method, String path, int keeper, int crew, int reader, int nobody) {
    String at = path.replace("{id}", ID);
    HttpMethod how = HttpMethod.valueOf(method);
    assertThat(allowed(send(person(Role.KEEPER), how, at, "[]")))
        .as("keeper")
        .isEqualTo(keeper == 1);
    assertThat(allowed(send(person(Role.CREW), how, at, "[]"))).as("crew").isEqualTo(crew == 1);
    assertThat(allowed(send(person(Role.READER), how, at, "[]")))
        .as("reader")
        .isEqualTo(reader == 1);
    assertThat(allowed(send(null, how, at, "[]"))).as("nobody").isEqualTo(nobody == 1);
  }

  @Test
  void nobody_moves_the_time_of_a_real_outfit() {
    for (Role role : Role.values()) {
      assertThat(
              send(person(role), HttpMethod.POST, "/api/demo/clock", Map.of("seconds", 2)).status())
          .as(role.name())
          .isEqualTo(404);
    }
  }

  @Test
  void signing_in_gives_a_session_of_its_own_and_signing_out_ends_it() throws Exception {
    Account wren = person(Role.KEEPER);
    MockHttpSession before = new MockHttpSession();
    String idBefore = before.getId();
    MvcResult entered =
        mvc.perform(signIn(wren.login(), "long enough password").session(before)).andReturn();
    assertThat(entered.getResponse().getStatus()).isEqualTo(200);
    MockHttpSession session = (MockHttpSession) entered.getRequest().getSession(false);
    assertThat(session.getId()).as("no session fixation").isNotEqualTo(idBefore);
    assertThat(
            mvc.perform(MockMvcRequestBuilders.get("/api/people").session(session))
                .andReturn()
                .getResponse()
                .getStatus())
        .isEqualTo(200);
    mvc.perform(MockMvcRequestBuilders.delete("/api/session").session(session).with(csrf()));
    assertThat(session.isInvalid()).isTrue();
  }

  @Test
  void a_wrong_password_an_unknown_login_and_a_stopped_account_get_the_same_answer()
      throws Exception {
    Account keeper = person(Role.KEEPER);
    Account stopped = person(Role.CREW);
    send(
        keeper,
        HttpMethod.PUT,
        "/api/people/" + stopped.id(),
        Map.of("name", "Gone", "role", "CREW", "active", false));
    for (String login :
        new String[] {keeper.login(), "nobody-" + UUID.randomUUID(), stopped.login()}) {
      String password = login.equals(stopped.login()) ? "long enough password" : "wrong password";
      MockHttpServletResponse answer =
          mvc.perform(signIn(login, password).with(from(login))).andReturn().getResponse();
      assertThat(answer.getStatus()).isEqualTo(401);
      assertThat(answer.getContentAsString()).contains("do not go together");
    }
  }

  @Test
  void guessing_is_slowed_down() throws Exception {
    String login = "guess-" + UUID.randomUUID();
    int last = 0;
    for (int i = 0; i < 6; i++) {
      last =
          mvc.perform(signIn(login, "wrong").with(from("guesser")))
              .andReturn()
              .getResponse()
              .getStatus();
    }
    assertThat(last).isEqualTo(429);
  }

  @Test
  void a_request_without_the_token_is_refused() throws Exception {
    Account keeper = person(Role.KEEPER);
    int status =
        mvc.perform(
                MockMvcRequestBuilders.post("/api/people")
                    .with(as(keeper))
                    .contentType(MediaType.APPLICATION_JSON)
                    .content("{}")
                    .cookie(new Cookie("XSRF-TOKEN", "x")))
            .andReturn()
            .getResponse()
            .getStatus();
    assertThat(status).isEqualTo(403);
  }

  @Test
  void a_person_whose_rights_change_is_signed_out() throws Exception {
    Account keeper = person(Role.KEEPER);
    Account tam = person(Role.CREW);
    MockHttpSession session =
        (MockHttpSession)
            mvc.perform(signIn(tam.login(), "long enough password"))
                .andReturn()
                .getRequest()
                .getSession(false);
    send(
        keeper,
        HttpMethod.PUT,
        "/api/people/" + tam.id(),
        Map.of("name", "Tam", "role", "READER", "active", true));
    assertThat(
            mvc.perform(MockMvcRequestBuilders.get("/api/today").session(session))
                .andReturn()
                .getResponse()
                .getStatus())
        .isEqualTo(401);
  }

  @Test
  void a_person_needs_a_free_login_and_a_password_that_is_long_enough() {
    Account keeper = person(Role.KEEPER);
    assertThat(add(keeper, "short" + System.nanoTime(), "short").at("password"))
        .contains("10 characters");
    assertThat(
            add(keeper, keeper.login().toUpperCase(Locale.ROOT), "long enough password")
                .at("login"))
        .contains("taken");
    assertThat(add(keeper, "white space", "long enough password").at("login")).contains("letters");
    assertThat(add(keeper, "long" + System.nanoTime(), "ä".repeat(40)).at("password"))
        .contains("72 bytes");
  }

  private Answer add(Account keeper, String login, String password) {
    return send(
        keeper,
        HttpMethod.POST,
        "/api/people",
        Map.of("login", login, "name", "New", "password", password, "role", "CREW"));
  }

  private static boolean allowed(Answer answer) {
    return answer.status() != 401 && answer.status() != 403;
  }

  private static RequestPostProcessor from(String address) {
    return request -> {
      request.setRemoteAddr(address);
      return request;
    };
  }

  private static MockHttpServletRequestBuilder signIn(String login, String password) {
    return MockMvcRequestBuilders.post("/api/session")
        .with(csrf())
        .contentType(MediaType.APPLICATION_JSON)
        .content("{\"login\":\"" + login + "\",\"password\":\"" + password + "\"}");
  }

  @Test
  void everybody_changes_his_own_password_and_only_with_the_one_that_holds() {
    Account crew = person(Role.CREW);
    String path = "/api/session/password";
    assertThat(
            send(
                    crew,
                    HttpMethod.PUT,
                    path,
                    Map.of("current", "a guess", "wanted", "quite another one"))
                .at("current"))
        .isEqualTo("is not your password");
    assertThat(
            send(
                    crew,
                    HttpMethod.PUT,
                    path,
                    Map.of("current", "long enough password", "wanted", "short"))
                .at("wanted"))
        .contains("at least 10 characters");
    assertThat(
            send(
                    crew,
                    HttpMethod.PUT,
                    path,
                    Map.of("current", "long enough password", "wanted", "quite another one"))
                .status())
        .isEqualTo(200);
    assertThat(accounts.verified(crew.login(), "long enough password")).isEmpty();
    assertThat(accounts.verified(crew.login(), "quite another one")).isPresent();
  }

  @Test
  void a_first_password_opens_nothing_until_it_is_changed() throws Exception {
    Account keeper = person(Role.KEEPER);
    String login = "new-" + System.nanoTime();
    assertThat(add(keeper, login, "a first password").json().path("firstPassword").asBoolean())
        .isTrue();
    MockHttpSession session = signedIn(login, "a first password");
    MockHttpServletResponse shut = get(session, "/api/today");
    assertThat(shut.getStatus()).isEqualTo(403);
    assertThat(shut.getContentAsString())
        .contains("urn:tavrel:problem:first-password", "Choose one of your own first");
    assertThat(get(session, "/api/session").getStatus()).isEqualTo(200);

    MvcResult changed =
        mvc.perform(
                MockMvcRequestBuilders.put("/api/session/password")
                    .session(session)
                    .with(csrf())
                    .contentType(MediaType.APPLICATION_JSON)
                    .content(
                        """
                        {"current": "a first password", "wanted": "one of my very own"}"""))
            .andReturn();
    assertThat(changed.getResponse().getContentAsString()).contains("\"firstPassword\":false");
    MockHttpSession own = (MockHttpSession) changed.getRequest().getSession(false);
    assertThat(get(own, "/api/today").getStatus()).isEqualTo(200);
  }

  @Test
  void a_password_that_the_keeper_sets_is_a_first_one_again() throws Exception {
    Account keeper = person(Role.KEEPER);
    Account tam = person(Role.CREW);
    Map<String, Object> anew =
        Map.of("name", "Tam", "role", "CREW", "active", true, "password", "set by the keeper");
    send(keeper, HttpMethod.PUT, "/api/people/" + tam.id(), anew);
    assertThat(get(signedIn(tam.login(), "set by the keeper"), "/api/today").getStatus())
        .isEqualTo(403);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"password123", "qwertyuiop", "1234567890", "aaaaaaaaaaaa", "tavreltavrel"})
  void the_common_and_the_trivial_are_no_passwords(String common) {
    assertThat(add(person(Role.KEEPER), "c" + System.nanoTime(), common).at("password"))
        .contains("among the first that others would try");
  }

  @Test
  void the_own_login_is_no_password() {
    assertThat(add(person(Role.KEEPER), "quillfeather", "quillfeather").at("password"))
        .contains("among the first");
  }

  @Test
  void a_changed_name_reaches_sessions_that_stand_open() throws Exception {
    Account keeper = person(Role.KEEPER);
    Account tam = person(Role.CREW);
    MockHttpSession session = signedIn(tam.login(), "long enough password");
    send(
        keeper,
        HttpMethod.PUT,
        "/api/people/" + tam.id(),
        Map.of("name", "Tam Ashe", "role", "CREW", "active", true));
    assertThat(get(session, "/api/session").getContentAsString()).contains("Tam Ashe");
    assertThat(get(session, "/api/today").getStatus()).isEqualTo(200);
  }

  private MockHttpSession signedIn(String login, String password) throws Exception {
    return (MockHttpSession)
        mvc.perform(signIn(login, password).with(from(login)))
            .andReturn()
            .getRequest()
            .getSession(false);
  }

  private MockHttpServletResponse get(MockHttpSession session, String path) throws Exception {
    return mvc.perform(MockMvcRequestBuilders.get(path).session(session)).andReturn().getResponse();
  }
}
