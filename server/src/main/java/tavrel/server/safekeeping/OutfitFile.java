package tavrel.server.safekeeping;

import com.fasterxml.jackson.core.JacksonException;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import tavrel.core.InvalidValue;
import tavrel.server.photo.PictureFiles;

/**
 * An outfit file that is read. Nothing in it is unpacked to a path of its own choosing; nothing is
 * read beyond what it declares; what was changed since it was written is refused.
 */
final class OutfitFile implements AutoCloseable {

  private static final int MOST_FILES = 100_000;
  private static final int LONGEST_DESCRIPTION = 24 << 20;

  /** Rows pack to a tenth or so; what swells more than this is made to fill the disk. */
  private static final int MOST_SWELLING = 200;

  private static final long ROOM_FOR_SMALL_ONES = 4 << 20;

  /** Rows of a table that is read within a moment. */
  private static final long SMALL = 100_000;

  /** Takes the rows of one file. */
  interface Rows {

    /** A row, as text; null where nothing stands. The first is line 2 of the file. */
    void row(long line, CSVRecord row);
  }

  private final ZipFile zip;
  private final Manifest manifest;
  private final Map<String, Manifest.Part> parts = new LinkedHashMap<>();

  private OutfitFile(ZipFile zip, Manifest manifest) {
    this.zip = zip;
    this.manifest = manifest;
    manifest.files().forEach(part -> parts.put(part.name(), part));
  }

  /**
   * Opens it and holds what it declares against what it is.
   *
   * @param newest version of the tables that this program knows
   * @throws InvalidValue if it is no outfit file, cut short, changed, too new, or would swell
   * @throws IOException if it cannot be read at all
   */
  static OutfitFile open(Path path, int newest) throws IOException {
    ZipFile zip;
    try {
      zip = new ZipFile(path.toFile(), StandardCharsets.UTF_8);
    } catch (ZipException broken) {
      throw refused(
          "outfitCutShort",
          "is no outfit file, or only a part of one: it was cut short or is damaged");
    }
    try {
      OutfitFile file = new OutfitFile(zip, manifest(zip));
      file.check(Files.size(path), newest);
      return file;
    } catch (IOException | RuntimeException broken) {
      zip.close();
      throw broken;
    }
  }

  private static Manifest manifest(ZipFile zip) throws IOException {
    ZipEntry entry = zip.getEntry(Manifest.NAME);
    if (entry == null || entry.getSize() > LONGEST_DESCRIPTION) {
      throw refused(
          "outfitNoManifest",
          "is no outfit file: it has no {manifest} that can be read",
          Manifest.NAME);
    }
    try (InputStream in = zip.getInputStream(entry)) {
      Manifest manifest =
          OutfitWriter.JSON.readValue(in.readNBytes(LONGEST_DESCRIPTION), Manifest.class);
      if (!Manifest.FORMAT.equals(manifest.format()) || manifest.files() == null) {
        throw refused(
            "outfitOtherKind",
            "is no outfit file: its {manifest} is of another kind",
            Manifest.NAME);
      }
      if (manifest.files().contains(null)) {
        throw refused(
            "outfitEmptyEntry",
            "has a {manifest} with an empty entry: it is damaged or changed",
            Manifest.NAME);
      }
      return manifest;
    } catch (JacksonException | ZipException broken) {
      throw refused(
          "outfitManifestUnread",
          "has a {manifest} that cannot be read: it is damaged or changed",
          Manifest.NAME);
    }
  }

  private void check(long packed, int newest) {
    if (manifest.version() > Manifest.VERSION || manifest.tables() > newest) {
      throw refused(
          "outfitNewer",
          "was written by a newer Tavrel (tables of version {tables}; this one knows {newest}). Update first, then bring it in",
          manifest.tables(),
          newest);
    }
    if (manifest.version() < 1 || manifest.tables() < 1 || parts.size() > MOST_FILES) {
      throw refused("outfitManifestUntrue", "has a {manifest} that cannot be true", Manifest.NAME);
    }
    Set<String> found = new HashSet<>();
    long unpacked = 0;
    for (ZipEntry entry : Collections.list(zip.entries())) {
      if (!found.add(entry.getName())) {
        throw refused("outfitTwice", "holds {part} twice", shown(entry.getName()));
      }
      if (entry.getName().equals(Manifest.NAME)) {
        continue;
      }
      Manifest.Part part = parts.get(entry.getName());
      if (part == null) {
        throw refused(
            "outfitForeignPart", "holds {part}, which no outfit file has", shown(entry.getName()));
      }
      if (entry.getSize() != part.bytes() || part.rows() < 0) {
        throw refused(
            "outfitOtherLength",
            "{part} is not as long as it was when it was written",
            shown(part.name()));
      }
      unpacked += entry.getSize();
    }
    for (String name : parts.keySet()) {
      if (!found.contains(name)) {
        throw refused("outfitLacks", "lacks {part}", shown(name));
      }
    }
    if (unpacked > MOST_SWELLING * packed + ROOM_FOR_SMALL_ONES) {
      throw refused(
          "outfitSwells", "would swell to {most} MB; rows never pack that well", unpacked >> 20);
    }
  }

  Manifest manifest() {
    return manifest;
  }

  /** Rows in all its files. */
  long rows() {
    return parts.values().stream().mapToLong(Manifest.Part::rows).sum();
  }

