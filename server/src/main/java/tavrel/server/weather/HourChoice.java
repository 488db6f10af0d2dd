package tavrel.server.weather;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.weather.TemperaturePreset;
import tavrel.core.weather.Warmth;

/**
 * By what an apiary's hours are judged.
 *
 * @param preset the preset of warmth, or null for an own range
 * @param ownFrom coolest of the own range, °C, or null
 * @param ownTo warmest of the own range, °C, or null
 * @param ruleSheetId the sheet whose temperatures are held against, or null
 */
record HourChoice(
    @Nullable TemperaturePreset preset,
    @Nullable Double ownFrom,
    @Nullable Double ownTo,
    @Nullable UUID ruleSheetId) {

  /** Cool and broad, before anyone has said otherwise. */
  public static final HourChoice USUAL =
      new HourChoice(TemperaturePreset.COOL_BROAD, null, null, null);

  /**
   * @throws InvalidValue if neither a preset nor a whole range is named, or the range cannot be
   */
  public HourChoice {
    if (preset != null) {
      ownFrom = null;
      ownTo = null;
    } else if (ownFrom == null || ownTo == null) {
      throw new InvalidValue(
          ownFrom == null ? "ownFrom" : "ownTo",
          "missingChoosePresetOr",
          "is missing; choose a preset or give both");
    } else {
      Warmth.own(ownFrom, ownTo);
    }
  }

  Warmth warmth() {
    return preset == null && ownFrom != null && ownTo != null
        ? Warmth.own(ownFrom, ownTo)
        : (preset == null ? TemperaturePreset.COOL_BROAD : preset).warmth();
  }
}
