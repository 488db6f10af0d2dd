package tavrel.server.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import tavrel.server.store.DiskRoom;

class DiskGateTest {

  private final DiskRoom room = mock();
  private final DiskGate gate = new DiskGate(room);

  @Test
  void below_the_rest_nothing_new_is_taken_and_above_it_all_is_well_again() {
    when(room.isFull()).thenReturn(true);
    assertThatThrownBy(() -> asks("PUT"))
        .isInstanceOfSatisfying(
            Problem.class, refused -> assertThat(refused.status().value()).isEqualTo(507))
        .hasMessageContaining("The disk of this computer is full; nothing new is kept.");
    when(room.isFull()).thenReturn(false);
    assertThatCode(() -> asks("PUT")).doesNotThrowAnyException();
  }

  @Test
  void what_is_kept_can_be_looked_at() {
    when(room.isFull()).thenReturn(true);
    assertThatCode(() -> asks("GET")).doesNotThrowAnyException();
  }

  private void asks(String method) {
    gate.preHandle(
        new MockHttpServletRequest(method, "/api/counts"), new MockHttpServletResponse(), this);
  }
}
