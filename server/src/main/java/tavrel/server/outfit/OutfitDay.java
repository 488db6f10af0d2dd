package tavrel.server.outfit;

import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.Hives;

/**
 * Which day it is for what belongs to no single apiary: stock, gear, papers. It is the day at the
 * depot; without one, where most hives stand; without any, by this machine's clock.
 */
@Service
public class OutfitDay {

  private final DepotMapper depot;
  private final Apiaries apiaries;
  private final Hives hives;
  private final Clock clock;

  OutfitDay(DepotMapper depot, Apiaries apiaries, Hives hives, Clock clock) {
    this.depot = depot;
    this.apiaries = apiaries;
    this.hives = hives;
    this.clock = clock;
  }

  /** Today. */
  public LocalDate today() {
    return of(clock.instant());
  }

  /** The day on which a moment falls. */
  public LocalDate of(Instant at) {
    return LocalDate.ofInstant(at, zone());
  }

  /** The zone that days are told by. */
  public ZoneId zone() {
    return depot
        .depot()
        .map(Depot::zone)
        .or(this::whereMostHivesStand)
        .map(this::known)
        .orElseGet(clock::getZone);
  }

  private Optional<String> whereMostHivesStand() {
    Map<UUID, Integer> counts = hives.counts();
    Map<String, Integer> byZone =
        apiaries.all().stream()
            .collect(
                Collectors.toMap(
                    Apiary::zone,
                    apiary -> counts.getOrDefault(apiary.id(), 0),
                    Integer::sum,
                    TreeMap::new));
    return byZone.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
  }

  private ZoneId known(String zone) {
    try {
      return ZoneId.of(zone);
    } catch (DateTimeException unknown) {
      return clock.getZone();
    }
  }
}
