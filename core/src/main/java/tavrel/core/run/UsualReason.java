package tavrel.core.run;

import java.util.Arrays;
import tavrel.core.Value;
import tavrel.core.Worded;

/**
 * What is usually answered when something out of the ordinary is asked for: one press at the row,
 * kept by its name, so that whoever reads the log reads it in a language of their own.
 */
public enum UsualReason implements Worded {
  /** The colony is too weak for it. */
  WEAK_COLONY,
  /** A queen was just introduced. */
  QUEEN_INTRODUCED,
  /** Open brood: next time. */
  OPEN_BROOD,
  /** The day is over. */
  NO_TIME_LEFT,
  /** The wind turned. */
  WIND_TURNED,
  /** Vapour pours out of the hive. */
  VAPOUR_POURS_OUT,
  /** The tool failed. */
  TOOL_FAILED,
  /** Nothing vaporizes. */
  NOTHING_VAPORIZES,
  /** Acid spat. */
  ACID_SPAT,
  /** No vapour was seen. */
  NO_VAPOUR_SEEN,
  /** Bees hang outside. */
  BEES_OUTSIDE,
  /** Dead or burnt bees. */
  DEAD_BEES,
  /** The queen was seen lost. */
  QUEEN_LOST,
  /** Pollen is coming in. */
  POLLEN_COMING,
  /** A strong colony. */
  STRONG_COLONY,
  /** The bees overheat. */
  BEES_OVERHEATING,
  /** The cloth fell out. */
  CLOTH_FELL_OUT,
  /** The hive was disturbed. */
  HIVE_DISTURBED,
  /** Somebody came near. */
  SOMEBODY_CAME_NEAR,
  /** A person needs a rest. */
  PERSON_NEEDS_REST,
  /** Mask or filter has to be changed. */
  MASK_TO_CHANGE,
  /** The colony is dead: the keeper may end it. */
  HIVE_DEAD,
  /** No hive stands there. */
  HIVE_GONE,
  /** The hive has no queen. */
  HIVE_QUEENLESS,
  /** It was put together with another. */
  HIVE_UNITED,
  /** It was moved to another apiary. */
  HIVE_MOVED,
  /** It was ended by the keeper. */
  HIVE_ENDED;

  /** Whether it says something of the hive's life, on which the keeper has to decide. */
  public boolean speaksOfLife() {
    return switch (this) {
      case HIVE_DEAD, HIVE_GONE, HIVE_QUEENLESS, HIVE_UNITED -> true;
      default -> false;
    };
  }

  /** What was said: one of these by its name, or somebody's own words. */
  static Value said(String reason) {
    return Arrays.stream(values())
        .filter(each -> each.name().equals(reason))
        .findFirst()
        .<Value>map(each -> new Value.Word(each.word()))
        .orElseGet(() -> new Value.Text(reason));
  }
}
