package tavrel.server.apiary;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Hive;
import tavrel.server.http.Problem;

/** Apiaries and their hives. */
@Service
public class Apiaries {

  private final ApiaryMapper mapper;
  private final Clock clock;

  Apiaries(ApiaryMapper mapper, Clock clock) {
    this.mapper = mapper;
    this.clock = clock;
  }

  /** All, by name. */
  public List<Apiary> all() {
    return mapper.all();
  }

  /**
   * The apiary with this id.
   *
   * @throws Problem 404
   */
  public Apiary byId(UUID id) {
    return mapper.byId(id).orElseThrow(() -> Problem.missing("This apiary"));
  }

  /** Its hives in walking order. */
  public List<Hive> hives(UUID id) {
    return mapper.hives(id);
  }

  /** Number of hives in one apiary. */
  public int hiveCount(UUID id) {
    return mapper.hiveCount(id);
  }

  /** Number of hives by apiary; one without hives is missing. */
  public Map<UUID, Integer> hiveCounts() {
    return mapper.hiveCounts().stream()
        .collect(Collectors.toMap(HiveCount::apiaryId, HiveCount::hives));
  }

  /** Changes name, place or zone. */
  @Transactional
  Apiary change(Apiary apiary) {
    byId(apiary.id());
    if (mapper.byName(apiary.name()).filter(other -> !other.id().equals(apiary.id())).isPresent()) {
      throw new InvalidValue("name", "is taken by another apiary");
    }
    mapper.change(apiary);
    return apiary;
  }

  /**
   * A hive with this id, and where it stands.
   *
   * @throws Problem 404
   */
  public Hive hive(UUID hiveId) {
    return hives(apiaryOf(hiveId)).stream()
        .filter(hive -> hive.id().equals(hiveId))
        .findFirst()
        .orElseThrow(() -> Problem.missing("This hive"));
  }

  /** Today's date there. */
  public LocalDate today(Apiary apiary) {
    return LocalDate.ofInstant(clock.instant(), apiary.zoneId());
  }

  /** The apiary that a hive stands in. */
  public Apiary ofHive(UUID hiveId) {
    return byId(apiaryOf(hiveId));
  }

  /**
   * Where a hive stands.
   *
   * @throws Problem 404
   */
  public UUID apiaryOf(UUID hiveId) {
    return mapper.apiaryOf(hiveId).orElseThrow(() -> Problem.missing("This hive"));
  }
}
