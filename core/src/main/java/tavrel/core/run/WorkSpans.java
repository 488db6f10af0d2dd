package tavrel.core.run;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How long people really worked in a run: from its first burn to its last opening, cut at pauses
 * and where the rest was put off. A night between two halves is no work.
 */
public final class WorkSpans {

  private WorkSpans() {}

  /**
   * A halt of the crew, or its end.
   *
   * @param kind {@link EventKind#PAUSED}, {@link EventKind#PUT_OFF} or {@link EventKind#WENT_ON};
   *     others are left out
   * @param at when
   * @param next what happened next in the run, whatever it was, or null for nothing
   */
  public record Halt(EventKind kind, Instant at, @Nullable Instant next) {}

  /**
   * Time worked.
   *
   * @param began the first burn
   * @param ended the last opening
   * @param halts of the run, in any order
   * @return zero or more
   */
  public static Duration worked(Instant began, Instant ended, List<Halt> halts) {
    List<Halt> inOrder = halts.stream().sorted(Comparator.comparing(Halt::at)).toList();
    Duration idle = Duration.ZERO;
    Instant paused = null;
    for (Halt halt : inOrder) {
      switch (halt.kind()) {
        case PAUSED -> paused = paused == null ? halt.at() : paused;
        case WENT_ON -> {
          idle = idle.plus(within(paused, halt.at(), began, ended));
          paused = null;
        }
        case PUT_OFF -> {
          idle = idle.plus(within(paused, halt.at(), began, ended));
          idle = idle.plus(within(halt.at(), halt.next(), began, ended));
          paused = null;
        }
        default -> {}
      }
    }
    Duration all = Duration.between(began, ended).minus(idle);
    return all.isNegative() ? Duration.ZERO : all;
  }

  private static Duration within(
      @Nullable Instant from, @Nullable Instant to, Instant began, Instant ended) {
    if (from == null) {
      return Duration.ZERO;
    }
    Instant first = from.isBefore(began) ? began : from;
    Instant last = to == null || to.isAfter(ended) ? ended : to;
    return last.isAfter(first) ? Duration.between(first, last) : Duration.ZERO;
  }
}
