package tavrel.server.count;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Service;
import tavrel.core.count.HiveSpread;
import tavrel.core.count.Infestation;
import tavrel.server.hive.Hives;
import tavrel.server.outfit.OutfitDay;

/** How much hives of one yard differ in this outfit, by its counts of the last months. */
@Service
public class HiveSpreads {

  /** Older counts are left out, days. */
  private static final int DAYS = 180;

  private final CountMapper mapper;
  private final Hives allHives;
  private final OutfitDay day;

  /** It moves slowly and every yard asks for it. */
  private final Cache<LocalDate, HiveSpread> known =
      Caffeine.newBuilder().expireAfterWrite(Duration.ofMinutes(10)).maximumSize(4).build();

  HiveSpreads(CountMapper mapper, Hives allHives, OutfitDay day) {
    this.mapper = mapper;
    this.allHives = allHives;
    this.day = day;
  }

  /** As it is today. */
  public HiveSpread now() {
    return known.get(day.today(), this::of);
  }

  private HiveSpread of(LocalDate today) {
    Map<UUID, Map<UUID, Infestation>> yards = new HashMap<>();
    Map<UUID, UUID> apiaries = allHives.apiaryIds();
    for (CountMapper.SampleOf each : mapper.samplesSince(today.minusDays(DAYS))) {
      yards
          .computeIfAbsent(
              Objects.requireNonNull(apiaries.get(each.hiveId())), id -> new LinkedHashMap<>())
          .put(each.hiveId(), new Infestation(each.mites(), each.bees(), 1, 1, each.day()));
    }
    return HiveSpread.of(
        yards.values().stream().map(hives -> List.copyOf(hives.values())).toList());
  }
}
