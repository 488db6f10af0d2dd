package tavrel.server.safekeeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SafeStartTest {

  private static final Instant NOW = Instant.parse("2026-08-18T02:40:00Z");

  @TempDir private Path folder;

  @Test
  void an_empty_folder_is_a_first_start() {
    assertThatCode(() -> SafeStart.check(folder, NOW)).doesNotThrowAnyException();
    assertThat(folder).isEmptyDirectory();
  }

  @Test
  void an_outfit_as_it_should_be_is_left_as_it_is() throws Exception {
    outfit(TableScript.newest());
    SafeStart.check(folder, NOW);
    assertThat(names()).containsExactly("tavrel.mv.db");
  }

  @Test
  void tables_that_are_about_to_change_are_kept_as_they_were() throws Exception {
    outfit(13);
    SafeStart.check(folder, NOW);
    assertThat(names()).contains("before-tables-14.mv.db");
    SafeStart.check(folder, NOW.plusSeconds(1));
    assertThat(names()).hasSize(2);
  }

  @Test
  void newer_tables_than_this_program_knows_are_not_opened() throws Exception {
    outfit(TableScript.newest());
    try (Connection connection = open();
        Statement statement = connection.createStatement()) {
      statement.execute(
          "update \"flyway_schema_history\" set \"version\" = '99' where \"version\" = '14'");
    }
    refused().hasMessageContaining("was written by a newer Tavrel").hasMessageContaining("99");
  }

  @Test
  void a_second_server_on_the_folder_is_told_so() throws Exception {
    outfit(TableScript.newest());
    Process other = holds(folder);
    try {
      refused().hasMessageContaining("Another server has");
    } finally {
      other.destroyForcibly().waitFor();
    }
  }

  @Test
  void a_damaged_an_empty_and_a_missing_file_lead_to_the_latest_backup() throws Exception {
    outfit(TableScript.newest());
    Path backup = backup();
    Path file = folder.resolve("tavrel.mv.db");
    byte[] bytes = Files.readAllBytes(file);
    for (int i = 0; i < bytes.length; i++) {
      bytes[i] = (byte) (bytes[i] ^ 0x5a);
    }
    Files.write(file, bytes);
    refused().hasMessageContaining("is damaged").hasMessageContaining("restore " + backup);
    Files.write(file, new byte[0]);
    refused().hasMessageContaining("is empty");
    Files.delete(file);
    refused().hasMessageContaining("is gone, though backups of it are there");
  }

  @Test
  void a_backup_comes_back_over_a_damaged_file_which_is_kept() throws Exception {
    outfit(TableScript.newest());
    Path backup = backup();
    Path file = folder.resolve("tavrel.mv.db");
    byte[] bytes = Files.readAllBytes(file);
    Arrays.fill(bytes, (byte) 7);
    Files.write(file, bytes);
    ByteArrayOutputStream said = new ByteArrayOutputStream();
    OutfitTask.restore(folder, backup, new PrintStream(said, true, StandardCharsets.UTF_8));
    assertThat(said.toString(StandardCharsets.UTF_8)).contains("rows brought in");
    assertThat(names()).anyMatch(name -> name.matches("before-.*\\.mv\\.db"));
    assertThatCode(() -> SafeStart.check(folder, NOW)).doesNotThrowAnyException();
  }

  @Test
  void what_a_killed_backup_left_is_cleared_and_never_has_the_name_of_one() throws Exception {
    outfit(TableScript.newest());
    Path backups = Files.createDirectories(folder.resolve("backups"));
    Files.writeString(backups.resolve("tavrel-2026-08-18T024000Z.zip.part"), "half");
    SafeStart.check(folder, NOW);
    assertThat(backups).isEmptyDirectory();
  }

  @Test
  void a_folder_that_is_a_file_is_refused_in_words() throws Exception {
    Path file = Files.writeString(folder.resolve("data"), "no folder");
    assertThatThrownBy(() -> SafeStart.check(file, NOW))
        .isInstanceOf(StartRefused.class)
        .hasMessageContaining("Nothing can be written into");
  }

  private org.assertj.core.api.AbstractThrowableAssert<?, ? extends Throwable> refused() {
    return assertThatThrownBy(() -> SafeStart.check(folder, NOW)).isInstanceOf(StartRefused.class);
  }

  private void outfit(int tables) {
    TableScript.migrations(DatabaseSwap.url(folder.resolve("tavrel")))
        .target(String.valueOf(tables))
        .load()
        .migrate();
  }

  private Connection open() throws SQLException {
    return DriverManager.getConnection(DatabaseSwap.urlInUse(folder), DatabaseSwap.USER, "");
  }

  private Path backup() throws SQLException, IOException {
    try (Connection connection = open()) {
      return BackupFile.write(connection, folder.resolve("backups"), NOW);
    }
  }

  private List<String> names() throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(Files::isRegularFile)
          .map(file -> file.getFileName().toString())
          // On a busy machine the database writes down that it had to wait.
          .filter(name -> name.endsWith(".db") && !name.endsWith(".trace.db"))
          .toList();
    }
  }

  /** Another process with the database open. */
  private static Process holds(Path folder) throws IOException, ClassNotFoundException {
    Process other =
        new ProcessBuilder(
                ProcessHandle.current().info().command().orElse("java"),
                "-cp",
                String.join(
                    File.pathSeparator,
                    whereIs(Holder.class),
                    whereIs(DatabaseSwap.class),
                    whereIs(Class.forName("org.h2.Driver"))),
                Holder.class.getName(),
                DatabaseSwap.urlInUse(folder))
            .redirectErrorStream(true)
            .start();
    int first = other.getInputStream().read();
    assertThat(first).as("it has it open").isEqualTo('!');
    return other;
  }

  private static String whereIs(Class<?> type) {
    return new File(type.getProtectionDomain().getCodeSource().getLocation().getPath()).getPath();
  }

  /** Opens a database and keeps it open. */
  static final class Holder {

    private Holder() {}

    public static void main(String[] arguments) throws Exception {
      try (Connection held = DriverManager.getConnection(arguments[0], DatabaseSwap.USER, "")) {
        System.out.print("!");
        System.out.flush();
        Thread.sleep(60_000);
        held.isValid(1);
      }
    }
  }
}
