package tavrel.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

class DiskRoomTest {

  private static final long LEAST = 64_000_000;

  private final AtomicLong left = new AtomicLong();
  private final DiskRoom room = new DiskRoom(left::get, LEAST);

  @Test
  void below_the_rest_it_is_full_and_above_it_all_is_well_again() {
    left.set(LEAST - 1);
    assertThat(room.isFull()).isTrue();
    left.set(LEAST);
    assertThat(room.isFull()).isFalse();
  }

  @Test
  void nothing_left_is_full_whatever_is_set() {
    assertThat(new DiskRoom(() -> 4_096, 0).isFull()).isTrue();
    assertThat(new DiskRoom(() -> 8_000_000, 0).isFull()).isFalse();
  }

  @Test
  void a_disk_of_which_nothing_is_known_is_not_taken_for_full() {
    DiskRoom unknown =
        new DiskRoom(
            () -> {
              throw new IOException("gone");
            },
            LEAST);
    assertThat(unknown.isFull()).isFalse();
    assertThat(unknown.left()).isEqualTo(-1);
  }
}
