package tavrel.server.weather;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.time.ZoneId;
import org.springframework.stereotype.Component;
import tavrel.core.weather.Place;
import tavrel.core.weather.Sun;

/** The sun of days at places, computed once each: it costs more than the rest. */
@Component
class SunTimes {

  private record Key(Place place, LocalDate date, ZoneId zone) {}

  private final Cache<Key, Sun> known = Caffeine.newBuilder().maximumSize(60_000).build();

  Sun of(Place place, LocalDate date, ZoneId zone) {
    return known.get(new Key(place, date, zone), key -> Sun.of(place, date, zone));
  }
}
