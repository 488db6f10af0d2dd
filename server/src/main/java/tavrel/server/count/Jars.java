package tavrel.server.count;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.count.HiveSpread;
import tavrel.core.count.Jar;
import tavrel.core.count.WashKind;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.hive.HiveAt;
import tavrel.server.hive.Hives;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;

/** Bees of several hives counted in one jar. They start no single hive's model. */
@Service
public class Jars {

  /**
   * A jar as it is entered.
   *
   * @param hiveIds whose bees are in it
   * @param day when
   * @param kind of sample
   * @param mites counted
   * @param bees in all
   */
  public record NewJar(List<UUID> hiveIds, LocalDate day, WashKind kind, int mites, int bees) {}

  /**
   * A jar that was counted.
   *
   * @param id key
   * @param hiveIds whose bees were in it
   * @param day when
   * @param says what it tells of their mean
   * @param doneBy who counted
   */
  public record JarCounted(UUID id, List<UUID> hiveIds, LocalDate day, Fact says, String doneBy) {}

  private final JarMapper mapper;
  private final Hives hives;
  private final Apiaries apiaries;
  private final ApiaryYears years;
  private final HiveSpreads spreads;
  private final Clock clock;

  Jars(
      JarMapper mapper,
      Hives hives,
      Apiaries apiaries,
      ApiaryYears years,
      HiveSpreads spreads,
      Clock clock) {
    this.mapper = mapper;
    this.hives = hives;
    this.apiaries = apiaries;
    this.years = years;
    this.spreads = spreads;
    this.clock = clock;
  }

  /** Jars of a yard, the latest first. */
  List<JarCounted> of(UUID apiaryId) {
    return told(apiaries.byId(apiaryId), mapper.of(apiaryId));
  }

  /** Jars that had bees of a hive in them, the latest first. */
  public List<JarCounted> withBeesOf(UUID hiveId) {
    return told(hives.apiaryOf(hiveId), mapper.withBeesOf(hiveId));
  }

  /**
   * A jar, and whose bees are in it.
   *
   * @param jar as counted
   * @param hiveIds whose bees are in it
   */
  record Filled(Jar jar, List<UUID> hiveIds) {}

  /** Those that were counted in a yard on a day. */
  List<Filled> on(UUID apiaryId, LocalDate day) {
    List<JarMapper.Row> rows =
        mapper.of(apiaryId).stream().filter(row -> row.day().equals(day)).toList();
    Map<UUID, List<UUID>> inJar = inJar(rows);
    return rows.stream()
        .map(
            row -> {
              List<UUID> hiveIds = inJar.getOrDefault(row.id(), List.of());
              return new Filled(
                  new Jar(row.day(), row.kind(), hiveIds.size(), row.mites(), row.bees()), hiveIds);
            })
        .toList();
  }

  private Map<UUID, List<UUID>> inJar(List<JarMapper.Row> rows) {
    return rows.isEmpty()
        ? Map.of()
        : mapper.hivesIn(rows.stream().map(JarMapper.Row::id).toList()).stream()
            .collect(
                Collectors.groupingBy(
                    JarMapper.InJar::jarId,
                    Collectors.mapping(JarMapper.InJar::hiveId, Collectors.toList())));
  }

  private List<JarCounted> told(Apiary apiary, List<JarMapper.Row> rows) {
    double rolls = years.of(apiary).rollRecovery();
    HiveSpread spread = spreads.now();
    Map<UUID, List<UUID>> inJar = inJar(rows);
    return rows.stream()
        .map(
            row -> {
              List<UUID> hiveIds = inJar.getOrDefault(row.id(), List.of());
              Jar jar = new Jar(row.day(), row.kind(), hiveIds.size(), row.mites(), row.bees());
              return new JarCounted(
                  row.id(),
                  hiveIds,
                  row.day(),
                  jar.told(jar.recovery(rolls), spread),
                  row.doneBy());
            })
        .toList();
  }

  /**
   * Keeps a jar. The same id again changes nothing.
   *
   * @throws Problem 404 for an unknown hive
   * @throws InvalidValue if it cannot be: of one hive, of several yards, on a day on which one did
   *     not live
   */
  @Transactional
  public void keep(UUID id, NewJar jar, Account who) {
    if (mapper.isThere(id)) {
      return;
    }
    new Jar(jar.day(), jar.kind(), new HashSet<>(jar.hiveIds()).size(), jar.mites(), jar.bees());
    Map<UUID, HiveAt> at = hives.at(new HashSet<>(jar.hiveIds()));
    List<UUID> yards = at.values().stream().map(each -> each.apiary().id()).distinct().toList();
    if (yards.size() > 1) {
      throw new InvalidValue(
          "hiveIds", "jarOfTwoYards", "stand in different apiaries; fill a jar of each");
    }
    LocalDate today = apiaries.today(apiaries.byId(yards.get(0)));
    if (jar.day().isAfter(today)) {
      throw new InvalidValue(
          "day",
          "lifeAhead",
          "{day} has not come yet; write it down when it has happened",
          jar.day());
    }
    at.values().forEach(each -> each.refuseOutside("day", jar.day()));
    mapper.add(id, yards.get(0), jar, who.name(), who.id(), clock.instant());
    at.keySet().forEach(hiveId -> mapper.addHive(id, hiveId));
  }

  /** Strikes a jar out; it stays on record. */
  @Transactional
  public void strike(UUID id, Account who) {
    mapper.strike(id, who.name(), clock.instant());
  }
}
