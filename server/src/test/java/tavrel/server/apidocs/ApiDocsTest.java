package tavrel.server.apidocs;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tavrel.server.ServerTest;
import tavrel.server.people.Role;

class ApiDocsTest extends ServerTest {

  @Test
  void the_keeper_reads_what_other_programs_can_ask() {
    String page = get(person(Role.KEEPER), "/api/docs").text();
    assertThat(page)
        .contains("<b>PUT</b> /api/rounds/{id}")
        .contains("Plans a round; the same id and content again change nothing.")
        .contains("Allowed to crew and keeper alone.")
        .contains("href=\"#RuleSheet\"");
  }

  @Test
  void the_page_runs_nothing_and_holds_no_style_of_its_own() {
    assertThat(get(person(Role.KEEPER), "/api/docs").text())
        .doesNotContain("<script")
        .doesNotContain("style=")
        .doesNotContain("<style");
  }

  @Test
  void nobody_else_reads_it() {
    assertThat(get(person(Role.CREW), "/api/docs").status()).isEqualTo(403);
    assertThat(get(person(Role.READER), "/api/docs/openapi.json").status()).isEqualTo(403);
  }
}
