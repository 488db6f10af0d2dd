package tavrel.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.http.HttpMethod;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tavrel.server.people.Account;
import tavrel.server.people.Role;
import tavrel.server.safekeeping.OutfitTask;

/**
 * What keepers had in November 2026 (tables of version 15) is still theirs: a data folder, an
 * outfit file, a backup, what a phone had kept, and the address that a calendar was subscribed at.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class EarlierDataTest extends ServerTest {

  private static final Instant MORNING = Instant.parse("2026-08-18T07:10:00Z");
  private static final String SAMPLES = "/samples/2026-11/";

  @TempDir private static Path folder;

  @DynamicPropertySource
  static void a_data_folder(DynamicPropertyRegistry properties) throws IOException {
    try (InputStream kept = new GZIPInputStream(sample("tavrel.mv.db.gz"))) {
      Files.copy(kept, folder.resolve("tavrel.mv.db"));
    }
    properties.add("tavrel.test-moment", MORNING::toString);
    properties.add("spring.datasource.url", () -> "jdbc:h2:file:" + folder.resolve("tavrel"));
  }

  /** This outfit stays as it came. */
  @Override
  @BeforeEach
  void nothing_is_left_of_other_tests() {}

  @Test
  @Order(1)
  void a_data_folder_is_opened_and_its_books_read_as_they_did() throws Exception {
    for (String book : List.of("register.csv", "counts.csv", "roster.csv", "burns.csv")) {
      assertThat(new String(file(pathOf(book)), StandardCharsets.UTF_8))
          .as(book)
          .isEqualTo(text(book));
    }
  }

  private static String pathOf(String book) {
    return switch (book) {
      case "register.csv" -> "/api/register/treatments.csv";
      case "counts.csv" -> "/api/counts.csv";
      case "burns.csv" -> "/api/files/burns.csv?year=2026";
      default -> "/api/files/" + book;
    };
  }

  @Test
  @Order(2)
  void an_outfit_file_and_a_backup_bring_in_the_same_outfit(@TempDir Path other) throws Exception {
    byte[] opened = file("/api/outfit/outfit.zip");
    for (String file : List.of("outfit.zip", "backup.zip")) {
      Path fresh = Files.createDirectory(other.resolve(file.replace(".", "")));
      Path brought = fresh.resolve(file);
      Files.copy(sample(file), brought);
      PrintStream unheard = new PrintStream(new ByteArrayOutputStream(), true);
      OutfitTask.restore(fresh.resolve("data"), brought, unheard);
      OutfitTask.backup(fresh.resolve("data"), unheard);
      assertThat(written(fresh.resolve("data/backups"))).as(file).isEqualTo(opened);
    }
  }

  /** A file as it streams to the keeper. */
  private byte[] file(String path) throws Exception {
    MvcResult begun =
        mvc.perform(MockMvcRequestBuilders.get(path).with(as(someone(Role.KEEPER)))).andReturn();
    MvcResult done =
        begun.getRequest().isAsyncStarted()
            ? mvc.perform(MockMvcRequestBuilders.asyncDispatch(begun)).andReturn()
            : begun;
    assertThat(done.getResponse().getStatus()).as(path).isEqualTo(200);
    return done.getResponse().getContentAsByteArray();
  }

  private static byte[] written(Path backups) throws IOException {
    try (Stream<Path> files = Files.list(backups)) {
      return Files.readAllBytes(files.findFirst().orElseThrow());
    }
  }

  @Test
  @Order(3)
  void a_calendar_is_answered_where_it_was_subscribed() throws Exception {
    assertThat(get(null, text("calendar.txt").strip()).text().lines().toList())
        .isEqualTo(text("calendar.ics").lines().toList());
  }

  @Test
  @Order(4)
  void what_a_phone_had_kept_is_taken() throws Exception {
    for (JsonNode kept : json.readTree(text("requests.json"))) {
      String path = kept.path("path").asText();
      Answer answer =
          send(
              someone(Role.CREW),
              HttpMethod.valueOf(kept.path("method").asText()),
              path,
              kept.path("body"));
      assertThat(answer.status()).as("%s: %s", path, answer.text()).isBetween(200, 204);
    }
    assertThat(get(someone(Role.CREW), "/api/rounds/" + ROUND + "/board").text())
        .contains("SEALED");
  }

  private static final String ROUND = "37900e99-6efb-3619-9395-38bef0a28ab7";

  private Account someone(Role role) {
    return accounts.all().stream().filter(each -> each.role() == role).findFirst().orElseThrow();
  }

  private static InputStream sample(String name) {
    InputStream found = EarlierDataTest.class.getResourceAsStream(SAMPLES + name);
    assertThat(found).as(name).isNotNull();
    return found;
  }

  private static String text(String name) {
    try (InputStream sample = sample(name)) {
      return new String(sample.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }
}
