package tavrel.server.outfit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tavrel.core.yardrun.RunBoard;
import tavrel.server.round.Round;
import tavrel.server.round.Rounds;

class CompactionTest {

  @TempDir private Path folder;
  private String url = "";
  private final DataSource database = mock(DataSource.class);
  private final Rounds rounds = mock(Rounds.class);

  @BeforeEach
  void a_database_as_ours() throws SQLException {
    url = "jdbc:h2:file:" + folder.resolve("kept") + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE";
    when(database.getConnection()).thenAnswer(asked -> open());
  }

  @Test
  void a_file_full_of_what_was_replaced_shrinks_while_others_write_and_nothing_is_lost()
      throws Exception {
    try (Connection connection = open();
        Statement statement = connection.createStatement()) {
      statement.execute("create table line (id int primary key, says varchar(300))");
      statement.execute(
          "insert into line select x, repeat(random_uuid()::varchar, 6) from system_range(1, 20000)");
      for (int i = 0; i < 40; i++) {
        statement.execute(
            "update line set says = repeat(random_uuid()::varchar, 6) where mod(id, 40) = " + i);
      }
      long before = size();
      AtomicBoolean over = new AtomicBoolean();
      CompletableFuture<Integer> beside = CompletableFuture.supplyAsync(() -> write(over));
      assertThat(new Compaction(database, rounds).whenIdle()).isTrue();
      over.set(true);
      int written = beside.get();
      assertThat(size()).isLessThan(before / 3);
      assertThat(rows(statement)).isEqualTo(20_000 + written);
    }
    try (Connection again = open();
        Statement statement = again.createStatement()) {
      assertThat(rows(statement)).isGreaterThan(20_000);
    }
  }

  @Test
  void nothing_is_done_while_a_hive_stands_shut() {
    Round round = mock(Round.class);
    RunBoard board = mock(RunBoard.class);
    when(round.id()).thenReturn(UUID.randomUUID());
    when(rounds.open()).thenReturn(List.of(round));
    when(rounds.board(any(), any())).thenReturn(board);
    when(board.stillShut()).thenReturn(1);
    assertThat(new Compaction(database, rounds).whenIdle()).isFalse();
    verifyNoInteractions(database);
  }

  private Connection open() throws SQLException {
    return DriverManager.getConnection(url, "t", "");
  }

  private int write(AtomicBoolean over) {
    try (Connection connection = open();
        Statement statement = connection.createStatement()) {
      int written = 0;
      do {
        statement.execute("insert into line values (" + (1_000_000 + written++) + ", 'beside')");
      } while (!over.get());
      return written;
    } catch (SQLException broken) {
      throw new IllegalStateException(broken);
    }
  }

  private static int rows(Statement statement) throws SQLException {
    try (ResultSet count = statement.executeQuery("select count(*) from line")) {
      count.next();
      return count.getInt(1);
    }
  }

  private long size() throws Exception {
    return Files.size(folder.resolve("kept.mv.db"));
  }
}
