package tavrel.server.count;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tavrel.server.hive.HiveHistory;

/** Days on which mites were counted. */
@Component
class CountHistory implements HiveHistory {

  private final CountMapper mapper;

  CountHistory(CountMapper mapper) {
    this.mapper = mapper;
  }

  @Override
  public Optional<LocalDate> firstDay(UUID hiveId) {
    return mapper.firstDay(hiveId);
  }

  @Override
  public List<Seen> since(Collection<UUID> hiveIds, LocalDate day) {
    return mapper.countedSince(hiveIds, day);
  }
}
