package tavrel.core.brood;

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

  /** There is none. */
  public static final FreeWindow NONE = new FreeWindow(null, null, false);

  /** Whether there is none, not even a likely one. */
  public boolean isEmpty() {
    return sure == null && likely == null;
  }

  /** The likely days, or the sure ones where those alone are known. */
  public @Nullable DaySpan widest() {
    return likely == null ? sure : likely;
  }
}
