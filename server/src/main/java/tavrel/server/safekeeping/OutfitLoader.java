package tavrel.server.safekeeping;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.BatchUpdateException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.DateTimeException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.ConcurrentModificationException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import org.apache.commons.csv.CSVRecord;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tavrel.core.InvalidValue;
import tavrel.server.photo.PictureFiles;

/**
 * Loads an outfit file into a fresh database beside the one in use, whole or not at all. It is made
 * with the tables of the file's own version, filled, checked, and only then brought to today's.
 */
final class OutfitLoader {

  private static final Logger LOG = LoggerFactory.getLogger(OutfitLoader.class);

  /** What the database calls an error of its own. */
  private static final int GENERAL_ERROR = 50_000;

  private static final int ROWS_A_BATCH = 500;
  private static final int ROWS_A_COMMIT = 2_000;

  /** While an index is built, others wait for its table this long. */
  private static final Duration LONGEST_CHANGE = Duration.ofMinutes(20);

  private OutfitLoader() {}

  /**
   * Loads a file and leaves the database ready to be taken over.
   *
   * @return rows loaded
   * @throws InvalidValue if anything in the file cannot be; nothing is left of it then
   * @throws IOException if the disk fails
   */
  static long load(Path file, Path folder) throws IOException {
    try {
      return once(file, folder);
    } catch (RaceInTheDatabase race) {
      LOG.warn("The database tripped over itself while rows came in; beginning anew.", race);
    }
    try {
      return once(file, folder);
    } catch (RaceInTheDatabase again) {
      throw OutfitFile.refused(
          "outfitCannotBeBroughtIn",
          "cannot be brought in: {why}",
          String.valueOf(again.getMessage()));
    }
  }

  /**
   * The database looked through its own lists while another worker changed them: nothing is wrong
   * with the file. Seen once in some hundred loads on a busy machine (H2 2.3.232).
   */
  private static final class RaceInTheDatabase extends RuntimeException {

    RaceInTheDatabase(SQLException race) {
      super(inShort(race), race);
    }
  }

  /** Whether something failed by no fault of what was asked for. */
  static boolean isRace(SQLException broken) {
    return broken.getErrorCode() == GENERAL_ERROR
        && broken.getCause() instanceof ConcurrentModificationException;
  }

  private static long once(Path file, Path folder) throws IOException {
    DatabaseSwap.clear(folder);
    try (OutfitFile outfit = OutfitFile.open(file, TableScript.newest())) {
      fill(outfit, DatabaseSwap.unready(folder));
      outfit.takePictures(PictureFiles.of(folder));
      DatabaseSwap.ready(folder);
      return outfit.rows();
    } catch (IOException | RuntimeException broken) {
      DatabaseSwap.clear(folder);
      throw broken;
    }
  }

  private static void fill(OutfitFile outfit, Path database) throws IOException {
    String url =
        DatabaseSwap.url(database)
            + ";CACHE_SIZE=32768;MAX_MEMORY_ROWS=50000;DB_CLOSE_ON_EXIT=FALSE;LOCK_TIMEOUT="
            + LONGEST_CHANGE.toMillis();
    try (Connection connection = DriverManager.getConnection(url, DatabaseSwap.USER, "");
        Statement statement = connection.createStatement();
        Loading loading = new Loading(url)) {
      TableScript script = TableScript.of(outfit.manifest().tables());
      for (String each : script.before()) {
        statement.execute(each);
      }
      statement.execute("set referential_integrity false");
      load(outfit, StoredTable.all(connection), script, loading);
      statement.execute("set referential_integrity true");
      TableScript.migrations(url).load().migrate();
      loading.rows(List.of(), OutfitLoader::hivesStood);
      for (TableScript.Sum sum : TableScript.sums()) {
        loading.rows(List.of(), own -> draw(own, sum));
      }
      loading.await();
      statement.execute("shutdown compact");
    } catch (SQLException broken) {
      if (isRace(broken)) {
        throw new RaceInTheDatabase(broken);
      }
      throw OutfitFile.refused(
          "outfitCannotBeBroughtIn", "cannot be brought in: {why}", inShort(broken));
    }
  }

