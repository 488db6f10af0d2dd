package tavrel.server.putoff;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.server.outfit.OutfitDay;
import tavrel.server.people.Account;

/** Puts lines off, and takes them up again. */
@Service
public class PutOffs {

  /** Longer than this nobody remembers why, days. */
  private static final int LONGEST = 120;

  private final PutOffMapper mapper;
  private final OutfitDay day;
  private final Clock clock;

  PutOffs(PutOffMapper mapper, OutfitDay day, Clock clock) {
    this.mapper = mapper;
    this.day = day;
    this.clock = clock;
  }

  /** What is put off today, by line; of several the latest. */
  public Map<String, PutOff> now() {
    return mapper.until(day.today()).stream()
        .collect(Collectors.toMap(PutOff::line, Function.identity(), (first, later) -> later));
  }

  /**
   * Puts a line off. The same id again changes nothing.
   *
   * @throws InvalidValue if the day is not ahead, or too far
   */
  @Transactional
  void put(UUID id, NewPutOff put, Account who) {
    if (mapper.known(id) > 0) {
      return;
    }
    LocalDate today = day.today();
    if (!put.until().isAfter(today) || put.until().isAfter(today.plusDays(LONGEST))) {
      throw new InvalidValue(
          "until",
          "mustLieFrom",
          "{day} must lie from {first} to {last}",
          put.until(),
          today.plusDays(1),
          today.plusDays(LONGEST));
    }
    mapper.end(put.line(), clock.instant());
    mapper.add(id, put, who.name(), who.id(), clock.instant());
  }

  /** Takes a line up again. */
  @Transactional
  void takeUp(String line) {
    mapper.end(line, clock.instant());
  }
}
