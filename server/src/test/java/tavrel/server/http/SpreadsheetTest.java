package tavrel.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SpreadsheetTest {

  @ParameterizedTest
  @ValueSource(strings = {"=1+1", "+1", "-1", "@x", "\t=1", "＝1+1", "＋1", "－1", "＠x"})
  void what_starts_like_a_formula_is_no_formula(String text) {
    assertThat(Spreadsheet.safe(text)).isEqualTo("'" + text);
  }

  @ParameterizedTest
  @ValueSource(strings = {"=1+1", "'=1", "''＝x", "'Tis", "plain", "", "'"})
  void what_goes_out_comes_in_again_as_the_same(String text) {
    assertThat(Spreadsheet.plain(Spreadsheet.safe(text))).isEqualTo(text);
  }

  @Test
  void other_text_stays_as_it_is() {
    assertThat(Spreadsheet.safe("F1 = front")).isEqualTo("F1 = front");
    assertThat(Spreadsheet.safe(null)).isEmpty();
  }
}
