package tavrel.core.brood;

import java.time.LocalDate;
import tavrel.core.Fact;

/**
 * A day on which a look inside settles what the clock can only expect.
 *
 * @param day when
 * @param why what to look for
 */
public record LookDate(LocalDate day, Fact why) {}
