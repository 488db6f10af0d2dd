package tavrel.server.safekeeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ColumnKindTest {

  @ParameterizedTest
  @ValueSource(
      strings = {
        "2025-08-18T04:40:00Z",
        "2025-08-18T04:40:07.5Z",
        "2024-02-29T23:59:59.999999Z",
        "1970-01-01T00:00:00.000000001Z"
      })
  void a_moment_is_read_as_the_library_reads_it(String text) {
    assertThat(ColumnKind.MOMENT.read(text))
        .isEqualTo(OffsetDateTime.ofInstant(Instant.parse(text), ZoneOffset.UTC));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "2025-08-18",
        "2025-08-18T04:40Z",
        "2025-08-18T04:40:00",
        "2025-08-18T04:40:00.Z",
        "2025-08-18T04:40:00+02:00",
        "2025-08-18 04:40:00Z",
        "2025-08-18T04:40:00.1234567890Z",
        "+025-08-18T04:40:00Z",
        "2025-08-18T04:40:-1Z"
      })
  void what_is_no_moment_is_refused(String text) {
    assertThatThrownBy(() -> ColumnKind.MOMENT.read(text))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void a_day_that_is_not_in_the_calendar_is_refused() {
    assertThatThrownBy(() -> ColumnKind.MOMENT.read("2025-02-29T00:00:00Z"))
        .isInstanceOf(DateTimeException.class);
  }

  @Test
  void an_id_is_read_as_it_is_written() {
    String text = "0198c3d2-7f00-7abc-8def-0123456789ab";
    assertThat(ColumnKind.ID.read(text)).isEqualTo(UUID.fromString(text)).hasToString(text);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "1-2-3-4-5",
        "0198C3D2-7f00-7abc-8def-0123456789ab",
        "0198c3d27f00-7abc-8def-0123456789ab-",
        "0198c3d2-7f00-7abc-8def-0123456789ag",
        "0198c3d2-7f00-7abc-8def-0123456789abc"
      })
  void what_would_not_come_out_as_the_same_id_is_refused(String text) {
    assertThatThrownBy(() -> ColumnKind.ID.read(text)).isInstanceOf(IllegalArgumentException.class);
  }
}
