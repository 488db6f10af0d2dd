package tavrel.server.safekeeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tavrel.core.InvalidValue;

class LoadingTest {

  private static final String URL = "jdbc:h2:mem:loading";

  private final ConcurrentLinkedQueue<String> done = new ConcurrentLinkedQueue<>();
  private Connection keepsItOpen;

  @BeforeEach
  void a_database() throws SQLException {
    keepsItOpen = DriverManager.getConnection(URL, DatabaseSwap.USER, "");
  }

  @AfterEach
  void is_gone() throws SQLException {
    keepsItOpen.close();
  }

  @Test
  void a_step_begins_once_all_that_it_needs_is_done() throws Exception {
    CountDownLatch held = new CountDownLatch(1);
    try (Loading loading = new Loading(URL)) {
      Loading.Done one = loading.rows(List.of(), own -> slowly(held, "one"));
      Loading.Done two = loading.rows(List.of(), own -> done.add("two"));
      loading.table(List.of(one, two), own -> done.add("index on both"));
      loading.table(List.of(two), own -> done.add("index on two"));
      loading.rows(List.of(two), own -> held.countDown());
      loading.await();
    }
    assertThat(done).containsSubsequence("two", "one", "index on both");
    assertThat(done).containsSubsequence("two", "index on two");
  }

  @Test
  void tables_are_changed_one_at_a_time() throws Exception {
    AtomicBoolean busy = new AtomicBoolean();
    try (Loading loading = new Loading(URL)) {
      for (int i = 0; i < 20; i++) {
        loading.table(
            List.of(),
            own -> {
              assertThat(busy.compareAndSet(false, true)).isTrue();
              Thread.onSpinWait();
              busy.set(false);
            });
      }
      loading.await();
    }
  }

  @Test
  void what_is_refused_comes_out_as_it_was_said_and_nothing_begins_after_it() {
    assertThatThrownBy(
            () -> {
              try (Loading loading = new Loading(URL)) {
                Loading.Done refused =
                    loading.rows(
                        List.of(),
                        own -> {
                          throw OutfitFile.refused("outfitCutShort", "is not so");
                        });
                loading.table(List.of(refused), own -> done.add("index"));
                loading.await();
              }
            })
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("is not so");
    assertThat(done).isEmpty();
  }

  @Test
  void one_that_fails_is_told_while_another_is_still_at_work_and_that_one_is_waited_for() {
    CountDownLatch held = new CountDownLatch(1);
    assertThatThrownBy(
            () -> {
              try (Loading loading = new Loading(URL)) {
                loading.rows(
                    List.of(),
                    own -> {
                      try {
                        held.await();
                      } catch (InterruptedException stopped) {
                        done.add("stopped");
                      }
                    });
                loading.rows(
                    List.of(),
                    own -> {
                      throw new IOException("no room");
                    });
                loading.await();
              }
            })
        .isInstanceOf(IOException.class)
        .hasMessage("no room");
    assertThat(done).containsExactly("stopped");
  }

  @Test
  void what_the_database_refuses_comes_out_as_its_own() {
    assertThatThrownBy(
            () -> {
              try (Loading loading = new Loading(URL)) {
                loading.rows(List.of(), own -> own.createStatement().execute("select nonsense"));
                loading.await();
              }
            })
        .isInstanceOf(SQLException.class)
        .hasMessageContaining("NONSENSE");
  }

  private void slowly(CountDownLatch held, String what) {
    try {
      held.await();
      done.add(what);
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
    }
  }
}
