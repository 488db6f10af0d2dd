package tavrel.server.launch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.springframework.mock.env.MockEnvironment;
import tavrel.server.people.FirstKeeper;

class ReadyWordsTest {

  private final MockEnvironment environment =
      new MockEnvironment().withProperty("server.port", "9000");
  private final FirstKeeper firstKeeper = mock(FirstKeeper.class);

  @Test
  void the_first_start_says_where_the_code_is_wanted() {
    when(firstKeeper.code()).thenReturn("ABCDE-FGHJK");
    assertThat(printed())
        .contains("Tavrel is ready at http://localhost:9000")
        .contains("Open http://localhost:9000/welcome and enter this code: ABCDE-FGHJK")
        .doesNotContain("phones");
  }

  @Test
  void addresses_for_phones_are_said_with_the_certificate_that_they_must_trust() {
    environment
        .withProperty("server.address", "192.0.2.7")
        .withProperty("server.ssl.key-store", "/d/https.p12")
        .withProperty("tavrel.certificate", "/d/https.crt");
    assertThat(printed())
        .contains("ready at https://localhost:9000")
        .contains("On phones in this network: https://192.0.2.7:9000")
        .contains("must trust /d/https.crt once")
        .doesNotContain("code");
  }

  private String printed() {
    PrintStream console = System.out;
    ByteArrayOutputStream caught = new ByteArrayOutputStream();
    System.setOut(new PrintStream(caught, true, StandardCharsets.UTF_8));
    try {
      new ReadyWords(new Reach(environment), firstKeeper, false).tell();
    } finally {
      System.setOut(console);
    }
    return caught.toString(StandardCharsets.UTF_8);
  }
}
