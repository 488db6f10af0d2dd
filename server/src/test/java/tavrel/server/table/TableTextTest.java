package tavrel.server.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import org.apache.commons.csv.CSVParser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tavrel.core.InvalidValue;

class TableTextTest {

  @ParameterizedTest
  @ValueSource(strings = {"a,b\n\"1,2\n", "\"a,b\n1,2", "a,b\n\"1\"x,2\n"})
  void a_quotation_mark_that_is_never_closed_is_named(String text) {
    assertThatThrownBy(() -> table(text).read(CSVParser::getRecords))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("quotation mark");
  }

  @Test
  void a_million_commas_are_read_or_refused_at_once() {
    long begin = System.nanoTime();
    assertThatThrownBy(() -> table(",".repeat(1_000_000))).isInstanceOf(InvalidValue.class);
    table("a,b\n" + ",".repeat(1_000_000)).read(CSVParser::getRecords);
    assertThat((System.nanoTime() - begin) / 1e9).as("seconds").isLessThan(3);
  }

  private static TableText table(String text) {
    return TableText.of(text.getBytes(StandardCharsets.UTF_8));
  }
}
