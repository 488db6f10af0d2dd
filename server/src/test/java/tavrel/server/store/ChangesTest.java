package tavrel.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tavrel.server.Yard;
import tavrel.server.count.Counts;

class ChangesTest extends Yard {

  @Autowired private Changes changes;
  @Autowired private Counts counts;
  @Autowired private PlatformTransactionManager transactions;

  private final AtomicInteger reads = new AtomicInteger();

  @Test
  void a_write_is_counted_for_the_part_whose_table_it_is_and_for_no_other() {
    long count = changes.number("count");
    long apiary = changes.number("apiary");

    wash(hives.get(0), today, 2);

    assertThat(changes.number("count")).isGreaterThan(count);
    assertThat(changes.number("apiary")).isEqualTo(apiary);
  }

  @Test
  void what_was_read_is_kept_until_a_write_and_read_past_by_who_writes() {
    KeptWhileUnchanged<String, Integer> kept =
        new KeptWhileUnchanged<>(changes, key -> reads.incrementAndGet(), "count");
    assertThat(kept.of("a")).isEqualTo(1);
    assertThat(kept.of("a")).isEqualTo(1);

    new TransactionTemplate(transactions)
        .executeWithoutResult(
            status -> {
              counts.strikeSign(UUID.randomUUID());
              assertThat(kept.of("a")).as("in the middle of writing").isEqualTo(2);
              status.setRollbackOnly();
            });

    assertThat(kept.of("a")).as("after what was not kept").isEqualTo(3);
    assertThat(kept.of("a")).isEqualTo(3);
  }
}
