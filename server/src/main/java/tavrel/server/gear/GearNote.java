package tavrel.server.gear;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * What was seen at, or done to, the gear.
 *
 * @param id made on the device
 * @param toolId the tool, or null for people's filters
 * @param kind what it was
 * @param says more of it, or null
 * @param at when
 * @param by who
 */
public record GearNote(
    UUID id, @Nullable UUID toolId, Kind kind, @Nullable String says, Instant at, String by) {

  /** What can be noted. */
  public enum Kind {
    RESIDUE,
    FAULT,
    CLEANED,
    SEALS_CHANGED,
    FILTERS_CHANGED;

    /** Whether it says nothing without words. */
    boolean needsWords() {
      return this == RESIDUE || this == FAULT;
    }
  }

  /**
   * @throws InvalidValue if the words or the tool are missing, or a tool is named for filters
   */
  public GearNote {
    says = says == null || says.isBlank() ? null : InvalidValue.text("says", says, 500);
    if (kind.needsWords() && says == null) {
      throw new InvalidValue(
          "says", "missingSayFewWords", "is missing; say in a few words what was seen");
    }
    if ((kind == Kind.FILTERS_CHANGED) != (toolId == null)) {
      throw new InvalidValue(
          "toolId",
          "neededForEverythingBut",
          "is needed for everything but filters, which are people's own");
    }
  }
}
