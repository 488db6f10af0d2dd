package tavrel.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import tavrel.server.http.Problem;

class DiskRoomTest {

  private static final long LEAST = 64_000_000;

  private final AtomicLong left = new AtomicLong();
  private final DiskRoom room = new DiskRoom(left::get, LEAST);
  private final DiskGate gate = new DiskGate(room);

  @Test
  void below_the_rest_nothing_new_is_taken_and_above_it_all_is_well_again() {
    left.set(LEAST - 1);
    assertThatThrownBy(() -> asks("PUT"))
        .isInstanceOfSatisfying(
            Problem.class, refused -> assertThat(refused.status().value()).isEqualTo(507))
        .hasMessageContaining("The disk of this computer is full; nothing new is kept.");
    left.set(LEAST);
    assertThatCode(() -> asks("PUT")).doesNotThrowAnyException();
  }

  @Test
  void what_is_kept_can_be_looked_at() {
    left.set(0);
    assertThatCode(() -> asks("GET")).doesNotThrowAnyException();
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

  private void asks(String method) {
    gate.preHandle(
        new MockHttpServletRequest(method, "/api/counts"), new MockHttpServletResponse(), this);
  }
}
