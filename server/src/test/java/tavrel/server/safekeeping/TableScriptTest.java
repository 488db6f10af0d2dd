package tavrel.server.safekeeping;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class TableScriptTest {

  private static TableScript script;

  @BeforeAll
  static void of_today() throws SQLException {
    script = TableScript.of(TableScript.newest());
  }

  @Test
  void an_index_is_of_the_table_that_it_stands_on_and_not_of_its_own_name() {
    String index =
        "CREATE INDEX \"PUBLIC\".\"TREATMENT_BY_DAY\" ON \"PUBLIC\".\"TREATMENT\"(\"ON_DAY\")";
    assertThat(TableScript.tableOf(index)).isEqualTo("treatment");
    assertThat(TableScript.tablesOf(index)).containsExactly("treatment");
  }

  @Test
  void a_key_is_about_the_table_that_names_and_the_one_that_is_named() {
    String key =
        "ALTER TABLE \"PUBLIC\".\"HIVE\" ADD CONSTRAINT \"PUBLIC\".\"C_1\" FOREIGN KEY(\"APIARY_ID\")"
            + " REFERENCES \"PUBLIC\".\"APIARY\"(\"ID\") NOCHECK";
    assertThat(TableScript.tableOf(key)).isEqualTo("hive");
    assertThat(TableScript.tablesOf(key)).isEqualTo(Set.of("hive", "apiary"));
  }

  @Test
  void the_run_log_gets_all_but_its_own_key_once_its_rows_are_in() {
    assertThat(script.after())
        .filteredOn(change -> TableScript.tableOf(change).equals("run_event"))
        .anyMatch(change -> change.contains("RUN_EVENT_BY_ROUND_AND_HIVE"))
        .anyMatch(change -> change.contains("FOREIGN KEY(\"ROUND_ID\")"));
    assertThat(script.before())
        .filteredOn(change -> TableScript.tableOf(change).equals("run_event"))
        .noneMatch(change -> change.contains("INDEX") || change.contains("FOREIGN"));
  }

  @Test
  void every_key_to_another_table_is_told_whenever_it_is_added() {
    long added =
        Stream.concat(script.before().stream(), script.after().stream())
            .filter(change -> change.contains("FOREIGN KEY"))
            // Sums are drawn from the rest, so nothing of them is brought in.
            .filter(change -> !TableScript.tableOf(change).startsWith("treatment_"))
            .filter(change -> !TableScript.tableOf(change).equals("hive_outlook"))
            .count();
    assertThat(script.keys()).hasSize((int) added);
  }

  @Test
  void what_is_reckoned_is_told_with_the_table_that_keeps_it() throws Exception {
    assertThat(TableScript.sums())
        .extracting(TableScript.Sum::table)
        .containsExactlyInAnyOrder("treatment_sum", "treatment_round", "treatment_special");
  }
}
