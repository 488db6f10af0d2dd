package tavrel.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tavrel.server.ServerTest;

/**
 * Every address of the API with who may ask for it: a new one stands in the list, or this fails.
 */
class RightsTest extends ServerTest {

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  private RequestMappingHandlerMapping handlers;

  @Test
  void every_address_stands_in_the_list_of_rights() throws IOException {
    assertThat(Rights.of(handlers).stream().map(RightsTest::line).sorted().toList())
        .isEqualTo(listed());
  }

  private static String line(Rights right) {
    return right.path()
        + " "
        + right.method()
        + " "
        + (right.roles().isEmpty()
            ? "ANYBODY"
            : right.roles().stream().map(Role::name).sorted().collect(Collectors.joining(",")));
  }

  private List<String> listed() throws IOException {
    try (InputStream list = Objects.requireNonNull(getClass().getResourceAsStream("/rights.txt"))) {
      return new String(list.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    }
  }
}
