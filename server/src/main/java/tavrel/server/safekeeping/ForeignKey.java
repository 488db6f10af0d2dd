package tavrel.server.safekeeping;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A key of one table that names rows of another.
 *
 * @param child the table that names
 * @param parent the table whose rows are named
 * @param pairs columns of the child, each with the column of the parent that it names
 */
record ForeignKey(String child, String parent, List<Pair> pairs) {

  /** Two columns that have to be alike. */
  record Pair(String from, String to) {}

  /** The keys of a table. */
  static Collection<ForeignKey> of(Connection connection, StoredTable table) throws SQLException {
    Map<String, ForeignKey> keys = new LinkedHashMap<>();
    try (ResultSet found =
        connection
            .getMetaData()
            .getImportedKeys(null, "PUBLIC", table.name().toUpperCase(Locale.ROOT))) {
      while (found.next()) {
        String parent = found.getString("PKTABLE_NAME").toLowerCase(Locale.ROOT);
        keys.computeIfAbsent(
                found.getString("FK_NAME"),
                name -> new ForeignKey(table.name(), parent, new ArrayList<>()))
            .pairs()
            .add(new Pair(found.getString("FKCOLUMN_NAME"), found.getString("PKCOLUMN_NAME")));
      }
    }
    return keys.values();
  }

  /**
   * Finds a row that names one that is not there. For a key of one column the database keeps all
   * ids of the other table at hand, which takes half as long as to look each one up; those of two
   * are too many for that.
   */
  String strayRows() {
    List<String> alike = new ArrayList<>();
    List<String> wanted = new ArrayList<>();
    for (Pair pair : pairs) {
      alike.add("p." + StoredTable.quoted(pair.to()) + " = c." + StoredTable.quoted(pair.from()));
      wanted.add("c." + StoredTable.quoted(pair.from()) + " is not null");
    }
    Pair first = pairs.get(0);
    String named = " from " + StoredTable.quoted(parent) + " p";
    wanted.add(
        pairs.size() == 1
            ? "c.%s not in (select p.%s%s)"
                .formatted(StoredTable.quoted(first.from()), StoredTable.quoted(first.to()), named)
            : "not exists (select 1%s where %s)".formatted(named, String.join(" and ", alike)));
    return "select 1 from "
        + StoredTable.quoted(child)
        + " c where "
        + String.join(" and ", wanted)
        + " limit 1";
  }
}
