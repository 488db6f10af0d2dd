package tavrel.core.weather;

import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Hours in a row of the same grade.
 *
 * @param from first minute
 * @param to end, not part of it
 * @param grade good or fair
 * @param fits hives, in walking order, that can be done in what is left of it; null where nobody
 *     can tell
 */
public record Window(Instant from, Instant to, HourGrade grade, @Nullable Integer fits) {

  /** What is left of it after a moment; nothing where it is over by then. */
  public Optional<Window> after(Instant moment) {
    if (!to.isAfter(moment)) {
      return Optional.empty();
    }
    return Optional.of(from.isBefore(moment) ? new Window(moment, to, grade, fits) : this);
  }
}
