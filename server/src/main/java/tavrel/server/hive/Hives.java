package tavrel.server.hive;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.hive.Hive;
import tavrel.core.life.BeganAs;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

/** Hives, and where they stand. */
@Service
public class Hives {

  /**
   * A hive's name and where it stands.
   *
   * @param hiveId the hive
   * @param hive its name
   * @param apiaryId its apiary; of one that ended, the last
   * @param endedOn first day on which it was no more, or null while it lives
   */
  public record Named(UUID hiveId, String hive, UUID apiaryId, @Nullable LocalDate endedOn) {

    /** Whether it lives. */
    public boolean lives() {
      return endedOn == null;
    }
  }

  private final HiveMapper mapper;
  private final Apiaries apiaries;
  private final HiveStays stays;
  private final KeptWhileUnchanged<UUID, List<Hive>> living;

  Hives(HiveMapper mapper, Apiaries apiaries, HiveStays stays, Changes changes) {
    living = new KeptWhileUnchanged<>(changes, id -> List.copyOf(mapper.hives(id)), "hive");
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.stays = stays;
  }

  /** Hives that live in an apiary, in walking order. */
  public List<Hive> in(UUID apiaryId) {
    return living.of(apiaryId);
  }

  /** Hives that stood in an apiary on one of some days, ended ones too, in walking order. */
  public List<Hive> stoodIn(UUID apiaryId, LocalDate from, LocalDate to) {
    Set<UUID> ids = stays.stoodIn(apiaryId, from, to);
    return ids.isEmpty()
        ? List.of()
        : mapper.keptHives(ids).stream()
            .map(HiveRow::hive)
            .sorted(Comparator.comparingInt(Hive::place).thenComparing(Hive::name))
            .toList();
  }

  /** Ids of an apiary's hives in walking order. */
  public List<UUID> idsIn(UUID apiaryId) {
    return in(apiaryId).stream().map(Hive::id).toList();
  }

  /** Number of hives in one apiary. */
  public int count(UUID apiaryId) {
    return mapper.count(apiaryId);
  }

  /** Number of hives by apiary; one without hives is missing. */
  public Map<UUID, Integer> counts() {
    return mapper.perApiary().stream()
        .collect(Collectors.toMap(HivesPerApiary::apiaryId, HivesPerApiary::hives));
  }

  /**
   * Every hive with its name and apiary, by id, ended ones too; apiary by apiary in walking order.
   */
  public Map<UUID, Named> named() {
    Map<UUID, Named> named = new LinkedHashMap<>();
    mapper.everyHive().forEach(each -> named.put(each.hiveId(), each));
    return named;
  }

  /** Every hive that lives, apiary by apiary in walking order. */
  public List<Named> living() {
    return mapper.everyHive().stream().filter(Named::lives).toList();
  }

  /** Where each hive stands, or stood last. */
  public Map<UUID, UUID> apiaryIds() {
    return mapper.everyHive().stream().collect(Collectors.toMap(Named::hiveId, Named::apiaryId));
  }

  /**
   * A hive with this id.
   *
   * @throws Problem 404
   */
  public Hive byId(UUID hiveId) {
    return mapper
        .keptHive(hiveId)
        .map(HiveRow::hive)
        .orElseThrow(() -> Problem.missing(Missing.HIVE));
  }

  /**
   * Several hives and where they stand, by id.
   *
   * @throws Problem 404 where one is not there
   */
  public Map<UUID, HiveAt> at(Set<UUID> hiveIds) {
    if (hiveIds.isEmpty()) {
      return Map.of();
    }
    Map<UUID, Apiary> known =
        apiaries.all().stream().collect(Collectors.toMap(Apiary::id, Function.identity()));
    Map<UUID, HiveMapper.Stands> standing =
        mapper.standing(hiveIds).stream()
            .collect(Collectors.toMap(HiveMapper.Stands::hiveId, Function.identity()));
    if (standing.size() < hiveIds.size()) {
      throw Problem.missing(Missing.HIVE);
    }
    return mapper.keptHives(hiveIds).stream()
        .map(HiveRow::hive)
        .collect(
            Collectors.toMap(
                Hive::id,
                hive -> {
                  HiveMapper.Stands stands = Objects.requireNonNull(standing.get(hive.id()));
                  return new HiveAt(
                      hive, Objects.requireNonNull(known.get(stands.apiaryId())), stands.endedOn());
                }));
  }

  /** The apiary that a hive stands in. */
  public Apiary apiaryOf(UUID hiveId) {
    return apiaries.byId(apiaryIdOf(hiveId));
  }

  /**
   * Where a hive stands.
   *
   * @throws Problem 404
   */
  public UUID apiaryIdOf(UUID hiveId) {
    return mapper.apiaryOf(hiveId).orElseThrow(() -> Problem.missing(Missing.HIVE));
  }

  /** Keeps a hive that is new and stood there already. */
  public void add(Hive hive, UUID apiaryId, Instant at) {
    mapper.addHive(hive, apiaryId, BeganAs.ALREADY_HERE, null, at);
    stays.begin(hive, apiaryId);
  }

  /** Keeps what changed of a hive; other boxes and supers hold from today on. */
  public void change(Hive hive, Account who) {
    Hive before = byId(hive.id());
    mapper.changeHive(hive);
    stays.setUp(before, hive, apiaries.today(apiaryOf(hive.id())), who);
    if (!Objects.equals(before.since(), hive.since())) {
      stays.draw(hive.id());
    }
  }
}
