package tavrel.core.run;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * Something seen at a hive that does not move it on.
 *
 * @param kind leak, residue, note, or a step that came twice
 * @param at when
 * @param by who
 * @param says what, if anything was typed or two people did the same
 */
public record Mark(EventKind kind, Instant at, String by, @Nullable Fact says) {

  /** What somebody typed, or null. */
  static @Nullable Fact typed(@Nullable String text) {
    return text == null || text.isEmpty()
        ? null
        : Fact.of("mark.typed").with("text", UsualReason.said(text));
  }
}
