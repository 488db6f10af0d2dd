package tavrel.server.table;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/**
 * A table file as text: what encoding and separator it was written with is found out, not asked.
 *
 * @param text without byte order mark
 * @param encoding what it was read as, for the keeper
 * @param separator comma, semicolon or tab
 */
public record TableText(String text, String encoding, char separator) {

  /** No table of ours has more columns than fit into this. */
  private static final int LONGEST_HEADER = 10_000;

  private static final Charset OFFICE = Charset.forName("windows-1252");

  /**
   * Reads bytes as text.
   *
   * @throws InvalidValue if this is no text file
   */
  public static TableText of(byte[] bytes) {
    if (bytes.length == 0) {
      throw new InvalidValue("file", "empty", "is empty");
    }
    if (startsWith(bytes, 0xFE, 0xFF) || startsWith(bytes, 0xFF, 0xFE)) {
      return of(new String(bytes, StandardCharsets.UTF_16), "UTF-16");
    }
    if (startsWith(bytes, 'P', 'K') || hasZero(bytes)) {
      throw new InvalidValue(
          "file",
          "notTextFileSave",
          "is not a text file; save the table as CSV, then choose that file");
    }
    try {
      String text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
      return of(text.startsWith("\uFEFF") ? text.substring(1) : text, "UTF-8");
    } catch (CharacterCodingException notUtf8) {
      return of(new String(bytes, OFFICE), "Windows-1252");
    }
  }

  private static TableText of(String text, String encoding) {
    String header = text.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
    if (header.length() > LONGEST_HEADER) {
      throw new InvalidValue(
          "file",
          "hasFirstRowMore",
          "has a first row of more than 10,000 characters; is it the right file?");
    }
    char separator = ',';
    for (char candidate : new char[] {';', '\t'}) {
      if (count(header, candidate) > count(header, separator)) {
        separator = candidate;
      }
    }
    return new TableText(text, encoding, separator);
  }

  /**
   * What is made of its rows.
   *
   * @param <T> what is made
   */
  public interface Reading<T> {

    /** Reads them, one after the other. */
    T of(CSVParser rows);
  }

  /**
   * Reads its rows.
   *
   * @throws InvalidValue at {@code file} if they do not make a table
   */
  public <T> T read(Reading<T> reading) {
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(separator)
            .setIgnoreEmptyLines(true)
            .setIgnoreSurroundingSpaces(true)
            .get();
    try (CSVParser rows = CSVParser.parse(text, format)) {
      return reading.of(rows);
    } catch (UncheckedIOException | IOException | IllegalStateException broken) {
      throw new InvalidValue(
          "file",
          "cannotReadAsTable",
          "cannot be read as a table; look for a quotation mark that is never closed");
    }
  }

  /** How it was read. */
  public Fact told() {
    Fact told =
        separator == ';'
            ? Fact.of("file.semicolons")
            : separator == '\t' ? Fact.of("file.tabs") : Fact.of("file.commas");
    return told.text("encoding", encoding);
  }

  private static long count(String text, char wanted) {
    return text.chars().filter(c -> c == wanted).count();
  }

  private static boolean startsWith(byte[] bytes, int first, int second) {
    return bytes.length >= 2 && (bytes[0] & 0xFF) == first && (bytes[1] & 0xFF) == second;
  }

  private static boolean hasZero(byte[] bytes) {
    for (byte b : bytes) {
      if (b == 0) {
        return true;
      }
    }
    return false;
  }
}
