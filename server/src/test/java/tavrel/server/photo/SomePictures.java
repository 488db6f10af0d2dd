package tavrel.server.photo;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import javax.imageio.ImageIO;

/** Pictures made up for tests, as a camera would write them. */
public final class SomePictures {

  /** Stands in the place data of each. */
  public static final String PLACE = "47.61N 24.33W";

  private SomePictures() {}

  /** A JPEG with place data and a comment in it, another for every seed. */
  public static byte[] jpeg(int width, int height, long seed) {
    byte[] plain = drawn("jpg", width, height, seed);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(plain, 0, 2);
    segment(out, 0xe1, "Exif\0\0" + PLACE);
    segment(out, 0xfe, "taken at " + PLACE);
    out.write(plain, 2, plain.length - 2);
    out.writeBytes(("after the end " + PLACE).getBytes(StandardCharsets.US_ASCII));
    return out.toByteArray();
  }

  /** A PNG with a text about its place in it. */
  public static byte[] png(int width, int height) {
    byte[] plain = drawn("png", width, height, 1);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    int afterHeader = 8 + 12 + 13;
    out.write(plain, 0, afterHeader);
    byte[] text = PLACE.getBytes(StandardCharsets.US_ASCII);
    out.writeBytes(new byte[] {0, 0, 0, (byte) text.length, 't', 'E', 'X', 't'});
    out.writeBytes(text);
    out.writeBytes(new byte[4]);
    out.write(plain, afterHeader, plain.length - afterHeader);
    return out.toByteArray();
  }

  private static void segment(ByteArrayOutputStream out, int mark, String says) {
    byte[] text = says.getBytes(StandardCharsets.US_ASCII);
    out.write(0xff);
    out.write(mark);
    out.write(0);
    out.write(text.length + 2);
    out.writeBytes(text);
  }

  private static byte[] drawn(String kind, int width, int height, long seed) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Random random = new Random(seed);
    for (int i = 0; i < 40; i++) {
      image.setRGB(random.nextInt(width), random.nextInt(height), Color.ORANGE.getRGB());
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, kind, out);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
    return out.toByteArray();
  }
}
