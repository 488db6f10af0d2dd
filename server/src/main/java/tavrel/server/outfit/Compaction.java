package tavrel.server.outfit;

import java.sql.Connection;
import java.sql.SQLException;
import java.time.Duration;
import javax.sql.DataSource;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.springframework.stereotype.Service;
import tavrel.core.yardrun.Part;
import tavrel.server.round.Rounds;

/**
 * Makes the database's file small again. Every write leaves behind what it replaced; the database
 * clears that up by itself only where writes may wait, and ours may not.
 */
@Service
class Compaction {

  /** Enough for gigabytes; what is left then goes the next night. */
  private static final Duration AT_MOST = Duration.ofSeconds(20);

  private final DataSource database;
  private final Rounds rounds;

  Compaction(DataSource database, Rounds rounds) {
    this.database = database;
    this.rounds = rounds;
  }

  /**
   * Does it, unless a hive stands shut anywhere: then nothing may take time.
   *
   * @return whether it was done
   */
  boolean whenIdle() {
    if (rounds.open().stream()
        .anyMatch(round -> rounds.board(round.id(), Part.FIRST).stillShut() > 0)) {
      return false;
    }
    try (Connection connection = database.getConnection()) {
      compact(connection);
      return true;
    } catch (SQLException broken) {
      throw new IllegalStateException("The database's file could not be made smaller.", broken);
    }
  }

  /** Readers and writers go on meanwhile. There is no statement for it but one that closes. */
  static void compact(Connection connection) throws SQLException {
    if (connection.unwrap(JdbcConnection.class).getSession() instanceof SessionLocal session) {
      session.getDatabase().getStore().getMvStore().compactFile((int) AT_MOST.toMillis());
    }
  }
}
