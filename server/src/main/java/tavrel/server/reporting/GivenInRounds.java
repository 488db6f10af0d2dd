package tavrel.server.reporting;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import tavrel.core.result.Given;

/** What each hive got in rounds that were done; lines that were struck out are left out. */
@Service
public class GivenInRounds {

  private final GivenMapper mapper;

  GivenInRounds(GivenMapper mapper) {
    this.mapper = mapper;
  }

  /** In all rounds of an apiary, in the order of days. */
  public List<Given> in(UUID apiaryId) {
    return mapper.in(apiaryId);
  }

  /** In some days, hives of which a sample of bees was counted in these days; hive by hive. */
  public List<Given> ofSampledHives(LocalDate from, LocalDate to) {
    return mapper.ofSampledHives(from, to);
  }
}
