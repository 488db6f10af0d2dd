package tavrel.server.store;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.SQLException;
import java.util.Set;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * A database that met the end of the disk, or a disk that broke, while it wrote has closed itself,
 * and every connection to it stays dead. Once they are let go the next one opens it anew, with
 * everything that was committed.
 */
@Component
public class ClosedDatabase {

  private static final Logger LOG = LoggerFactory.getLogger(ClosedDatabase.class);

  /**
   * The database's own codes: closed, reading or writing failed (twice), general error of its
   * store.
   */
  private static final Set<Integer> CODES = Set.of(90_098, 90_028, 90_031, 90_121);

  private static final int GENERAL = 50_000;
  private static final String OF_THE_STORE = "MVStoreException";

  private final DataSource pool;

  ClosedDatabase(DataSource pool) {
    this.pool = pool;
  }

  /** Whether something failed for it; if so, the dead connections are let go. */
  public boolean wasMet(Throwable failure) {
    for (Throwable each = failure; each != null; each = each.getCause()) {
      if (each instanceof SQLException broken && isClosed(broken)) {
        LOG.warn("The database had closed itself and is opened anew: {}", broken.getMessage());
        letGo();
        return true;
      }
    }
    return false;
  }

  private static boolean isClosed(SQLException broken) {
    return CODES.contains(broken.getErrorCode())
        || (broken.getErrorCode() == GENERAL
            && String.valueOf(broken.getMessage()).contains(OF_THE_STORE));
  }

  private void letGo() {
    HikariPoolMXBean open =
        pool instanceof HikariDataSource hikari ? hikari.getHikariPoolMXBean() : null;
    if (open != null) {
      open.softEvictConnections();
    }
  }
}
