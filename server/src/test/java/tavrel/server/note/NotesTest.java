package tavrel.server.note;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/** Notes are kept once, read by all, and struck out by who wrote them or the keeper. */
class NotesTest extends Yard {

  @Test
  void a_note_is_kept_once_and_stands_in_the_life_of_its_hive() {
    UUID id = UUID.randomUUID();
    assertThat(write(id, "HIVE", hives.get(0), "drone layer?").status()).isEqualTo(200);
    assertThat(write(id, "HIVE", hives.get(0), "drone layer?").status()).isEqualTo(200);
    assertThat(notes("HIVE", hives.get(0)))
        .hasSize(1)
        .first()
        .satisfies(note -> assertThat(note.path("writtenBy").asText()).isEqualTo(crew.name()));
    assertThat(get(reader, "/api/hives/" + hives.get(0)).text()).contains("drone layer?");
  }

  @Test
  void a_note_about_nothing_or_without_a_word_is_refused() {
    assertThat(write(UUID.randomUUID(), "HIVE", UUID.randomUUID().toString(), "x").status())
        .isEqualTo(404);
    assertThat(write(UUID.randomUUID(), "LOT", UUID.randomUUID().toString(), "x").status())
        .isEqualTo(404);
    assertThat(write(UUID.randomUUID(), "YARD", apiaryId, "  ").text())
        .contains("\"field\":\"says\"");
    assertThat(write(UUID.randomUUID(), "YARD", apiaryId, "x".repeat(2_001)).status())
        .isEqualTo(400);
    assertThat(
            send(
                    reader,
                    HttpMethod.PUT,
                    "/api/notes/" + UUID.randomUUID(),
                    Map.of("about", "YARD", "aboutId", apiaryId, "says", "x"))
                .status())
        .isEqualTo(403);
  }

  @Test
  void who_wrote_it_strikes_it_out_and_so_may_the_keeper() {
    UUID own = UUID.randomUUID();
    write(own, "YARD", apiaryId, "gate sticks");
    var other = person(tavrel.server.people.Role.CREW);
    assertThat(send(other, HttpMethod.DELETE, "/api/notes/" + own, "").status()).isEqualTo(409);
    assertThat(send(keeper, HttpMethod.DELETE, "/api/notes/" + own, "").status()).isEqualTo(200);
    assertThat(notes("YARD", apiaryId)).isEmpty();
  }

  private Answer write(UUID id, String about, String aboutId, String says) {
    return send(
        crew,
        HttpMethod.PUT,
        "/api/notes/" + id,
        Map.of("about", about, "aboutId", aboutId, "says", says));
  }

  private com.fasterxml.jackson.databind.JsonNode notes(String about, String aboutId) {
    return get(reader, "/api/notes?about=" + about + "&aboutId=" + aboutId).json();
  }
}
