package tavrel.server.register;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tavrel.server.hive.HiveHistory;

/** Days on which hives were treated. */
@Component
class TreatmentHistory implements HiveHistory {

  private final RegisterMapper mapper;

  TreatmentHistory(RegisterMapper mapper) {
    this.mapper = mapper;
  }

  @Override
  public Optional<LocalDate> firstDay(UUID hiveId) {
    return mapper.firstDay(hiveId);
  }

  @Override
  public List<Seen> since(Collection<UUID> hiveIds, LocalDate day) {
    return mapper.treatedSince(hiveIds, day);
  }
}
