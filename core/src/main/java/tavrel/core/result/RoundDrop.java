package tavrel.core.result;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tavrel.core.count.BoardReading;

/**
 * What the boards showed after one round.
 *
 * @param day of the round
 * @param mites counted in all
 * @param hours that the boards lay, in all
 * @param byTreatment mites above what falls by itself
 * @param lastMites mites on the last of them
 * @param lastHours hours that the last of them lay
 * @param settled whether the last was laid a day or more after the round, when most has fallen
 * @param readings how many were read
 * @param laidOn when the first was laid
 * @param readOn when the last was read
 */
public record RoundDrop(
    LocalDate day,
    int mites,
    double hours,
    double byTreatment,
    int lastMites,
    double lastHours,
    boolean settled,
    int readings,
    LocalDate laidOn,
    LocalDate readOn) {

  /** First day whose kill lies on the boards. */
  public LocalDate firstKill() {
    return laidOn.isBefore(day) ? laidOn : day;
  }

  /** Last day whose kill lies on the boards: what is done on the day of the reading comes after. */
  public LocalDate lastKill() {
    return readOn.equals(day) ? day : readOn.minusDays(1);
  }

  /** A board tells of a round only so long after it, days: what falls later falls by itself. */
  public static final int TELLS = 4;

  private static final double A_DAY = 24;

  /**
   * Drops by round: a board counts for the latest round that was done before it was read.
   *
   * @param rounds days of the rounds, in any order
   * @param boards in any order; those of natural drop are left out
   * @param naturalPerDay mites a day that fall by themselves; 0 where nobody knows
   * @return rounds after which a board was read, in order
   */
  public static List<RoundDrop> of(
      List<LocalDate> rounds, List<BoardReading> boards, double naturalPerDay) {
    SortedMap<LocalDate, List<BoardReading>> byRound = new TreeMap<>();
    for (BoardReading board : boards) {
      LocalDate round = board.natural() ? null : roundOf(board, rounds);
      if (round != null) {
        byRound.computeIfAbsent(round, day -> new ArrayList<>()).add(board);
      }
    }
    List<RoundDrop> drops = new ArrayList<>();
    byRound.forEach((round, own) -> drops.add(of(round, own, naturalPerDay)));
    return List.copyOf(drops);
  }

  private static @Nullable LocalDate roundOf(BoardReading board, List<LocalDate> rounds) {
    return rounds.stream()
        .filter(board::readAfter)
        .max(Comparator.naturalOrder())
        .filter(round -> ChronoUnit.DAYS.between(round, board.day()) <= TELLS)
        .orElse(null);
  }

  private static RoundDrop of(LocalDate round, List<BoardReading> own, double naturalPerDay) {
    own.sort(Comparator.comparing(BoardReading::day));
    BoardReading last = own.get(own.size() - 1);
    return new RoundDrop(
        round,
        own.stream().mapToInt(BoardReading::mites).sum(),
        own.stream().mapToDouble(BoardReading::hours).sum(),
        own.stream().mapToDouble(board -> board.byTreatment(naturalPerDay)).sum(),
        last.mites(),
        last.hours(),
        24 * ChronoUnit.DAYS.between(round, last.day()) - last.hours() >= A_DAY,
        own.size(),
        own.get(0).laidOn(),
        last.day());
  }
}
