package tavrel.core.life;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * How a hive's life here began.
 *
 * @param as how it came
 * @param day since which it stands, or null where nobody said
 * @param apiaryId where it stood first
 * @param name what it was called first
 * @param motherId the hive that it was split from, or null
 * @param stood in which boxes and under how many supers
 */
public record Beginning(
    BeganAs as,
    @Nullable LocalDate day,
    UUID apiaryId,
    String name,
    @Nullable UUID motherId,
    LifeEvent.SetUp stood) {

  /**
   * @throws InvalidValue if a split has no mother or no day, or another a mother
   */
  public Beginning {
    name = InvalidValue.text("name", name, 60);
    if (as == BeganAs.SPLIT && motherId == null) {
      throw new InvalidValue(
          "motherId", "splitNeedsMother", "is missing; say from which hive it was split");
    }
    if (as != BeganAs.SPLIT && motherId != null) {
      throw new InvalidValue(
          "motherId",
          "onlySplitHasMother",
          "belongs to a split; a hive that came otherwise has none");
    }
    if (as == BeganAs.SPLIT && day == null) {
      throw new InvalidValue("day", "splitNeedsDay", "is missing; say on which day it was split");
    }
  }
}
