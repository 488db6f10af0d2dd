package tavrel.server.watch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import tavrel.core.InvalidValue;
import tavrel.core.watch.Sample;

class TraceFileTest {

  @Test
  void a_trace_is_read_with_or_without_headings_and_volts() {
    assertThat(TraceFile.read(bytes("t,C,V\n0,20.5,20.1\n0.5,22\n")))
        .containsExactly(new Sample(0, 20.5, 20.1), new Sample(0.5, 22, null));
    assertThat(TraceFile.read(bytes("s;bowl;pack\n0;20,5;20,1\n")))
        .containsExactly(new Sample(0, 20.5, 20.1));
  }

  @Test
  void rows_that_are_no_samples_are_named_and_nothing_is_guessed() {
    assertThatRefused("0,20,20\n1,hot,20\n", "line 2 needs seconds, °C");
    assertThatRefused("0,20,20\n1,5000,20\n", "line 2: celsius");
    assertThatRefused("seconds,celsius\n", "has no samples");
  }

  private static void assertThatRefused(String text, String says) {
    assertThatThrownBy(() -> TraceFile.read(bytes(text)))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining(says);
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }
}
