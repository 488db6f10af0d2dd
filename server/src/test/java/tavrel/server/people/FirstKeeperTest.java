package tavrel.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.mock.env.MockEnvironment;

class FirstKeeperTest {

  private final Accounts accounts = mock(Accounts.class);
  private final MockEnvironment environment = new MockEnvironment();

  @Test
  void whoever_reads_the_console_makes_the_keeper_once() {
    when(accounts.none()).thenReturn(true);
    Account keeper = new Account(UUID.randomUUID(), "wren", "Wren", Role.KEEPER, true, false);
    when(accounts.add("wren", "Wren", "secret enough", Role.KEEPER)).thenReturn(keeper);
    FirstKeeper door = new FirstKeeper(accounts, environment);
    String code = Objects.requireNonNull(door.code());
    assertThat(door.code()).as("asked again, it is the same").isEqualTo(code);
    assertThat(door.open()).isTrue();
    assertThat(door.make("WRONG-CODE1", "wren", "Wren", "secret enough")).isNull();
    assertThat(
            door.make(
                code.toLowerCase(Locale.ROOT).replace("-", " "), "wren", "Wren", "secret enough"))
        .isEqualTo(keeper);
    assertThat(door.open()).isFalse();
    assertThat(door.make(code, "other", "Other", "secret enough")).as("the code is spent").isNull();
  }

  @Test
  void with_an_account_there_is_no_code_and_no_door() {
    when(accounts.none()).thenReturn(false);
    FirstKeeper door = new FirstKeeper(accounts, environment);
    assertThat(door.code()).isNull();
    assertThat(door.make("", "wren", "Wren", "secret enough")).isNull();
    verify(accounts, never()).add(anyString(), anyString(), anyString(), eq(Role.KEEPER));
  }
}
