package tavrel.server.safekeeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tavrel.core.run.RunBoard;
import tavrel.server.run.Round;
import tavrel.server.run.Rounds;

class CompactionTest {

  private static final int ROWS = 20_000;

  @TempDir private Path folder;
  private HikariDataSource database = new HikariDataSource();
  private final Rounds rounds = mock(Rounds.class);

  @BeforeEach
  void a_database_as_ours() {
    HikariConfig config = new HikariConfig();
    config.setJdbcUrl(
        "jdbc:h2:file:" + folder.resolve("kept") + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE");
    config.setUsername("t");
    config.setPassword("");
    config.setMaximumPoolSize(3);
    config.setAllowPoolSuspension(true);
    database = new HikariDataSource(config);
  }

  @AfterEach
  void closed() {
    database.close();
  }

  @Test
  void a_file_full_of_what_was_replaced_shrinks_while_others_write_and_nobody_is_refused()
      throws Exception {
    churned();
    long before = size();
    AtomicBoolean over = new AtomicBoolean();
    CountDownLatch begun = new CountDownLatch(1);
    CompletableFuture<Integer> beside =
        CompletableFuture.supplyAsync(() -> writeUntil(over, begun));
    begun.await();
    assertThat(new Compaction(database, rounds).whenIdle()).isTrue();
    over.set(true);
    int written = beside.get();
    assertThat(size()).isLessThan(before / 3);
    assertThat(rows()).isEqualTo(ROWS + written);
    database.close();
    a_database_as_ours();
    assertThat(rows()).isEqualTo(ROWS + written);
  }

  @Test
  void a_file_in_good_use_is_left_as_it_is() throws Exception {
    say("create table line (id int primary key, says varbinary(900))");
    say("insert into line select x, secure_rand(900) from system_range(1, 40000)");
    // What was written on the way may be cleared up once more by the database itself.
    Compaction compaction = new Compaction(database, rounds);
    int done = 0;
    while (compaction.whenIdle()) {
      assertThat(++done).as("cleared up once, it is in good use").isLessThan(3);
    }
    assertThat(size()).isGreaterThan(Compaction.WORTH_BYTES);
    assertThat(compaction.whenIdle()).isFalse();
  }

  @Test
  void whoever_keeps_the_database_busy_is_not_cut_off() throws Exception {
    churned();
    long before = size();
    try (Connection reader = database.getConnection();
        Statement reading = reader.createStatement()) {
      assertThat(new Compaction(database, rounds).whenIdle()).isFalse();
      reading.execute("select count(*) from line");
    }
    assertThat(size()).isGreaterThanOrEqualTo(before);
    assertThat(rows()).isEqualTo(ROWS);
  }

  @Test
  void nothing_is_done_while_a_hive_stands_shut() throws Exception {
    churned();
    Round round = mock(Round.class);
    RunBoard board = mock(RunBoard.class);
    when(round.id()).thenReturn(UUID.randomUUID());
    when(rounds.open()).thenReturn(List.of(round));
    when(rounds.board(any(), any())).thenReturn(board);
    when(board.stillShut()).thenReturn(1);
    assertThat(new Compaction(database, rounds).whenIdle()).isFalse();
  }

  /** Rows replaced so often that most of the file is of no use any more. */
  private void churned() throws SQLException {
    say("create table line (id int primary key, says varchar(300))");
    say(
        "insert into line select x, repeat(random_uuid()::varchar, 6) from system_range(1, "
            + ROWS
            + ")");
    for (int i = 0; i < 40; i++) {
      say("update line set says = repeat(random_uuid()::varchar, 6) where mod(id, 40) = " + i);
    }
  }

  private int writeUntil(AtomicBoolean over, CountDownLatch begun) {
    try {
      int written = 0;
      do {
        say("insert into line values (" + (1_000_000 + written++) + ", 'beside')");
        begun.countDown();
      } while (!over.get());
      return written;
    } catch (SQLException refused) {
      throw new IllegalStateException(refused);
    }
  }

  private void say(String sql) throws SQLException {
    try (Connection connection = database.getConnection();
        Statement statement = connection.createStatement()) {
      statement.execute(sql);
    }
  }

  private int rows() throws SQLException {
    try (Connection connection = database.getConnection();
        Statement statement = connection.createStatement();
        ResultSet count = statement.executeQuery("select count(*) from line")) {
      count.next();
      return count.getInt(1);
    }
  }

  private long size() throws Exception {
    return Files.size(folder.resolve("kept.mv.db"));
  }
}
