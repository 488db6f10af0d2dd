package tavrel.server.count;

import java.time.LocalDate;
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
}
