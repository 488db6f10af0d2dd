package tavrel.server.run;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.run.CrewLog;
import tavrel.core.run.Guard;
import tavrel.core.run.PeopleCheck;
import tavrel.core.weather.HourReason;
import tavrel.core.weather.HourRule;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.weather.WeatherThere;
import tavrel.server.weather.YardWeather;

/** People checks, before anything burns. */
@Service
public class PeopleChecks {

  /** A check that comes so long after it was made was kept by a device without network, s. */
  private static final int LATE_SECONDS = 60;

  private final RoundMapper mapper;
  private final Apiaries apiaries;
  private final YardWeather weather;
  private final Clock clock;

  PeopleChecks(RoundMapper mapper, Apiaries apiaries, YardWeather weather, Clock clock) {
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.weather = weather;
    this.clock = clock;
  }

  /**
   * Keeps who confirmed the people check, and when. A second confirmation changes nothing, unless
   * the rest was put off in between.
   *
   * @param at when
   * @throws InvalidValue if that lies in the future or before the round was planned, or the hour is
   *     unsafe and nobody says why they go on; what comes late from a device is kept all the same
   */
  @Transactional
  public void confirm(UUID id, PeopleCheck check, Instant at, Account who) {
    Round round = mapper.lock(id).orElseThrow(() -> Problem.missing(Missing.ROUND));
    if (round.discardedAt() != null) {
      throw Problem.conflict(Fact.of("refused.roundThrownAway"));
    }
    Guard.checkMoment(at, round.plannedAt(), clock.instant());
    CrewLog crew = CrewLog.of(mapper.events(id));
    Optional<ConfirmedPeopleCheck> before = mapper.peopleCheck(id);
    if (before.isPresent() && crew.stillHolds(before.get().at())) {
      return;
    }
    Apiary apiary = apiaries.byId(round.apiaryId());
    WeatherThere there = weather.weatherAt(apiary, at);
    String side = there == null || there.madeUp() ? null : there.windSide();
    refuseUnsafe(check, there, at);
    String points =
        check.confirmed().stream().map(Enum::name).sorted().collect(Collectors.joining(","));
    mapper.addPeopleCheck(
        id,
        points,
        new ConfirmedPeopleCheck(
            side, who.name(), at, weather.toldCelsius(apiary, at), check.unsafeReason()),
        who.id());
  }

  private void refuseUnsafe(PeopleCheck check, @Nullable WeatherThere there, Instant at) {
    boolean late = at.isBefore(clock.instant().minusSeconds(LATE_SECONDS));
    if (there == null || there.madeUp() || late || check.unsafeReason() != null) {
      return;
    }
    List<HourReason> dangers = HourRule.dangers(there.weather());
    if (!dangers.isEmpty()) {
      throw new InvalidValue(
          "unsafeReason",
          "missingInDanger",
          "is missing: {dangers} ({source}). Stay away, or say why not",
          Fact.of("danger.all").facts("dangers", dangers.stream().map(PeopleChecks::told).toList()),
          there.says());
    }
  }

  /** Without figures: the hour itself shows them. */
  private static Fact told(HourReason danger) {
    return switch (danger.code()) {
      case STORM -> Fact.of("danger.storm");
      case TOO_HOT -> Fact.of("danger.tooHot");
      case THUNDER_OR_ICE -> Fact.of("danger.thunderOrIce");
      default -> throw new IllegalArgumentException(danger.code() + " is no danger");
    };
  }
}
