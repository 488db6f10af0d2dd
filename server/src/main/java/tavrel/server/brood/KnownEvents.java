package tavrel.server.brood;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tavrel.core.brood.BroodEvent;

/**
 * Brood events of every hive, kept in memory for the lists that look at thousands of them. Read
 * from the table once; a hive whose events change is read again when the change is kept.
 */
@Component
class KnownEvents {

  private final BroodMapper mapper;
  private @Nullable Map<UUID, List<BroodEvent>> byHive;

  KnownEvents(BroodMapper mapper) {
    this.mapper = mapper;
  }

  /** Events in order, by hive; a hive without any is missing. */
  synchronized Map<UUID, List<BroodEvent>> all() {
    Map<UUID, List<BroodEvent>> known = byHive;
    if (known == null) {
      known =
          mapper.all().stream()
              .collect(
                  Collectors.groupingBy(
                      NewBroodEvent::hiveId,
                      Collectors.mapping(NewBroodEvent::event, Collectors.toList())));
      byHive = known;
    }
    return known;
  }

  /** Reads these hives again once the transaction under way is kept. */
  void changes(Collection<UUID> hives) {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            readAgain(hives);
          }
        });
  }

  private synchronized void readAgain(Collection<UUID> hives) {
    if (byHive == null) {
      return;
    }
    Map<UUID, List<BroodEvent>> next = new HashMap<>(byHive);
    for (UUID hive : hives) {
      List<BroodEvent> events = mapper.ofHive(hive).stream().map(NewBroodEvent::event).toList();
      if (events.isEmpty()) {
        next.remove(hive);
      } else {
        next.put(hive, events);
      }
    }
    byHive = next;
  }
}
