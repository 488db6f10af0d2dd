package tavrel.server.photo;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Set;
import tavrel.core.InvalidValue;

/**
 * A picture as it came in, looked at from outside: its kind, its size, and nothing in it beside
 * what draws it. It is never decoded here; whoever looks at it does that in a browser's sandbox.
 *
 * <p>What a camera writes beside the picture (where, when, with what, a small copy of it) is left
 * out: the application segments of a JPEG (ITU-T T.81, annex B) but for Adobe's colours, and the
 * chunks of a PNG (W3C, 3rd edition, 11) that do not draw.
 */
final class Picture {

  /** Largest picture that is kept, bytes; devices make theirs smaller. */
  static final int MOST_BYTES = 400 * 1024;

  /** Longest side, pixels. */
  static final int LONGEST_SIDE = 4_096;

  private static final byte[] PNG_BEGIN = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};
  private static final int CHUNK_FRAME = 12;
  private static final Set<String> DRAW =
      Set.of("IHDR", "PLTE", "tRNS", "gAMA", "sRGB", "IDAT", "IEND");
  private static final int MARK = 0xff;
  private static final int SCAN = 0xda;
  private static final int END = 0xd9;
  private static final int APP_FIRST = 0xe0;
  private static final int APP_ADOBE = 0xee;
  private static final int APP_LAST = 0xef;
  private static final int COMMENT = 0xfe;
  private static final int TABLE_OF_CODES = 0xc4;
  private static final int EXTENSION = 0xc8;
  private static final int ARITHMETIC = 0xcc;

  private final String ending;
  private final byte[] bytes;
  private final int width;
  private final int height;

  private Picture(String ending, byte[] bytes, int width, int height) {
    this.ending = ending;
    this.bytes = bytes;
    this.width = width;
    this.height = height;
    if (width < 1 || height < 1) {
      throw none();
    }
    if (width > LONGEST_SIDE || height > LONGEST_SIDE) {
      throw new InvalidValue(
          "picture",
          "pictureTooWide",
          "is {width} by {height} pixels; at most {most} a side",
          width,
          height,
          LONGEST_SIDE);
    }
  }

  /**
   * Reads what came in.
   *
   * @throws InvalidValue if it is no JPEG or PNG picture, only a part of one, or too large
   */
  static Picture read(byte[] sent) {
    if (sent.length > MOST_BYTES) {
      throw new InvalidValue(
          "picture",
          "pictureTooLarge",
          "has {size} kB; at most {most}",
          sent.length / 1024,
          MOST_BYTES / 1024);
    }
    try {
      if (sent.length > 2 && at(sent, 0) == MARK && at(sent, 1) == 0xd8) {
        return jpeg(sent);
      }
      if (sent.length > PNG_BEGIN.length
          && Arrays.equals(sent, 0, PNG_BEGIN.length, PNG_BEGIN, 0, PNG_BEGIN.length)) {
        return png(sent);
      }
    } catch (IndexOutOfBoundsException cutShort) {
      throw none();
    }
    throw none();
  }

  private static Picture jpeg(byte[] sent) {
    ByteArrayOutputStream kept = new ByteArrayOutputStream(sent.length);
    kept.write(sent, 0, 2);
    int width = 0;
    int height = 0;
    int here = 2;
    while (true) {
      int mark = at(sent, here + 1);
      if (at(sent, here) != MARK) {
        throw none();
      }
      if (mark == MARK) {
        here++;
        continue;
      }
      int length = two(sent, here + 2);
      if (mark < 0xc0 || mark == END || length < 2) {
        throw none();
      }
      int next = here + 2 + length;
      if (isFrame(mark)) {
        height = two(sent, here + 5);
        width = two(sent, here + 7);
      }
      if (mark == SCAN) {
        int end = endOfScans(sent, next);
        kept.write(sent, here, end - here);
        return new Picture("jpg", kept.toByteArray(), width, height);
      }
      boolean tells = isToldBeside(mark);
      if (!tells) {
        if (next > sent.length) {
          throw none();
        }
        kept.write(sent, here, next - here);
      }
      here = next;
    }
  }

  /** What comes after the end mark is no part of the picture. */
  private static int endOfScans(byte[] sent, int from) {
    int here = from;
    while (true) {
      if (at(sent, here) != MARK) {
        here++;
        continue;
      }
      int mark = at(sent, here + 1);
      if (mark == END) {
        return here + 2;
      }
      boolean tells = isToldBeside(mark);
      if (tells) {
        throw none();
      }
      here += 2;
    }
  }

  private static boolean isToldBeside(int mark) {
    return mark == COMMENT || (mark >= APP_FIRST && mark <= APP_LAST && mark != APP_ADOBE);
  }

  private static boolean isFrame(int mark) {
    return mark >= 0xc0
        && mark <= 0xcf
        && mark != TABLE_OF_CODES
        && mark != EXTENSION
        && mark != ARITHMETIC;
  }

  private static Picture png(byte[] sent) {
    ByteArrayOutputStream kept = new ByteArrayOutputStream(sent.length);
    kept.writeBytes(PNG_BEGIN);
    int here = PNG_BEGIN.length;
    boolean first = true;
    while (true) {
      int length = four(sent, here);
      String name = new String(sent, here + 4, 4, StandardCharsets.US_ASCII);
      if (length < 0 || length > sent.length || first != "IHDR".equals(name)) {
        throw none();
      }
      first = false;
      int next = here + CHUNK_FRAME + length;
      if (next > sent.length) {
        throw none();
      }
      if (DRAW.contains(name)) {
        kept.write(sent, here, next - here);
      }
      if ("IEND".equals(name)) {
        return new Picture(
            "png",
            kept.toByteArray(),
            four(sent, PNG_BEGIN.length + 8),
            four(sent, PNG_BEGIN.length + 12));
      }
      here = next;
    }
  }

  /** What its file is called: the digest of what is in it, so that the same is kept once. */
  String fileName() {
    try {
      byte[] digest = MessageDigest.getInstance("SHA-256").digest(bytes);
      return HexFormat.of().formatHex(digest) + "." + ending;
    } catch (NoSuchAlgorithmException missing) {
      throw new IllegalStateException(missing);
    }
  }

  /** What is kept of it. */
  byte[] bytes() {
    return bytes.clone();
  }

  int width() {
    return width;
  }

  int height() {
    return height;
  }

  private static InvalidValue none() {
    return new InvalidValue(
        "picture", "pictureNone", "is no JPEG or PNG picture, or only a part of one");
  }

  private static int at(byte[] sent, int index) {
    return sent[index] & 0xff;
  }

  private static int two(byte[] sent, int index) {
    return at(sent, index) << 8 | at(sent, index + 1);
  }

  private static int four(byte[] sent, int index) {
    return two(sent, index) << 16 | two(sent, index + 2);
  }
}
