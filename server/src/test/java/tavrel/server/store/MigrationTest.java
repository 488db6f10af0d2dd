package tavrel.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** Rows that an earlier version wrote, once the tables are of today. */
class MigrationTest {

  @Test
  void a_name_with_a_character_that_cannot_be_seen_can_be_read_again() throws SQLException {
    String url = "jdbc:h2:mem:migration;DB_CLOSE_DELAY=-1";
    migrate(url, "14");
    try (Connection connection = DriverManager.getConnection(url, "sa", "");
        Statement sql = connection.createStatement()) {
      sql.execute(
          """
          insert into apiary (id, name, zone, created_at)
          values (random_uuid(), 'Bell' || char(7) || U&'\\202E', 'Etc/UTC', now())
          """);
      migrate(url, "latest");
      try (ResultSet rows = sql.executeQuery("select name from apiary")) {
        rows.next();
        assertThat(rows.getString(1)).isEqualTo("Bell\uFFFD\uFFFD");
      }
    }
  }

  private static void migrate(String url, String version) {
    Flyway.configure().dataSource(url, "sa", "").target(version).load().migrate();
  }
}
