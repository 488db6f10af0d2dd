package tavrel.server.weather;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.weather.OwnForecast;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.people.Account;

/** What people expect of the weather, in four figures a day. */
@Service
class OwnForecasts {

  /** Four figures for any day beyond this are a guess. */
  static final int DAYS_AHEAD = 14;

  private final OwnForecastMapper mapper;
  private final Apiaries apiaries;
  private final Clock clock;

  OwnForecasts(OwnForecastMapper mapper, Apiaries apiaries, Clock clock) {
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.clock = clock;
  }

  /**
   * A forecast as it is entered; its moment is the server's now.
   *
   * @param day the day
   * @param low lowest air temperature, °C
   * @param high highest, °C
   * @param windMs wind, m/s
   * @param rainMm rain in the day, mm
   * @param rainFrom local hour at which the rain begins, or null
   * @param rainTo local hour at which it ends, or null
   * @param thunderOrIce whether thunder or ice is expected
   * @param also other apiaries that share the weather, or null
   */
  public record NewForecast(
      LocalDate day,
      double low,
      double high,
      double windMs,
      double rainMm,
      @Nullable Integer rainFrom,
      @Nullable Integer rainTo,
      boolean thunderOrIce,
      @Nullable List<UUID> also) {}

  /**
   * Keeps it; the same id again changes nothing.
   *
   * @throws InvalidValue if the day is over or too far ahead, or a figure cannot be
   */
  @Transactional
  public void keep(UUID apiaryId, UUID id, NewForecast wanted, Account who) {
    Apiary apiary = apiaries.byId(apiaryId);
    LocalDate today = apiaries.today(apiary);
    if (wanted.day().isBefore(today) || wanted.day().isAfter(today.plusDays(DAYS_AHEAD - 1L))) {
      throw new InvalidValue(
          "day",
          "mustTodayOrOne",
          "must be today or one of the next {value} days",
          (DAYS_AHEAD - 1));
    }
    OwnForecast own =
        new OwnForecast(
            wanted.day(),
            wanted.low(),
            wanted.high(),
            wanted.windMs(),
            wanted.rainMm(),
            wanted.rainFrom(),
            wanted.rainTo(),
            wanted.thunderOrIce(),
            clock.instant(),
            who.name());
    Set<UUID> others = new LinkedHashSet<>(wanted.also() == null ? List.of() : wanted.also());
    others.remove(apiaryId);
    add(id, apiaryId, own);
    for (UUID other : others) {
      apiaries.byId(other);
      add(UUID.nameUUIDFromBytes((id + "/" + other).getBytes(StandardCharsets.UTF_8)), other, own);
    }
  }

  private void add(UUID id, UUID apiaryId, OwnForecast own) {
    if (mapper.holds(id) == 0) {
      mapper.add(id, apiaryId, own);
    }
  }

  /** Takes back what was said of a day. */
  @Transactional
  public void strike(UUID apiaryId, LocalDate day) {
    apiaries.byId(apiaryId);
    mapper.strike(apiaryId, day, clock.instant());
  }

  /** What was said last of each day from today on. */
  public List<OwnForecast> ahead(Apiary apiary) {
    LocalDate today = apiaries.today(apiary);
    return mapper.between(apiary.id(), today, today.plusDays(DAYS_AHEAD));
  }
}
