package tavrel.server.safekeeping;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * A table of the database, as it goes into an outfit file.
 *
 * @param name in small letters
 * @param columns in their order, without those that the database reckons itself
 */
record StoredTable(String name, List<Column> columns) {

  /**
   * Kept by the database itself, or reckoned from the others by {@link
   * tavrel.server.register.RegisterSums}.
   */
  private static final Set<String> LEFT_OUT =
      Set.of(
          "flyway_schema_history",
          "hive_outlook",
          "treatment_sum",
          "treatment_round",
          "treatment_special");

  /**
   * A column.
   *
   * @param name in small letters
   * @param kind how its values are written
   * @param required whether a value must stand in it
   */
  record Column(String name, ColumnKind kind, boolean required) {}

  /** Every table that holds something of the outfit, by name. */
  static List<StoredTable> all(Connection connection) throws SQLException {
    DatabaseMetaData data = connection.getMetaData();
    List<StoredTable> tables = new ArrayList<>();
    try (ResultSet found = data.getTables(null, "PUBLIC", "%", new String[] {"BASE TABLE"})) {
      while (found.next()) {
        String name = found.getString("TABLE_NAME");
        if (!LEFT_OUT.contains(name.toLowerCase(Locale.ROOT))) {
          tables.add(new StoredTable(name.toLowerCase(Locale.ROOT), columns(data, name)));
        }
      }
    }
    return tables;
  }

  private static List<Column> columns(DatabaseMetaData data, String table) throws SQLException {
    List<Column> columns = new ArrayList<>();
    try (ResultSet found = data.getColumns(null, "PUBLIC", table, "%")) {
      while (found.next()) {
        if (!"YES".equals(found.getString("IS_GENERATEDCOLUMN"))) {
          columns.add(
              new Column(
                  found.getString("COLUMN_NAME").toLowerCase(Locale.ROOT),
                  ColumnKind.of(found.getInt("DATA_TYPE"), found.getString("TYPE_NAME")),
                  "NO".equals(found.getString("IS_NULLABLE"))));
        }
      }
    }
    return columns;
  }

  List<String> columnNames() {
    return columns.stream().map(Column::name).toList();
  }

  /** Reads every row in the order in which they were added. */
  String selectAll() {
    return "select " + list() + " from " + quoted(name) + " order by _rowid_";
  }

  String insert() {
    return "insert into "
        + quoted(name)
        + " ("
        + list()
        + ") values ("
        + String.join(", ", columns.stream().map(column -> "?").toList())
        + ")";
  }

  /** Names come from the database's own description; quoted, because some are words of SQL. */
  static String quoted(String name) {
    return '"' + name.toUpperCase(Locale.ROOT) + '"';
  }

  private String list() {
    return String.join(", ", columns.stream().map(column -> quoted(column.name())).toList());
  }
}
