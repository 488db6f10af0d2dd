package tavrel.server.season;

import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;

/** The year of each apiary: as the keeper set it, or as it usually is there. */
@Service
public class Seasons {

  private final SeasonMapper mapper;
  private final Apiaries apiaries;

  Seasons(SeasonMapper mapper, Apiaries apiaries) {
    this.mapper = mapper;
    this.apiaries = apiaries;
  }

  /** An apiary's year. */
  public ApiarySeason of(Apiary apiary) {
    return mapper.of(apiary.id()).orElseGet(() -> ApiarySeason.usual(south(apiary)));
  }

  /** Whether an apiary lies south of the equator; one without a place counts as north. */
  public static boolean south(Apiary apiary) {
    return apiary.latitude() != null && apiary.latitude() < 0;
  }

  /** Apiaries whose year the keeper set. */
  Set<UUID> own() {
    return Set.copyOf(mapper.own());
  }

  /** Keeps an apiary's year. */
  @Transactional
  public ApiarySeason keep(UUID apiaryId, ApiarySeason season) {
    apiaries.byId(apiaryId);
    mapper.keep(apiaryId, season);
    return season;
  }
}
