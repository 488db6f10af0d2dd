package tavrel.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import tavrel.server.ServerTest;
import tavrel.server.words.Language;

class LanguageTest extends ServerTest {

  private static final String PATH = "/api/session/language";

  @Test
  void is_the_devices_until_somebody_chooses_and_can_be_so_again() {
    Account one = person(Role.CREW);
    assertThat(get(one, PATH).json().path("own").isMissingNode()).isTrue();
    send(one, HttpMethod.PUT, PATH, Map.of("own", "SPANISH"));
    assertThat(get(one, PATH).json().path("own").asText()).isEqualTo("SPANISH");
    send(one, HttpMethod.PUT, PATH, Map.of());
    assertThat(get(one, PATH).json().path("own").isMissingNode()).isTrue();
  }

  @Test
  void one_that_is_not_spoken_is_refused_and_the_old_one_stays() {
    Account one = person(Role.READER);
    send(one, HttpMethod.PUT, PATH, Map.of("own", "ITALIAN"));
    assertThat(send(one, HttpMethod.PUT, PATH, Map.of("own", "LATIN")).status()).isEqualTo(400);
    assertThat(get(one, PATH).json().path("own").asText()).isEqualTo("ITALIAN");
  }

  @ParameterizedTest
  @CsvSource({"es-MX, SPANISH", "it, ITALIAN", "en-GB, ENGLISH", "fr-FR, ENGLISH"})
  void a_device_gets_the_nearest_that_is_spoken(String asked, Language spoken) {
    assertThat(Language.nearest(Locale.forLanguageTag(asked))).isEqualTo(spoken);
  }
}
