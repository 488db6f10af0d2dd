package tavrel.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import tavrel.server.Yard;

/** The database on a disk that fills up while it writes, and has room again later. */
@DirtiesContext
class FullDiskTest extends Yard {

  @DynamicPropertySource
  static void onADiskThatCanBeFilled(DynamicPropertyRegistry registry) {
    try {
      FullDisk.plugIn();
      Path folder = Files.createTempDirectory("full-disk");
      registry.add("spring.datasource.hikari.connection-timeout", () -> 500);
      registry.add(
          "spring.datasource.url",
          () -> "jdbc:h2:" + FullDisk.SCHEME + ":" + folder.resolve("tavrel") + ";WRITE_DELAY=0");
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  @AfterEach
  void room() {
    FullDisk.FULL.set(false);
  }

  @Test
  void what_was_kept_stays_and_the_server_goes_on_by_itself_when_there_is_room() {
    UUID before = UUID.randomUUID();
    assertThat(wash(before).status()).isEqualTo(204);
    FullDisk.FULL.set(true);
    UUID lost = UUID.randomUUID();
    for (int i = 0; i < 12; i++) {
      assertThat(wash(lost).status()).as("phones keep it and send it again").isIn(503, 507);
    }
    FullDisk.FULL.set(false);
    // The pool of connections tries again after pauses of up to ten seconds.
    Instant until = Instant.now().plusSeconds(30);
    while (wash(lost).status() != 204) {
      assertThat(Instant.now()).as("it comes back by itself").isBefore(until);
    }
    JsonNode counts = get(keeper, "/api/apiaries/" + apiaryId + "/counts").json();
    assertThat(counts.toString()).contains(before.toString()).contains(lost.toString());
  }

  private Answer wash(UUID id) {
    return send(
        crew,
        HttpMethod.POST,
        "/api/counts",
        List.of(
            Map.of(
                "id",
                id,
                "hiveId",
                hives.get(0),
                "day",
                today,
                "kind",
                "WASH",
                "mites",
                3,
                "bees",
                300,
                "natural",
                false)));
  }
}
