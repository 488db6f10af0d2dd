package tavrel.server.safekeeping;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.util.ConcurrentModificationException;
import org.junit.jupiter.api.Test;

class OutfitLoaderTest {

  @Test
  void a_race_within_the_database_is_no_fault_of_the_file() {
    Throwable race = new ConcurrentModificationException();
    assertThat(OutfitLoader.isRace(new SQLException("General error", "HY000", 50_000, race)))
        .isTrue();
    assertThat(OutfitLoader.isRace(new SQLException("General error", "HY000", 50_000))).isFalse();
    assertThat(OutfitLoader.isRace(new SQLException("Unique index", "23505", 23_505, race)))
        .isFalse();
  }
}
