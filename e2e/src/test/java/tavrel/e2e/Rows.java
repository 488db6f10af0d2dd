package tavrel.e2e;

import com.fasterxml.jackson.databind.node.ArrayNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** One file of an outfit file, written row by row, with what its manifest tells of it. */
final class Rows implements AutoCloseable {

  private final ZipOutputStream zip;
  private final ArrayNode parts;
  private final String name;
  private final MessageDigest digest = sha256();
  private final Map<String, Integer> places = new HashMap<>();
  private Object[] row = {};
  private long count;
  private long bytes;

  Rows(ZipOutputStream zip, ArrayNode parts, String name) throws IOException {
    this.zip = zip;
    this.parts = parts;
    this.name = name;
    zip.putNextEntry(new ZipEntry(name));
  }

  /** So many rows stand in it already. */
  void countsFrom(long there) {
    count = there;
  }

  void columns(String heading) {
    List<String> names =
        Arrays.stream(heading.split(",")).map(each -> each.replace("\"", "")).toList();
    for (String each : names) {
      places.put(each, places.size());
    }
    row = new Object[places.size()];
  }

  /** A row of values for these columns, in their order; what is not named stays empty. */
  void add(List<String> names, Object... values) throws IOException {
    Object[] pairs = new Object[2 * values.length];
    for (int i = 0; i < values.length; i++) {
      pairs[2 * i] = names.get(i);
      pairs[2 * i + 1] = values[i];
    }
    add(pairs);
  }

  /** A row of names and values in turn; what is not named stays empty. */
  void add(Object... pairs) throws IOException {
    Arrays.fill(row, null);
    for (int i = 0; i < pairs.length; i += 2) {
      Integer place = places.get((String) pairs[i]);
      if (place == null) {
        throw new IllegalArgumentException(name + " has no column " + pairs[i]);
      }
      row[place] = pairs[i + 1];
    }
    StringBuilder line = new StringBuilder(400);
    for (int i = 0; i < row.length; i++) {
      line.append(i == 0 ? "" : ",");
      if (row[i] != null) {
        line.append('"').append(row[i]).append('"');
      }
    }
    raw(line.append('\n').toString());
    count++;
  }

  void raw(String text) throws IOException {
    byte[] all = text.getBytes(StandardCharsets.UTF_8);
    zip.write(all);
    digest.update(all);
    bytes += all.length;
  }

  @Override
  public void close() throws IOException {
    zip.closeEntry();
    parts
        .addObject()
        .put("name", name)
        .put("rows", count)
        .put("bytes", bytes)
        .put("sha256", HexFormat.of().formatHex(digest.digest()));
  }

  private static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException missing) {
      throw new IllegalStateException(missing);
    }
  }
}
