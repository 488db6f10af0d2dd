package tavrel.server.safekeeping;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tavrel.server.photo.PictureFiles;

/**
 * What an outfit file says of itself.
 *
 * @param format always {@value #FORMAT}
 * @param version of the way in which files are written
 * @param tables version of the tables, as their migrations count
 * @param program the one that wrote it, or null in files of before it was told; nothing depends on
 *     it
 * @param files what is in it
 */
@JsonIgnoreProperties(ignoreUnknown = true)
record Manifest(
    String format, int version, int tables, @Nullable String program, List<Part> files) {

  static final String FORMAT = "tavrel-outfit";
  static final int VERSION = 1;
  static final String NAME = "manifest.json";
  static final String SCHEMA = "schema.json";

  /**
   * One file in it.
   *
   * @param name its path in the archive
   * @param rows rows under the heading
   * @param bytes its length unpacked
   * @param sha256 its digest, hexadecimal
   */
  record Part(String name, long rows, long bytes, String sha256) {

    /** A part that has no name or digest is none. */
    Part {
      Objects.requireNonNull(name);
      Objects.requireNonNull(sha256);
    }
  }

  private static final String PICTURES = "photos/";

  /** Where a picture is. */
  static String pictureOf(String fileName) {
    return PICTURES + fileName;
  }

  /** What the file of a picture is called; of anything else, null. */
  static @Nullable String pictureIn(String part) {
    String name = part.startsWith(PICTURES) ? part.substring(PICTURES.length()) : "";
    return PictureFiles.isName(name) ? name : null;
  }

  /** Where the rows of a table are. */
  static String fileOf(String table) {
    return "data/" + table + ".csv";
  }
}
