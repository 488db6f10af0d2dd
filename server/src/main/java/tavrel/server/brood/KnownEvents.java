package tavrel.server.brood;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tavrel.core.brood.BroodEvent;
import tavrel.core.life.Kinship;
import tavrel.core.life.Tie;
import tavrel.server.hive.HiveStays;

/**
 * Brood events of every hive, kept in memory for the lists that look at thousands of them. Read
 * from the table once; a hive whose events change is read again when the change is kept.
 */
@Component
class KnownEvents {

  private final BroodMapper mapper;
  private final HiveStays stays;
  private @Nullable Map<UUID, List<BroodEvent>> byHive;

  KnownEvents(BroodMapper mapper, HiveStays stays) {
    this.mapper = mapper;
    this.stays = stays;
  }

  /**
   * Events in order, by hive; a hive without any is missing. A split has those of its mother until
   * that day before its own.
   */
  Map<UUID, List<BroodEvent>> all() {
    Map<UUID, List<BroodEvent>> own = own();
    Kinship kinship = stays.kinship();
    Set<UUID> splits = kinship.splits();
    if (splits.isEmpty()) {
      return own;
    }
    Map<UUID, List<BroodEvent>> all = new HashMap<>(own);
    for (UUID split : splits) {
      List<BroodEvent> events =
          withMothers(split, kinship, hive -> own.getOrDefault(hive, List.of()));
      if (!events.isEmpty()) {
        all.put(split, events);
      }
    }
    return all;
  }

  /** Events of one hive in order, as the table has them now. */
  List<BroodEvent> of(UUID hiveId) {
    return withMothers(
        hiveId,
        stays.kinship(),
        hive -> mapper.ofHive(hive).stream().map(NewBroodEvent::event).toList());
  }

  private static List<BroodEvent> withMothers(
      UUID hiveId, Kinship kinship, Function<UUID, List<BroodEvent>> own) {
    List<BroodEvent> events = new ArrayList<>(own.apply(hiveId));
    LocalDate until = LocalDate.MAX;
    for (Tie split : kinship.mothers(hiveId)) {
      LocalDate day = split.day().isBefore(until) ? split.day() : until;
      events.addAll(
          0,
          own.apply(split.otherId()).stream().filter(event -> !event.day().isAfter(day)).toList());
      until = day;
    }
    return events;
  }

  private synchronized Map<UUID, List<BroodEvent>> own() {
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
