package tavrel.server.count;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.count.BoardsDue;
import tavrel.server.hive.Hives;
import tavrel.server.people.Account;

/** Boards that lie under hives, until they are read. */
@Service
public class DropBoards {

  private final CountMapper mapper;
  private final Hives allHives;
  private final Clock clock;

  DropBoards(CountMapper mapper, Hives allHives, Clock clock) {
    this.mapper = mapper;
    this.allHives = allHives;
    this.clock = clock;
  }

  /** Lays boards under hives; one that lies there already goes on. */
  @Transactional
  public void lay(Map<UUID, UUID> boardByHive, Account who) {
    Set<UUID> lie =
        mapper.laid().stream().map(CountMapper.LaidBoard::hiveId).collect(Collectors.toSet());
    allHives
        .at(boardByHive.keySet())
        .keySet()
        .forEach(
            hiveId -> {
              if (!lie.contains(hiveId)) {
                UUID id = Objects.requireNonNull(boardByHive.get(hiveId));
                mapper.lay(id, hiveId, clock.instant(), who.name(), who.id());
              }
            });
  }

  /** What is due of boards that have lain long enough to read, by apiary. */
  public Map<UUID, BoardsDue> toRead() {
    Instant now = clock.instant();
    Map<UUID, List<Duration>> lain = new HashMap<>();
    for (CountMapper.LaidBoard board : mapper.laid()) {
      Duration time = Duration.between(board.laidAt(), now);
      if (time.compareTo(BoardsDue.FIRST) >= 0) {
        UUID apiaryId = allHives.apiaryIdOf(board.hiveId());
        lain.computeIfAbsent(apiaryId, none -> new ArrayList<>()).add(time);
      }
    }
    Map<UUID, BoardsDue> due = new HashMap<>();
    lain.forEach((id, times) -> due.put(id, BoardsDue.of(times.size(), Collections.max(times))));
    return due;
  }
}
