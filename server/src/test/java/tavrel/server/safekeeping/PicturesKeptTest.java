package tavrel.server.safekeeping;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tavrel.server.photo.PictureFiles;

/** Pictures go along in the outfit file, lie once beside backups, and are named where they miss. */
class PicturesKeptTest {

  private static final Instant NOW = Instant.parse("2027-04-01T20:00:00Z");

  private static final UUID ADA = new UUID(4, 1);

  @TempDir private Path folder;
  private Path data;
  private String one;
  private String other;

  @BeforeEach
  void an_outfit_with_two_pictures() throws Exception {
    data = Files.createDirectory(folder.resolve("data"));
    TableScript.migrations(DatabaseSwap.url(data.resolve("tavrel"))).load().migrate();
    one = kept("one");
    other = kept("other");
    try (Connection connection = open();
        Statement statement = connection.createStatement()) {
      statement.execute(
          "insert into account (id, login, name, password_hash, role, active, created_at) values ('%s', 'ada', 'Ada', 'x', 'KEEPER', true, now())"
              .formatted(ADA));
      for (String name : List.of(one, other, one)) {
        statement.execute(
            "insert into photo values (random_uuid(), 'HIVE', random_uuid(), '%s', 4, 3, now(), 'Ada', '%s', null, null)"
                .formatted(name, ADA));
      }
    }
  }

  @Test
  void the_outfit_file_brings_them_along_and_one_that_was_changed_is_refused() throws Exception {
    Path file = folder.resolve("outfit.zip");
    try (Connection connection = open();
        var out = Files.newOutputStream(file)) {
      OutfitWriter.write(connection, out, PictureFiles.of(data));
    }
    Path fresh = Files.createDirectory(folder.resolve("fresh"));
    try (OutfitFile outfit = OutfitFile.open(file, TableScript.newest())) {
      outfit.takePictures(PictureFiles.of(fresh));
    }
    assertThat(read(fresh.resolve("photos").resolve(one))).isEqualTo("one");
    assertThat(read(fresh.resolve("photos").resolve(other))).isEqualTo("other");
    assertThat(
            PictureFiles.of(fresh)
                .keep(one.replaceFirst("^.", "0"), new ByteArrayInputStream(new byte[3])))
        .isFalse();
  }

  @Test
  void backups_share_one_copy_of_each_and_it_goes_once_no_backup_names_it() throws Exception {
    PictureFiles pictures = PictureFiles.of(data);
    Path backups = data.resolve("backups");
    pictures.layBeside(backups, List.of(one, other), NOW, NOW.minus(14, ChronoUnit.DAYS));
    pictures.layBeside(
        backups, List.of(one), NOW.plus(10, ChronoUnit.DAYS), NOW.minus(4, ChronoUnit.DAYS));
    assertThat(names(backups.resolve("photos"))).containsExactlyInAnyOrder(one, other);
    pictures.layBeside(
        backups, List.of(one), NOW.plus(20, ChronoUnit.DAYS), NOW.plus(6, ChronoUnit.DAYS));
    assertThat(names(backups.resolve("photos"))).containsExactly(one);
  }

  @Test
  void a_backup_brought_in_elsewhere_finds_its_pictures_beside_it_and_names_those_that_miss()
      throws Exception {
    OutfitTask.backup(data, new PrintStream(new ByteArrayOutputStream(), true));
    Path backups = data.resolve("backups");
    assertThat(names(backups.resolve("photos"))).containsExactlyInAnyOrder(one, other);
    Path backup = zip(backups);
    Files.delete(backups.resolve("photos").resolve(other));
    Path elsewhere = folder.resolve("elsewhere");
    ByteArrayOutputStream said = new ByteArrayOutputStream();
    OutfitTask.restore(elsewhere, backup, new PrintStream(said, true, StandardCharsets.UTF_8));
    assertThat(names(elsewhere.resolve("photos"))).containsExactly(one);
    assertThat(said.toString(StandardCharsets.UTF_8))
        .contains("1 of its 2 pictures are not there")
        .contains(other)
        .doesNotContain(one);
  }

  private String kept(String content) throws Exception {
    byte[] bytes = content.getBytes(StandardCharsets.UTF_8);
    String name =
        HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes)) + ".jpg";
    assertThat(PictureFiles.of(data).keep(name, new ByteArrayInputStream(bytes))).isTrue();
    return name;
  }

  private Connection open() throws Exception {
    return DriverManager.getConnection(DatabaseSwap.urlInUse(data), DatabaseSwap.USER, "");
  }

  private static Path zip(Path backups) throws Exception {
    try (Stream<Path> files = Files.list(backups)) {
      return files.filter(file -> file.toString().endsWith(".zip")).findFirst().orElseThrow();
    }
  }

  private static List<String> names(Path photos) throws Exception {
    try (Stream<Path> files = Files.list(photos)) {
      return files.map(file -> file.getFileName().toString()).toList();
    }
  }

  private static String read(Path file) throws Exception {
    return Files.readString(file);
  }
}
