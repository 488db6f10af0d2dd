package tavrel.core.burn;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * A battery or pack that tools run on.
 *
 * @param id key
 * @param name what the keeper calls it; unique
 * @param volts nominal, V
 * @param ampHours capacity, Ah
 * @param cutoffVolts the maker's lowest, V: swapped there, never run flat
 * @param burnsPerCharge burns that one charge gave so far, or null
 * @param chargeMinutes from empty to full, or null
 * @param count how many of them there are
 */
public record Pack(
    UUID id,
    String name,
    double volts,
    double ampHours,
    double cutoffVolts,
    @Nullable Integer burnsPerCharge,
    @Nullable Integer chargeMinutes,
    int count) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public Pack {
    name = InvalidValue.text("name", name, 60);
    InvalidValue.inRange("volts", volts, 3, 60, "V");
    InvalidValue.inRange("ampHours", ampHours, 0.5, 1_000, "Ah");
    InvalidValue.inRange("cutoffVolts", cutoffVolts, 2, 60, "V");
    if (cutoffVolts >= volts) {
      throw new InvalidValue(
          "cutoffVolts", "mustLieBelowPack", "must lie below the pack's own volts");
    }
    if (burnsPerCharge != null) {
      InvalidValue.inRange("burnsPerCharge", burnsPerCharge, 1, 500, "burns");
    }
    if (chargeMinutes != null) {
      InvalidValue.inRange("chargeMinutes", chargeMinutes, 1, 2_880, "minutes");
    }
    InvalidValue.inRange("count", count, 1, 99, "packs");
  }

  /** Charges that a number of burns takes; null where nobody has counted burns per charge. */
  public @Nullable Integer chargesFor(int burns) {
    return burnsPerCharge == null ? null : (int) Math.ceil((double) burns / burnsPerCharge);
  }
}
