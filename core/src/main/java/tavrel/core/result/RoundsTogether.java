package tavrel.core.result;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * Rounds that belong together, since no three weeks passed between one and the next: what is
 * counted before and after them is held against each other.
 *
 * @param days days of the rounds, ascending; one at least
 * @param next day of the first round after them, or null
 */
public record RoundsTogether(List<LocalDate> days, @Nullable LocalDate next) {

  /** Rounds farther apart than this are not of one treatment, days. */
  private static final int APART = 21;

  /** A sample tells of the colony before a treatment for so long, days. */
  public static final int BEFORE = 30;

  /** A sample tells of a treatment from so long after its last round, days: then brood is out. */
  public static final int SETTLED = 10;

  /** And for so long, days; then the colony has gone its way. */
  private static final int AFTER = 45;

  /** Copies. */
  public RoundsTogether {
    days = List.copyOf(days);
  }

  /** Stretches of rounds, the latest first. */
  public static List<RoundsTogether> latestFirst(Collection<LocalDate> rounds) {
    List<RoundsTogether> stretches = new ArrayList<>(of(rounds));
    Collections.reverse(stretches);
    return List.copyOf(stretches);
  }

  /** Stretches of rounds, the earliest first. */
  public static List<RoundsTogether> of(Collection<LocalDate> rounds) {
    List<RoundsTogether> stretches = new ArrayList<>();
    List<LocalDate> days = new ArrayList<>();
    for (LocalDate day : new TreeSet<>(rounds)) {
      if (!days.isEmpty() && ChronoUnit.DAYS.between(days.get(days.size() - 1), day) > APART) {
        stretches.add(new RoundsTogether(days, day));
        days = new ArrayList<>();
      }
      days.add(day);
    }
    if (!days.isEmpty()) {
      stretches.add(new RoundsTogether(days, null));
    }
    return List.copyOf(stretches);
  }

  /** Day of the first round. */
  public LocalDate first() {
    return days.get(0);
  }

  /** Day of the last round so far. */
  public LocalDate last() {
    return days.get(days.size() - 1);
  }

  /** Whether a round is one of these. */
  public boolean holds(LocalDate round) {
    return !round.isBefore(first()) && !round.isAfter(last());
  }

  /** Whether a sample of this day tells of the time before. */
  public boolean isBefore(LocalDate sample) {
    return !sample.isAfter(first()) && !sample.isBefore(first().minusDays(BEFORE));
  }

  /** Whether a sample of this day tells of the time after. */
  public boolean isAfter(LocalDate sample) {
    return !sample.isBefore(last().plusDays(SETTLED))
        && !sample.isAfter(last().plusDays(AFTER))
        && (next == null || !sample.isAfter(next));
  }

  /** Whether a board read on this day tells of the round after these. */
  private boolean isOfNext(LocalDate day) {
    return next != null && !day.isBefore(next) && !day.isAfter(next.plusDays(RoundDrop.TELLS));
  }

  /** Whether anything counted on this day has to do with these rounds. */
  public boolean concerns(LocalDate day) {
    return isOfNext(day)
        || (!day.isBefore(first().minusDays(BEFORE)) && !day.isAfter(last().plusDays(AFTER)));
  }
}
