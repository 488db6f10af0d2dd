package tavrel.server.guide;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tavrel.server.ServerTest;
import tavrel.server.people.Account;
import tavrel.server.people.Role;

class GuideTest extends ServerTest {

  @Test
  void every_page_of_the_guide_is_served_without_a_script_and_its_links_lead_on() throws Exception {
    Account reader = person(Role.READER);
    List<String> pages;
    try (Stream<Path> files = Files.list(Path.of("../docs/guide"))) {
      pages = files.map(file -> file.getFileName().toString().replace(".md", "")).toList();
    }
    assertThat(pages).contains("index", "year");
    for (String page : pages) {
      Answer answer = get(reader, "/api/guide/" + page);
      assertThat(answer.status()).as(page).isEqualTo(200);
      assertThat(answer.text()).contains("<h1>").doesNotContain("<script", "style=", ".md\"");
    }
    assertThat(get(reader, "/api/guide/index").text()).contains("href=\"/api/guide/first-yard\"");
    assertThat(get(reader, "/api/guide/year").text()).contains("<table>");
  }

  @Test
  void nothing_but_its_pages_is_read() {
    Account reader = person(Role.READER);

    assertThat(get(reader, "/api/guide/nothing").status()).isEqualTo(404);
    assertThat(get(reader, "/api/guide/..%2Fapplication").status()).isIn(400, 404);
  }
}
