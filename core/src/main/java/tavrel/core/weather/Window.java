package tavrel.core.weather;

import java.time.Instant;

/**
 * Hours in a row of the same grade.
 *
 * @param from first minute
 * @param to end, not part of it
 * @param grade good or fair
 */
public record Window(Instant from, Instant to, HourGrade grade) {}
