package tavrel.server.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import tavrel.core.InvalidValue;

/** A picture is known by what it is, never decoded, and keeps nothing of where it was taken. */
class PictureTest {

  @Test
  void what_a_camera_writes_beside_a_picture_is_left_out_and_the_picture_is_the_same()
      throws Exception {
    for (byte[] sent : new byte[][] {SomePictures.jpeg(64, 48, 7), SomePictures.png(64, 48)}) {
      assertThat(new String(sent, StandardCharsets.ISO_8859_1)).contains(SomePictures.PLACE);
      Picture picture = Picture.read(sent);
      assertThat(new String(picture.bytes(), StandardCharsets.ISO_8859_1))
          .doesNotContain(SomePictures.PLACE);
      assertThat(picture.width()).isEqualTo(64);
      assertThat(picture.height()).isEqualTo(48);
      BufferedImage before = ImageIO.read(new ByteArrayInputStream(sent));
      BufferedImage after = ImageIO.read(new ByteArrayInputStream(picture.bytes()));
      assertThat(after.getRGB(0, 0, 64, 48, null, 0, 64))
          .isEqualTo(before.getRGB(0, 0, 64, 48, null, 0, 64));
      assertThat(Picture.read(picture.bytes()).fileName()).isEqualTo(picture.fileName());
    }
  }

  @Test
  void what_is_no_picture_whatever_it_is_called_is_refused() {
    byte[] zip = {'P', 'K', 3, 4, 20, 0, 0, 0, 8, 0, 1, 2, 3, 4, 5, 6};
    byte[] page = "<svg onload=alert(1)>".getBytes(StandardCharsets.UTF_8);
    for (byte[] sent : new byte[][] {zip, page, new byte[0], {(byte) 0xff, (byte) 0xd8}}) {
      refused(sent, "pictureNone");
    }
  }

  @Test
  void a_part_of_a_picture_is_refused_wherever_it_was_cut() {
    for (byte[] sent : new byte[][] {SomePictures.jpeg(40, 30, 3), SomePictures.png(40, 30)}) {
      byte[] whole = Picture.read(sent).bytes();
      for (int length = 0; length < whole.length; length++) {
        refused(Arrays.copyOf(whole, length), "pictureNone");
      }
    }
  }

  @Test
  void what_was_changed_at_random_is_read_or_refused_and_never_breaks() {
    Random random = new Random(11);
    byte[] whole = SomePictures.jpeg(40, 30, 3);
    for (int i = 0; i < 20_000; i++) {
      byte[] changed = whole.clone();
      for (int times = random.nextInt(4); times >= 0; times--) {
        changed[random.nextInt(changed.length)] = (byte) random.nextInt();
      }
      try {
        assertThat(new String(Picture.read(changed).bytes(), StandardCharsets.ISO_8859_1))
            .doesNotContain("after the end");
      } catch (InvalidValue refused) {
        assertThat(refused.field()).isEqualTo("picture");
      }
    }
  }

  @Test
  void too_many_bytes_and_too_many_pixels_are_refused_with_how_many_there_may_be() {
    refused(new byte[Picture.MOST_BYTES + 1], "pictureTooLarge");
    refused(SomePictures.png(Picture.LONGEST_SIDE + 1, 1), "pictureTooWide");
  }

  private static void refused(byte[] sent, String code) {
    assertThatThrownBy(() -> Picture.read(sent))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.code()).isEqualTo(code));
  }
}
