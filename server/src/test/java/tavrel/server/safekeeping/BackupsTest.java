package tavrel.server.safekeeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tavrel.server.http.Problem;
import tavrel.server.photo.PictureFiles;

class BackupsTest {

  private static final Instant NOW = Instant.parse("2026-08-18T02:40:00Z");

  @TempDir private Path data;
  private Path folder;
  private final DataSource database = mock(DataSource.class);

  @BeforeEach
  void a_folder_of_backups() throws IOException {
    folder = Files.createDirectories(data.resolve("backups"));
  }

  @Test
  void old_backups_go_but_never_the_latest_three() throws IOException {
    for (int days : new int[] {1, 20, 30, 40, 50}) {
      backup(days);
    }
    backups().prune();
    assertThat(backups().all())
        .extracting(Backups.Backup::name)
        .containsExactly(name(1), name(20), name(30));
  }

  @Test
  void backups_of_the_days_that_are_kept_all_stay() throws IOException {
    for (int days = 1; days <= 14; days++) {
      backup(days);
    }
    backups().prune();
    assertThat(backups().all()).hasSize(14);
  }

  @Test
  void what_is_no_backup_is_neither_listed_nor_given_nor_removed() throws IOException {
    Files.writeString(folder.resolve("notes.txt"), "mine");
    Files.writeString(data.resolve("secret"), "mine");
    assertThat(backups().all()).isEmpty();
    for (String name : new String[] {"notes.txt", "../secret", "tavrel-..zip", name(1)}) {
      assertThatThrownBy(() -> backups().file(name)).isInstanceOf(Problem.class);
    }
    backups().prune();
    assertThat(folder.resolve("notes.txt")).exists();
  }

  @Test
  void a_backup_that_fails_leaves_no_file_that_looks_like_one() throws Exception {
    when(database.getConnection()).thenThrow(new SQLException("the disk is gone"));
    assertThatThrownBy(() -> backups().write()).isInstanceOf(IllegalStateException.class);
    assertThat(backups().all()).isEmpty();
    try (Stream<Path> files = Files.list(folder)) {
      assertThat(files.filter(file -> file.toString().endsWith(".zip"))).isEmpty();
    }
  }

  private Backups backups() {
    return new Backups(
        database,
        mock(Compaction.class),
        PictureFiles.of(data),
        data,
        14,
        Clock.fixed(NOW, ZoneOffset.UTC));
  }

  private void backup(int daysAgo) throws IOException {
    Path file = Files.writeString(folder.resolve(name(daysAgo)), "zip");
    Files.setLastModifiedTime(
        file, FileTime.from(NOW.minus(Duration.ofDays(daysAgo)).plusSeconds(60)));
  }

  private static String name(int daysAgo) {
    return "tavrel-" + NOW.minus(Duration.ofDays(daysAgo)).toString().replace(":", "") + ".zip";
  }
}
