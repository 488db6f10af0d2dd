package tavrel.core.run;

import org.jspecify.annotations.Nullable;

/**
 * What one person does in a run: burn with one of its tools, or make ready and open.
 *
 * @param tool number of the tool in hand; null for the hands that shut, fill and open
 * @param who whose last step "undo" takes back; null for anybody's
 */
public record Part(@Nullable Integer tool, @Nullable String who) {

  /** The run's first tool in hand. */
  public static final Part FIRST = new Part(1, null);

  /** Shuts ahead of the tools, fills, and opens. */
  public static final Part HANDS = new Part(null, null);
}
