package tavrel.server.apiary;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;

/**
 * Yards under an order of the authority or a ban on movement: nothing leaves them, comes in or is
 * given away, and crews come to them last. What the order itself asks for stands in it, and goes
 * before anything that is reckoned here.
 */
@Service
public class Holds {

  private static final int LONGEST = 200;

  private final HoldMapper mapper;
  private final Apiaries apiaries;
  private final Clock clock;

  Holds(HoldMapper mapper, Apiaries apiaries, Clock clock) {
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.clock = clock;
  }

  /**
   * An order as it is entered.
   *
   * @param from first day
   * @param why what was ordered, and by whom
   */
  record NewHold(LocalDate from, String why) {

    /**
     * @throws InvalidValue if nobody can know later what it was
     */
    public NewHold {
      why = InvalidValue.text("why", why, LONGEST);
    }
  }

  /** What a yard is under now. */
  public Optional<Hold> now(UUID apiaryId) {
    return mapper.of(apiaryId).stream().filter(hold -> hold.until() == null).findFirst();
  }

  /** Yards that are held now. */
  public Map<UUID, Hold> standing() {
    return mapper.standing().stream()
        .collect(Collectors.toMap(Hold::apiaryId, Function.identity()));
  }

  /** All that a yard was ever under, the latest first. */
  List<Hold> of(UUID apiaryId) {
    return mapper.of(apiaryId);
  }

  /**
   * Refuses what may not be done in a yard on a day on which it was held.
   *
   * @param field what named the yard
   * @throws InvalidValue naming since when and why
   */
  public void refuse(String field, UUID apiaryId, LocalDate day) {
    mapper.of(apiaryId).stream()
        .filter(hold -> hold.isOn(day))
        .findFirst()
        .ifPresent(
            hold -> {
              throw new InvalidValue(
                  field,
                  "apiaryHeld",
                  "{apiary} is held since {from} ({why}): nothing leaves it, comes in or is given away",
                  apiaries.byId(apiaryId).name(),
                  hold.from(),
                  hold.why());
            });
  }

  /**
   * Writes down that a yard is held; where it is already, its day and reason are put right.
   *
   * @throws Problem 404
   * @throws InvalidValue if the day has not come
   */
  @Transactional
  public void begin(UUID apiaryId, NewHold hold, Account who) {
    apiaries.hold(apiaryId);
    refuseAhead(apiaryId, hold.from());
    Optional<Hold> known = now(apiaryId);
    if (known.isPresent()) {
      mapper.putRight(known.get().id(), hold);
    } else {
      mapper.add(UUID.randomUUID(), apiaryId, hold, who.name(), who.id(), clock.instant());
    }
  }

  /**
   * Writes down that it is lifted; where none stands, nothing changes.
   *
   * @param day first day on which it no longer holds
   * @throws InvalidValue if that is before it began, or has not come
   */
  @Transactional
  public void lift(UUID apiaryId, LocalDate day, Account who) {
    apiaries.hold(apiaryId);
    refuseAhead(apiaryId, day);
    Hold known = now(apiaryId).orElse(null);
    if (known == null) {
      return;
    }
    if (day.isBefore(known.from())) {
      throw new InvalidValue("day", "beforeFrom", "is before {from}", known.from());
    }
    mapper.lift(known.id(), day, who.name(), clock.instant());
  }

  private void refuseAhead(UUID apiaryId, LocalDate day) {
    if (day.isAfter(apiaries.today(apiaries.byId(apiaryId)))) {
      throw new InvalidValue(
          "day", "lifeAhead", "{day} has not come yet; write it down when it has happened", day);
    }
  }
}
