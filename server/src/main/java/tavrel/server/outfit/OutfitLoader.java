package tavrel.server.outfit;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.BatchUpdateException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.DateTimeException;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.csv.CSVRecord;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import tavrel.core.InvalidValue;

/**
 * Loads an outfit file into a fresh database beside the one in use, whole or not at all. It is made
 * with the tables of the file's own version, filled, checked, and only then brought to today's.
 */
final class OutfitLoader {

  private static final int ROWS_A_BATCH = 500;
  private static final int ROWS_A_COMMIT = 10_000;

  private OutfitLoader() {}

  /** The newest version of the tables that this program knows. */
  static int newest() {
    return Integer.parseInt(
        Arrays.stream(migrations("jdbc:h2:mem:").load().info().all())
            .reduce((one, next) -> next)
            .orElseThrow()
            .getVersion()
            .getVersion());
  }

  /**
   * Loads a file and leaves the database ready to be taken over.
   *
   * @return rows loaded
   * @throws InvalidValue if anything in the file cannot be; nothing is left of it then
   * @throws IOException if the disk fails
   */
  static long load(Path file, Path folder) throws IOException {
    TakeOver.clear(folder);
    try (OutfitFile outfit = OutfitFile.open(file, newest())) {
      fill(outfit, TakeOver.unready(folder));
      TakeOver.ready(folder);
      return outfit.rows();
    } catch (IOException | RuntimeException broken) {
      TakeOver.clear(folder);
      throw broken;
    }
  }

  private static void fill(OutfitFile outfit, Path database) throws IOException {
    String url = TakeOver.url(database) + ";CACHE_SIZE=65536";
    try (Connection connection = DriverManager.getConnection(url, TakeOver.USER, "")) {
      migrations(url).target(String.valueOf(outfit.manifest().tables())).load().migrate();
      List<StoredTable> tables = StoredTable.all(connection);
      outfit.holds(tables);
      try (Statement statement = connection.createStatement()) {
        for (StoredTable table : tables) {
          statement.execute(
              "alter table "
                  + StoredTable.quoted(table.name())
                  + " set referential_integrity false");
          // A migration may have put rows of its own here; the file's are all there are.
          statement.execute("delete from " + StoredTable.quoted(table.name()));
        }
        connection.setAutoCommit(false);
        for (StoredTable table : tables) {
          fill(outfit, connection, table);
        }
        connection.setAutoCommit(true);
        for (StoredTable table : tables) {
          hangsTogether(statement, table);
        }
        migrations(url).load().migrate();
        statement.execute("shutdown compact");
      }
    } catch (SQLException broken) {
      throw OutfitFile.refused("cannot be brought in: " + inShort(broken));
    }
  }

  private static void hangsTogether(Statement statement, StoredTable table) {
    try {
      statement.execute(
          "alter table "
              + StoredTable.quoted(table.name())
              + " set referential_integrity true check");
    } catch (SQLException broken) {
      throw OutfitFile.refused(
          Manifest.fileOf(table.name())
              + " names rows that are not in the file: "
              + inShort(broken));
    }
  }

  private static void fill(OutfitFile outfit, Connection connection, StoredTable table)
      throws SQLException, IOException {
    try (PreparedStatement insert = connection.prepareStatement(table.insert())) {
      outfit.read(table, (line, row) -> add(connection, insert, table, line, row));
      send(insert, table, 0);
      connection.commit();
    }
  }

  private static void add(
      Connection connection,
      PreparedStatement insert,
      StoredTable table,
      long line,
      CSVRecord row) {
    try {
      for (int i = 0; i < row.size(); i++) {
        StoredTable.Column column = table.columns().get(i);
        String text = row.get(i);
        insert.setObject(i + 1, text == null ? null : value(table, column, line, text));
      }
      insert.addBatch();
      if (line % ROWS_A_BATCH == 0) {
        send(insert, table, line);
      }
      if (line % ROWS_A_COMMIT == 0) {
        connection.commit();
      }
    } catch (SQLException broken) {
      throw OutfitFile.refused(
          Manifest.fileOf(table.name()) + ", line " + line + ": " + inShort(broken));
    }
  }

  private static void send(PreparedStatement insert, StoredTable table, long line)
      throws SQLException {
    try {
      insert.executeBatch();
    } catch (BatchUpdateException broken) {
      throw OutfitFile.refused(
          Manifest.fileOf(table.name())
              + (line == 0 ? ", its last lines" : ", near line " + line)
              + ": "
              + inShort(broken));
    }
  }

  private static Object value(
      StoredTable table, StoredTable.Column column, long line, String text) {
    try {
      return column.kind().read(text);
    } catch (IllegalArgumentException | DateTimeException wrong) {
      throw OutfitFile.refused(
          "%s, line %d, column %s: is not a %s"
              .formatted(
                  Manifest.fileOf(table.name()), line, column.name(), column.kind().words()));
    }
  }

  /** The first line of what the database says, without the statement. */
  private static String inShort(SQLException broken) {
    Throwable deepest = broken.getNextException() == null ? broken : broken.getNextException();
    String says = String.valueOf(deepest.getMessage()).lines().findFirst().orElse("");
    int statement = says.indexOf("; SQL statement");
    String plain = statement < 0 ? says : says.substring(0, statement);
    return plain.length() > 200 ? plain.substring(0, 200) + "…" : plain;
  }

  private static FluentConfiguration migrations(String url) {
    return Flyway.configure()
        .dataSource(url, TakeOver.USER, "")
        .locations("classpath:db/migration");
  }

  /** Whether a file is there at all. */
  static void there(Path file) {
    if (!Files.isRegularFile(file)) {
      throw OutfitFile.refused("is not there: " + file.getFileName());
    }
  }
}
