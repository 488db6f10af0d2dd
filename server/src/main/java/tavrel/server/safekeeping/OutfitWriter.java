package tavrel.server.safekeeping;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.QuoteMode;
import tavrel.server.http.ProgramVersion;
import tavrel.server.photo.PictureFiles;

/**
 * Writes the whole outfit as one archive, as it is at one moment, row by row: docs/outfit-file.md.
 * The same outfit gives the same bytes.
 */
final class OutfitWriter {

  /** Empty and unquoted is nothing; empty in quotes is a text without letters. */
  static final CSVFormat CSV =
      CSVFormat.RFC4180
          .builder()
          .setRecordSeparator('\n')
          .setNullString("")
          .setQuoteMode(QuoteMode.ALL_NON_NULL)
          .get();

  static final ObjectMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  private static final int SNAPSHOT = 6;
  private static final LocalDateTime NO_TIME = LocalDateTime.of(2000, 1, 1, 0, 0);

  private final ZipOutputStream zip;
  private final List<Manifest.Part> parts = new ArrayList<>();

  private OutfitWriter(ZipOutputStream zip) {
    this.zip = zip;
  }

  /**
   * Writes it with its pictures. The connection is left as it was found; the stream is left open.
   *
   * @param pictures where the files of its pictures are; one that is gone is left out
   * @throws SQLException if the database cannot be read
   * @throws IOException if the stream cannot be written
   */
  static void write(Connection connection, OutputStream out, PictureFiles pictures)
      throws SQLException, IOException {
    inOneMoment(
        connection,
        out,
        writer -> {
          for (String name : NamedPictures.of(connection)) {
            Optional<Path> found = pictures.find(name);
            if (found.isPresent()) {
              writer.whole(Manifest.pictureOf(name), Files.readAllBytes(found.get()));
            }
          }
        });
  }

  /**
   * Writes its rows alone, for a backup whose pictures lie beside it. The connection is left as it
   * was found; the stream is left open.
   *
   * @throws SQLException if the database cannot be read
   * @throws IOException if the stream cannot be written
   */
  static void writeRows(Connection connection, OutputStream out) throws SQLException, IOException {
    inOneMoment(connection, out, writer -> {});
  }

  /** Adds what belongs to the outfit beside its rows. */
  private interface Beside {
    void to(OutfitWriter writer) throws SQLException, IOException;
  }

  private static void inOneMoment(Connection connection, OutputStream out, Beside beside)
      throws SQLException, IOException {
    int isolation = connection.getTransactionIsolation();
    boolean commits = connection.getAutoCommit();
    connection.setAutoCommit(false);
    connection.setTransactionIsolation(SNAPSHOT);
    try (Statement settings = connection.createStatement()) {
      settings.execute("set lazy_query_execution 1");
      ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
      zip.setLevel(Deflater.BEST_SPEED);
      new OutfitWriter(zip).write(connection, beside);
      zip.finish();
    } finally {
      connection.rollback();
      connection.setTransactionIsolation(isolation);
      try (Statement settings = connection.createStatement()) {
        settings.execute("set lazy_query_execution 0");
      }
      connection.setAutoCommit(commits);
    }
  }

  private void write(Connection connection, Beside beside) throws SQLException, IOException {
    List<StoredTable> tables = StoredTable.all(connection);
    for (StoredTable table : tables) {
      rows(connection, table);
    }
    whole(Manifest.SCHEMA, JSON.writeValueAsBytes(schema(tables)));
    beside.to(this);
    begin(Manifest.NAME);
    zip.write(
        JSON.writeValueAsBytes(
            new Manifest(
                Manifest.FORMAT,
                Manifest.VERSION,
                version(connection),
                ProgramVersion.running().inShort(),
                List.copyOf(parts))));
    zip.closeEntry();
  }

  /** The last migration that this database has seen. */
  static int version(Connection connection) throws SQLException {
    try (Statement statement = connection.createStatement();
        ResultSet found =
            statement.executeQuery(
                "select max(cast(\"version\" as int)) from \"flyway_schema_history\" where \"success\"")) {
      found.next();
      return found.getInt(1);
    }
  }

  private static Map<String, Map<String, String>> schema(List<StoredTable> tables) {
    Map<String, Map<String, String>> schema = new LinkedHashMap<>();
    for (StoredTable table : tables) {
      Map<String, String> columns = new LinkedHashMap<>();
      for (StoredTable.Column column : table.columns()) {
        columns.put(
            column.name(), column.kind().words() + (column.required() ? "" : ", may be empty"));
      }
      schema.put(table.name(), columns);
    }
    return schema;
  }

  private void rows(Connection connection, StoredTable table) throws SQLException, IOException {
    Counted counted = begin(Manifest.fileOf(table.name()));
    long rows = 0;
    // Neither writer may be closed: that would close the archive.
    CSVPrinter csv =
        new CSVPrinter(
            new BufferedWriter(new OutputStreamWriter(counted, StandardCharsets.UTF_8), 1 << 16),
            CSV);
    csv.printRecord(table.columnNames());
    int width = table.columns().size();
    @SuppressWarnings("NullAway")
    Object[] values = new Object[width];
    try (Statement statement = connection.createStatement()) {
      statement.setFetchSize(1_000);
      try (ResultSet row = statement.executeQuery(table.selectAll())) {
        while (row.next()) {
          for (int i = 0; i < width; i++) {
            values[i] = table.columns().get(i).kind().written(row, i + 1);
          }
          csv.printRecord(values);
          rows++;
        }
      }
    }
    csv.flush();
    end(counted, Manifest.fileOf(table.name()), rows);
  }

  private void whole(String name, byte[] content) throws IOException {
    Counted counted = begin(name);
    counted.write(content);
    end(counted, name, 0);
  }

  private Counted begin(String name) throws IOException {
    ZipEntry entry = new ZipEntry(name);
    entry.setTimeLocal(NO_TIME);
    zip.putNextEntry(entry);
    return new Counted(zip);
  }

  private void end(Counted counted, String name, long rows) throws IOException {
    zip.closeEntry();
    parts.add(
        new Manifest.Part(
            name, rows, counted.bytes, HexFormat.of().formatHex(counted.digest.digest())));
  }

  static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException missing) {
      throw new IllegalStateException(missing);
    }
  }

  /** Counts and digests what goes into one file of the archive. */
  private static final class Counted extends OutputStream {

    private final OutputStream out;
    private final MessageDigest digest = sha256();
    private long bytes;

    Counted(OutputStream out) {
      this.out = out;
    }

    @Override
    public void write(int one) throws IOException {
      out.write(one);
      digest.update((byte) one);
      bytes++;
    }

    @Override
    public void write(byte[] from, int offset, int length) throws IOException {
      out.write(from, offset, length);
      digest.update(from, offset, length);
      bytes += length;
    }
  }
}
