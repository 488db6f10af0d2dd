package tavrel.core.brood;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;

/**
 * Days without capped brood: now, or the next that come.
 *
 * @param sure days that are free even if laying began at its earliest, or null
 * @param likely days that are free if laying begins when it usually does, or null
 * @param openEnded whether nothing on record ends it; the last day shown is only where looking ends
 */
public record FreeWindow(@Nullable DaySpan sure, @Nullable DaySpan likely, boolean openEnded) {

  /** A window that opens within so many days is worth knowing: time to look, and to plan. */
  public static final int SOON = 14;

  /** One that ends within so many presses: after it mites are under cappings again. */
  public static final int CLOSING = 7;

  /** There is none. */
  public static final FreeWindow NONE = new FreeWindow(null, null, false);

  /** Whether there is none, not even a likely one. */
  public boolean isEmpty() {
    return sure == null && likely == null;
  }

  /** Whether it begins within the next two weeks. */
  public boolean opensSoon(LocalDate today) {
    DaySpan days = widest();
    return days != null && days.from().isAfter(today) && !days.from().isAfter(today.plusDays(SOON));
  }

  /** Whether it has begun, and ends within a week. */
  public boolean closesSoon(LocalDate today) {
    DaySpan days = widest();
    return days != null
        && !days.from().isAfter(today)
        && !days.to().isAfter(today.plusDays(CLOSING));
  }

  /** The likely days, or the sure ones where those alone are known. */
  public @Nullable DaySpan widest() {
    return likely == null ? sure : likely;
  }
}
