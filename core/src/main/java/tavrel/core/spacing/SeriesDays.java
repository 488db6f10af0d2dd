package tavrel.core.spacing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * The rounds of a series with their days, and what becomes of them when the keeper wants others. A
 * round done or being run keeps its day, whatever is wanted.
 *
 * @param rounds by number, ascending
 * @param today the date there
 */
public record SeriesDays(List<Round> rounds, LocalDate today) {

  /** Nobody plans further ahead than this, days. */
  public static final int AHEAD = 400;

  /**
   * A round.
   *
   * @param number from 1
   * @param day its day as it stands
   * @param state how it stands today
   */
  public record Round(int number, LocalDate day, RoundState state) {}

  /**
   * What becomes of a round.
   *
   * @param number of the round; one above all that there are is a new one
   * @param day its day
   * @param leftOut whether it is left out from now on
   */
  public record Placed(int number, LocalDate day, boolean leftOut) {}

  public SeriesDays {
    rounds = List.copyOf(rounds);
  }

  /** Days of all rounds that are not left out, by number. */
  public List<LocalDate> days() {
    return active().map(Round::day).toList();
  }

  /** The next round that is neither done nor left out, or null. */
  public @Nullable Round next() {
    return active().filter(round -> round.state() != RoundState.DONE).findFirst().orElse(null);
  }

  /** Days of the rounds that are neither done nor left out, ascending. */
  public List<LocalDate> undone() {
    return active()
        .filter(round -> round.state() != RoundState.DONE)
        .map(Round::day)
        .sorted()
        .toList();
  }

  /** Those of them from today on. */
  public List<LocalDate> toCome() {
    return undone().stream().filter(day -> !day.isBefore(today)).toList();
  }

  /** Whether some rounds are done, some to come, and none is planned or being run. */
  public boolean isBetweenRounds() {
    return rounds.stream().anyMatch(round -> round.state() == RoundState.DONE)
        && rounds.stream().noneMatch(round -> round.state() == RoundState.OPEN)
        && !toCome().isEmpty();
  }

  /** Day of the last round, where all that were not left out are done; else null. */
  public @Nullable LocalDate doneOn() {
    return next() != null ? null : lastOf(round -> round.state() == RoundState.DONE);
  }

  /**
   * The days that a season plan gives.
   *
   * @param agreed day by number; a round to come without one is left out
   * @return what becomes of the rounds to come
   */
  public List<Placed> agreed(Map<Integer, LocalDate> agreed) {
    return active()
        .filter(round -> round.state().isToCome())
        .map(
            round -> {
              LocalDate day = agreed.get(round.number());
              return new Placed(round.number(), day == null ? round.day() : day, day == null);
            })
        .toList();
  }

  /**
   * Ways to go on after a miss.
   *
   * @param number the round that was missed
   * @param onto the day on which it can be done
   * @throws InvalidValue if there is no such round to come, or the day is past, too far, or before
   *     the round in front of it
   */
  public List<Respacing> ways(int number, LocalDate onto) {
    if (onto.isBefore(today) || onto.isAfter(today.plusDays(AHEAD))) {
      throw new InvalidValue("onto", "mustLieFromToday", "must lie from today, {today}, on", today);
    }
    return Respacing.of(days(), indexToCome(number), onto);
  }

  /** The rounds whose day a way to go on changes, and the one that it leaves out. */
  public List<Placed> respaced(Respacing way, int missed) {
    List<Placed> placed = new ArrayList<>();
    Iterator<LocalDate> days = way.days().iterator();
    for (Round round : active().toList()) {
      if (way.way() == Respacing.Way.LEAVE_OUT && round.number() == missed) {
        placed.add(new Placed(missed, round.day(), true));
        continue;
      }
      LocalDate day = days.next();
      if (!day.equals(round.day())) {
        placed.add(new Placed(round.number(), day, false));
      }
    }
    return List.copyOf(placed);
  }

  /** All days that there would be with other days to come. */
  public List<LocalDate> daysWith(List<LocalDate> rest) {
    return Stream.concat(
            active().filter(round -> !round.state().isToCome()).map(Round::day), rest.stream())
        .toList();
  }

  /**
   * Other days to come: rounds to come take them in turn, then rounds left out behind all that is
   * done, then new ones; those that find none are left out.
   *
   * @param rest ascending; none leaves all rounds to come out
   * @throws InvalidValue if a day is past or stands before a round done or being run
   */
  public List<Placed> withRest(List<LocalDate> rest) {
    LocalDate given = lastOf(round -> round.state().isUnderWayOrDone());
    LocalDate first = given == null || given.isBefore(today) ? today : given.plusDays(1);
    Iterator<LocalDate> days =
        new Schedule(rest).within(first, today.plusDays(AHEAD)).days().iterator();
    int lastGiven =
        rounds.stream()
            .filter(round -> round.state().isUnderWayOrDone())
            .mapToInt(Round::number)
            .max()
            .orElse(0);
    List<Placed> placed = new ArrayList<>();
    int last = 0;
    for (Round round : rounds) {
      last = round.number();
      boolean again =
          round.state() == RoundState.LEFT_OUT && round.number() > lastGiven && days.hasNext();
      if (round.state().isToCome() || again) {
        placed.add(
            days.hasNext()
                ? new Placed(round.number(), days.next(), false)
                : new Placed(round.number(), round.day(), true));
      }
    }
    while (days.hasNext()) {
      placed.add(new Placed(++last, days.next(), false));
    }
    return List.copyOf(placed);
  }

  private int indexToCome(int number) {
    List<Round> active = active().toList();
    for (int i = 0; i < active.size(); i++) {
      if (active.get(i).number() == number && active.get(i).state().isToCome()) {
        return i;
      }
    }
    throw new InvalidValue(
        "number", "noRoundThisSeries", "is no round of this series that is still to come");
  }

  private Stream<Round> active() {
    return rounds.stream().filter(round -> round.state() != RoundState.LEFT_OUT);
  }

  private @Nullable LocalDate lastOf(Predicate<Round> which) {
    return rounds.stream().filter(which).map(Round::day).max(LocalDate::compareTo).orElse(null);
  }
}
