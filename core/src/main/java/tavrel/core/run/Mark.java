package tavrel.core.run;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Something seen at a hive that does not move it on.
 *
 * @param kind leak, residue, note, or a step that came twice
 * @param at when
 * @param by who
 * @param says the words typed, if any
 */
public record Mark(EventKind kind, Instant at, String by, @Nullable String says) {}
