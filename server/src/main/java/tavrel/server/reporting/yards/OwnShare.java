package tavrel.server.reporting.yards;

import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What of the outfit's work is a person's. What no crew goes to is everybody's.
 *
 * @param crews names of those he goes with
 * @param yards theirs
 * @param ofCrews those of any crew
 */
public record OwnShare(Set<String> crews, Set<UUID> yards, Set<UUID> ofCrews) {

  /** Of whoever answers for the whole outfit. */
  public static final OwnShare ALL = new OwnShare(Set.of(), Set.of(), Set.of());

  /** Whether work in a yard is his. */
  public boolean has(UUID yard) {
    return yards.contains(yard) || !ofCrews.contains(yard);
  }

  /** Whether a round is his, that a crew was agreed for or nobody yet. */
  public boolean hasRound(UUID yard, @Nullable String crew) {
    return (crew == null || crews.isEmpty()) ? has(yard) : crews.contains(crew);
  }
}
