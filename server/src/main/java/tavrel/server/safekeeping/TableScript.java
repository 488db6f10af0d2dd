package tavrel.server.safekeeping;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import tavrel.server.register.RegisterSums;

/**
 * The tables of one version as statements, so that rows can be put in before other keys and indexes
 * are built: in the other order every row moves pages of every index, which takes many times as
 * long and fills the disk.
 *
 * @param before statements that make tables with their own keys and checks, and the history of
 *     migrations
 * @param after statements that add other keys, indexes and views, in their order
 * @param keys keys that name rows of other tables; the statements add them unchecked
 */
record TableScript(List<String> before, List<String> after, List<ForeignKey> keys) {

  /**
   * Something reckoned from the rows of an outfit.
   *
   * @param table where it is kept
   * @param insert the statement that draws it
   */
  record Sum(String table, String insert) {}

  private static final Pattern TABLE =
      Pattern.compile("\\b(?:TABLE|ON|REFERENCES|FROM|JOIN) \"PUBLIC\"\\.\"(\\w+)\"");
  private static final String PEOPLE =
      "(select count(distinct e.done_by) from run_event e where e.round_id = t.round_id)";
  private static final Pattern INTO = Pattern.compile("insert into (\\w+)");
  private static final Pattern BY_TIME = Pattern.compile("\\(\"(ROUND_ID|RULE_SHEET_ID|ON_DAY)\"");
  private static final String LONGEST = "run_event";
  private static final String UNCHECKED = " NOCHECK";

  /** The newest version of the tables that this program knows. */
  static int newest() {
    int newest = 0;
    for (var migration : migrations("jdbc:h2:mem:").load().info().all()) {
      newest = Math.max(newest, Integer.parseInt(migration.getVersion().getVersion()));
    }
    return newest;
  }

  /** Ways to make or change tables at an address. */
  static FluentConfiguration migrations(String url) {
    return Flyway.configure()
        .dataSource(url, DatabaseSwap.USER, "")
        .locations("classpath:db/migration");
  }

  /** Reads them off an empty database of that version, made for it. */
  static TableScript of(int version) throws SQLException {
    String url =
        "jdbc:h2:mem:script" + System.identityHashCode(new Object()) + ";DB_CLOSE_DELAY=-1";
    migrations(url).target(String.valueOf(version)).load().migrate();
    List<String> before = new ArrayList<>();
    List<String> after = new ArrayList<>();
    List<ForeignKey> keys = new ArrayList<>();
    try (Connection connection = DriverManager.getConnection(url, DatabaseSwap.USER, "");
        Statement statement = connection.createStatement()) {
      try (ResultSet lines = statement.executeQuery("script nodata nosettings")) {
        while (lines.next()) {
          String line = lines.getString(1);
          if (line.contains("CREATE CACHED TABLE") || line.contains("CREATE MEMORY TABLE")) {
            before.add(line.replace("CREATE MEMORY TABLE", "CREATE CACHED TABLE"));
          } else if (line.startsWith("ALTER TABLE")
              && (line.contains(" CHECK(") || line.contains("PRIMARY KEY"))) {
            // Ids grow with time: a row goes to the end of its own key, which costs next to
            // nothing.
            before.add(line.replace(UNCHECKED, ""));
          } else if (growsAtItsEnd(line)) {
            before.add(line);
          } else if (line.startsWith("ALTER TABLE")
              || line.startsWith("CREATE INDEX")
              || line.startsWith("CREATE FORCE VIEW")
              || line.startsWith("CREATE UNIQUE")) {
            // Keys to other tables come without the database's check: ForeignKey holds them against
            // the rows.
            after.add(line);
          }
        }
      }
      try (ResultSet lines =
          statement.executeQuery("script simple nosettings table \"flyway_schema_history\"")) {
        while (lines.next()) {
          if (lines.getString(1).startsWith("INSERT INTO")) {
            before.add(lines.getString(1));
          }
        }
      }
      for (StoredTable table : StoredTable.all(connection)) {
        keys.addAll(ForeignKey.of(connection, table));
      }
      statement.execute("shutdown");
    }
    return new TableScript(List.copyOf(before), List.copyOf(after), List.copyOf(keys));
  }

  /**
   * Whether a key or index follows time, as rows do: it costs little while they come in and much
   * afterwards. Not those of the run log, the longest table, with which one worker is busy all
   * along.
   */
  private static boolean growsAtItsEnd(String line) {
    return (line.startsWith("ALTER TABLE") || line.startsWith("CREATE INDEX"))
        && BY_TIME.matcher(line).find()
        && !tableOf(line).equals(LONGEST);
  }

  /** What is reckoned from the rows of an outfit, as today's tables have it. */
  static List<Sum> sums() {
    List<Sum> sums = new ArrayList<>();
    for (String each : RegisterSums.ofAll(PEOPLE)) {
      Matcher into = INTO.matcher(each);
      if (into.find()) {
        sums.add(new Sum(into.group(1), each));
      }
    }
    return sums;
  }

  /** The table that a statement changes, or the first that a view reads. */
  static String tableOf(String statement) {
    Matcher table = TABLE.matcher(statement);
    return table.find() ? name(table) : "schema";
  }

  /** Every table that a statement is about. */
  static Set<String> tablesOf(String statement) {
    return TABLE.matcher(statement).results().map(TableScript::name).collect(Collectors.toSet());
  }

  private static String name(MatchResult table) {
    return table.group(1).toLowerCase(Locale.ROOT);
  }
}