  /**
   * Puts in every row, builds what stands on them, and holds every key against them. The small
   * tables come first with their keys: others name their rows, and what is wrong with them is told
   * before the long ones are begun.
   */
  private static void load(
      OutfitFile outfit, List<StoredTable> tables, TableScript script, Loading loading)
      throws SQLException, IOException {
    outfit.holds(tables);
    Map<String, Loading.Done> full = new HashMap<>();
    List<Loading.Done> smallOnes = new ArrayList<>();
    List<StoredTable> longOnes = new ArrayList<>();
    for (StoredTable table : outfit.longestFirst(tables)) {
      if (outfit.isSmall(table)) {
        Loading.Done done = loading.rows(List.of(), own -> fill(outfit, own, table));
        full.put(table.name(), done);
        smallOnes.add(done);
      } else {
        longOnes.add(table);
      }
    }
    List<ForeignKey> ofLongOnes = new ArrayList<>();
    for (ForeignKey key : script.keys()) {
      if (full.containsKey(key.child()) && full.containsKey(key.parent())) {
        smallOnes.add(held(key, full, loading));
      } else {
        ofLongOnes.add(key);
      }
    }
    for (StoredTable table : longOnes) {
      full.put(table.name(), loading.rows(smallOnes, own -> fill(outfit, own, table)));
    }
    ofLongOnes.forEach(key -> held(key, full, loading));
    Map<String, Loading.Done> last = new HashMap<>(full);
    for (String change : script.after()) {
      List<Loading.Done> needed = new ArrayList<>();
      for (String table : TableScript.tablesOf(change)) {
        needed.add(full.getOrDefault(table, Loading.Done.ALREADY));
      }
      String own = TableScript.tableOf(change);
      needed.add(last.getOrDefault(own, Loading.Done.ALREADY));
      last.put(own, loading.table(needed, connection -> finish(connection, change)));
    }
    loading.await();
  }

  private static Loading.Done held(
      ForeignKey key, Map<String, Loading.Done> full, Loading loading) {
    List<Loading.Done> both = List.of(full.get(key.child()), full.get(key.parent()));
    return loading.rows(both, own -> hangsTogether(own, key));
  }

  private static void finish(Connection connection, String change) {
    try (Statement statement = connection.createStatement()) {
      statement.execute(change);
    } catch (SQLException broken) {
      throw OutfitFile.refused(
          "outfitRowsCannotBe",
          "{part} has rows that cannot be: {why}",
          Manifest.fileOf(TableScript.tableOf(change)),
          inShort(broken));
    }
  }

  /**
   * Holds a key against the rows that it names. The database's own check lays whole tables aside
   * first, which takes minutes.
   */
  private static void hangsTogether(Connection connection, ForeignKey key) throws SQLException {
    try (Statement statement = connection.createStatement();
        ResultSet stray = statement.executeQuery(key.strayRows())) {
      if (stray.next()) {
        throw OutfitFile.refused(
            "outfitNamesMissingRows",
            "{part} names rows of {other} that are not in the file",
            Manifest.fileOf(key.child()),
            Manifest.fileOf(key.parent()));
      }
    }
  }

  /** Nothing is counted or treated in a hive before the day since which it stands. */
  private static void hivesStood(Connection connection) throws SQLException {
    try (Statement statement = connection.createStatement()) {
      for (String table : List.of("mite_count", "treatment")) {
        try (ResultSet early =
            statement.executeQuery(
                "select h.name, t.on_day, h.since from hive h join "
                    + table
                    + " t on t.hive_id = h.id and t.on_day < h.since"
                    + " where h.since is not null limit 1")) {
          if (early.next()) {
            throw OutfitFile.refused(
                "outfitRowBeforeHive",
                "{part} has a row of {day} for hive {hive}, which stands since {since}",
                Manifest.fileOf(table),
                early.getString(2),
                early.getString(1),
                early.getString(3));
          }
        }
      }
    }
  }

  /** Reckons a sum anew: an older version may have drawn some of it while tables were changed. */
  private static void draw(Connection connection, TableScript.Sum sum) throws SQLException {
    try (Statement statement = connection.createStatement()) {
      statement.execute("delete from " + sum.table());
      statement.execute(sum.insert());
    }
  }

  private static void fill(OutfitFile outfit, Connection connection, StoredTable table)
      throws SQLException, IOException {
    connection.setAutoCommit(false);
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
          "outfitLine",
          "{part}, line {line}: {why}",
          Manifest.fileOf(table.name()),
          line,
          inShort(broken));
    }
  }

  private static void send(PreparedStatement insert, StoredTable table, long line)
      throws SQLException {
    if (Thread.currentThread().isInterrupted()) {
      throw new CancellationException("Another table was refused.");
    }
    try {
      insert.executeBatch();
    } catch (BatchUpdateException broken) {
      String part = Manifest.fileOf(table.name());
      throw line == 0
          ? OutfitFile.refused(
              "outfitLastLines", "{part}, its last lines: {why}", part, inShort(broken))
          : OutfitFile.refused(
              "outfitNearLine", "{part}, near line {line}: {why}", part, line, inShort(broken));
    }
  }

  private static Object value(
      StoredTable table, StoredTable.Column column, long line, String text) {
    try {
      return column.kind().read(text);
    } catch (IllegalArgumentException | DateTimeException wrong) {
      throw OutfitFile.refused(
          "outfitColumn",
          "{part}, line {line}, column {column}: is not a {kind}",
          Manifest.fileOf(table.name()),
          line,
          column.name(),
          column.kind().words());
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

  /** Whether a file is there at all. */
  static void there(Path file) {
    if (!Files.isRegularFile(file)) {
      throw OutfitFile.refused("outfitNotThere", "is not there: {file}", file.getFileName());
    }
  }
}
