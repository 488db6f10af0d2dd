package tavrel.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.ActiveProfiles;

/** The large made-up outfit, with two of its apiaries. */
@SpringBootTest(
    properties = {
      "spring.datasource.url=jdbc:h2:mem:large;DB_CLOSE_DELAY=-1",
      "tavrel.demo.yards=2",
      "tavrel.password-strength=4"
    })
@ActiveProfiles({"demo", "large"})
@DirtiesContext
class LargeOutfitTest {

  @Autowired private JdbcTemplate tables;

  @Test
  void every_apiary_has_forty_hives_a_year_of_work_and_agreed_rounds() {
    assertThat(count("select count(*) from hive")).isEqualTo(80);
    assertThat(count("select count(*) from road_crew")).isEqualTo(4);
    assertThat(count("select count(distinct round_id) from treatment")).isEqualTo(9);
    assertThat(count("select count(*) from mite_count where kind = 'WASH'")).isEqualTo(64);
    assertThat(count("select count(*) from series")).isEqualTo(2);
  }

  private int count(String sql) {
    Integer found = tables.queryForObject(sql, Integer.class);
    return found == null ? 0 : found;
  }
}
