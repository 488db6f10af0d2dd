package tavrel.server.safekeeping;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import tavrel.core.run.Part;
import tavrel.server.run.Rounds;

/**
 * Makes the database's file small again. Every write leaves behind what it replaced; the database
 * clears that up by itself only where writes may wait, and ours may not.
 *
 * <p>The database is closed for it, copied into a fresh file and opened again, since clearing up
 * beside writers is not safe in it (decision 26). Whoever asks meanwhile waits; nobody is refused.
 */
@Service
class Compaction {

  /** Smaller files are left alone: nobody misses the room. */
  static final long WORTH_BYTES = 16L << 20;

  /** Nor is a file copied of which more than this part is in use. */
  private static final double WELL_FILLED = 0.5;

  /** As long as we wait for those who are at it; if they are longer, the next night does. */
  private static final Duration PATIENCE = Duration.ofSeconds(5);

  private static final Logger LOG = LoggerFactory.getLogger(Compaction.class);

  private final DataSource database;
  private final Rounds rounds;

  Compaction(DataSource database, Rounds rounds) {
    this.database = database;
    this.rounds = rounds;
  }

  /**
   * Does it if it is worth it, unless a hive stands shut anywhere or somebody keeps the database
   * busy: then nothing may take time.
   *
   * @return whether it was done
   */
  boolean whenIdle() {
    if (rounds.open().stream()
        .anyMatch(round -> rounds.board(round.id(), Part.FIRST).stillShut() > 0)) {
      return false;
    }
    try {
      return inAFreshFile(database.unwrap(HikariDataSource.class));
    } catch (SQLException broken) {
      throw new IllegalStateException("The database's file could not be made smaller.", broken);
    }
  }

  private static boolean inAFreshFile(HikariDataSource source) throws SQLException {
    try (Connection own =
            DriverManager.getConnection(
                source.getJdbcUrl(), source.getUsername(), source.getPassword());
        Statement statement = own.createStatement()) {
      Filled filled = filled(statement);
      if (!filled.poorly()) {
        return false;
      }
      HikariPoolMXBean pool = source.getHikariPoolMXBean();
      pool.suspendPool();
      try {
        pool.softEvictConnections();
        if (!becomesQuiet(pool)) {
          return false;
        }
        statement.execute("shutdown compact");
      } finally {
        pool.resumePool();
      }
      LOG.info("The database's file of {} MB was cleared up.", filled.bytes() >> 20);
      return true;
    }
  }

  private static boolean becomesQuiet(HikariPoolMXBean pool) {
    long until = System.nanoTime() + PATIENCE.toNanos();
    try {
      while (pool.getActiveConnections() > 0) {
        if (System.nanoTime() - until > 0) {
          return false;
        }
        Thread.sleep(20);
      }
      return true;
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  /** What the database tells of its file; a database without a file is as good as filled. */
  private static Filled filled(Statement statement) throws SQLException {
    try (ResultSet told =
        statement.executeQuery(
            """
            select max(case setting_name when 'info.FILE_SIZE' then setting_value end),
                   max(case setting_name when 'info.FILL_RATE' then setting_value end),
                   max(case setting_name when 'info.CHUNKS_FILL_RATE' then setting_value end)
            from information_schema.settings
            """)) {
      told.next();
      return new Filled(told.getLong(1), told.getInt(2) / 100.0 * told.getInt(3) / 100.0);
    }
  }

  private record Filled(long bytes, double part) {
    boolean poorly() {
      return bytes >= WORTH_BYTES && part < WELL_FILLED;
    }
  }
}