  /** Whether it has the rows of exactly these tables, and beside them nothing but pictures. */
  void holds(List<StoredTable> tables) {
    Set<String> wanted = new HashSet<>(Set.of(Manifest.SCHEMA));
    tables.forEach(table -> wanted.add(Manifest.fileOf(table.name())));
    for (String name : parts.keySet()) {
      if (Manifest.pictureIn(name) == null && !wanted.remove(name)) {
        throw refused(
            "outfitPartOfOtherVersion",
            "holds {part}, which no outfit of its version has",
            shown(name));
      }
    }
    if (!wanted.isEmpty()) {
      throw refused("outfitLacks", "lacks {part}", wanted.iterator().next());
    }
  }

  /** The same tables, the longest first. */
  List<StoredTable> longestFirst(List<StoredTable> tables) {
    return tables.stream()
        .sorted(Comparator.comparing(table -> part(table).bytes(), Comparator.reverseOrder()))
        .toList();
  }

  /** Whether all rows of a table are read within a moment. */
  boolean isSmall(StoredTable table) {
    return part(table).rows() <= SMALL;
  }

  private Manifest.Part part(StoredTable table) {
    return Objects.requireNonNull(parts.get(Manifest.fileOf(table.name())), table.name());
  }

  /**
   * Reads every row of a table.
   *
   * @throws InvalidValue if its columns are others, its digest differs, or it breaks off
   */
  void read(StoredTable table, Rows rows) throws IOException {
    Manifest.Part part = part(table);
    MessageDigest digest = OutfitWriter.sha256();
    long seen = 0;
    try (InputStream in = new Declared(open(part), part, digest);
        CSVParser csv = CSVParser.builder().setReader(text(in)).setFormat(OutfitWriter.CSV).get()) {
      Iterator<CSVRecord> records = csv.iterator();
      if (!records.hasNext() || !records.next().toList().equals(table.columnNames())) {
        throw refused(
            "outfitOtherColumns",
            "{part} has other columns than its version has",
            shown(part.name()));
      }
      while (records.hasNext()) {
        CSVRecord row = records.next();
        seen++;
        if (row.size() != table.columns().size()) {
          throw refused(
              "outfitRowColumns",
              "{part}, line {line}: has {columns} columns, not {wanted}",
              part.name(),
              seen + 1,
              row.size(),
              table.columns().size());
        }
        rows.row(seen + 1, row);
      }
      in.transferTo(OutputStream.nullOutputStream());
    } catch (UncheckedIOException | ZipException broken) {
      throw refused("outfitBreaksOff", "{part} breaks off or is damaged", shown(part.name()));
    }
    if (seen != part.rows() || !HexFormat.of().formatHex(digest.digest()).equals(part.sha256())) {
      throw refused(
          "outfitChanged",
          "{part} was changed since it was written; only a file as Tavrel wrote it is brought in",
          shown(part.name()));
    }
  }

  /**
   * Takes its pictures out.
   *
   * @throws InvalidValue if one is not what it was when it was written
   * @throws IOException if the disk fails
   */
  void takePictures(PictureFiles pictures) throws IOException {
    for (Manifest.Part part : parts.values()) {
      String name = Manifest.pictureIn(part.name());
      if (name != null) {
        try (InputStream in = new Declared(open(part), part, OutfitWriter.sha256())) {
          if (!pictures.keep(name, in)) {
            throw refused(
                "outfitChanged",
                "{part} was changed since it was written; only a file as Tavrel wrote it is brought in",
                shown(part.name()));
          }
        } catch (ZipException broken) {
          throw refused("outfitBreaksOff", "{part} breaks off or is damaged", shown(part.name()));
        }
      }
    }
  }

  private InputStream open(Manifest.Part part) throws IOException {
    return zip.getInputStream(zip.getEntry(part.name()));
  }

  private static BufferedReader text(InputStream in) {
    return new BufferedReader(
        new InputStreamReader(
            in,
            StandardCharsets.UTF_8
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT)),
        1 << 16);
  }

  static InvalidValue refused(String code, String pattern, Object... values) {
    return new InvalidValue("file", code, pattern, values);
  }

  /** A name from the file, short and without what could mislead. */
  private static String shown(String name) {
    String plain = name.replaceAll("[^\\p{L}\\p{N}./_ -]", "?");
    return "“" + (plain.length() > 60 ? plain.substring(0, 60) + "…" : plain) + "”";
  }

  @Override
  public void close() throws IOException {
    zip.close();
  }

  /** Never gives more than was declared, whatever the archive holds. */
  private static final class Declared extends InputStream {

    private final InputStream in;
    private final Manifest.Part part;
    private final MessageDigest digest;
    private long left;

    Declared(InputStream in, Manifest.Part part, MessageDigest digest) {
      this.in = in;
      this.part = part;
      this.digest = digest;
      left = part.bytes();
    }

    @Override
    public int read() throws IOException {
      byte[] one = new byte[1];
      return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
    }

    @Override
    public int read(byte[] into, int offset, int length) throws IOException {
      int got = in.read(into, offset, length);
      if (got > 0) {
        left -= got;
        if (left < 0) {
          throw new ZipException(part.name());
        }
        digest.update(into, offset, got);
      }
      return got;
    }

    @Override
    public void close() throws IOException {
      in.close();
    }
  }
}
