package tavrel.server.apiary;

import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.springframework.stereotype.Service;

/**
 * Which day it is for what belongs to no single apiary: stock, gear, papers. It is the day at the
 * depot; without one, where most hives stand; without any, by this machine's clock.
 */
@Service
public class OutfitDay {

  private final ApiaryMapper mapper;
  private final Clock clock;

  OutfitDay(ApiaryMapper mapper, Clock clock) {
    this.mapper = mapper;
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
    return mapper.outfitZone().map(this::known).orElseGet(clock::getZone);
  }

  private ZoneId known(String zone) {
    try {
      return ZoneId.of(zone);
    } catch (DateTimeException unknown) {
      return clock.getZone();
    }
  }
}
