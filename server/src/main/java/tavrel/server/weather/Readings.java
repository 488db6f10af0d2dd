package tavrel.server.weather;

import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.weather.Reading;
import tavrel.core.weather.WindFelt;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.people.Account;

/** What people read from thermometers in the yards. */
@Service
class Readings {

  private final ReadingMapper mapper;
  private final Apiaries apiaries;
  private final YardWeather weather;
  private final Clock clock;

  Readings(ReadingMapper mapper, Apiaries apiaries, YardWeather weather, Clock clock) {
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.weather = weather;
    this.clock = clock;
  }

  /**
   * A reading as it is entered; its time is the server's now.
   *
   * @param celsius air temperature, °C
   * @param wind as it is felt
   * @param windFrom direction it comes from, degrees clockwise from north
   * @param rain whether it rains
   */
  public record NewReading(double celsius, WindFelt wind, int windFrom, boolean rain) {}

  /** Keeps a reading; the same id again changes nothing. */
  @Transactional
  public void keep(UUID apiaryId, UUID id, NewReading wanted, Account who) {
    Apiary apiary = apiaries.byId(apiaryId);
    Reading reading =
        new Reading(
            clock.instant(),
            wanted.celsius(),
            wanted.wind(),
            wanted.windFrom(),
            wanted.rain(),
            who.name());
    if (mapper.holds(id) == 0) {
      mapper.add(id, apiaryId, reading, weather.held(apiary, reading));
    }
  }
}
