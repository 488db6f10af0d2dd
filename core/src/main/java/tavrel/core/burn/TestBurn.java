package tavrel.core.burn;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * One burn in the open with a stopwatch: how long until the pan or bowl was empty.
 *
 * @param id made on the device that timed it
 * @param toolId the tool
 * @param load grams of product
 * @param seconds from connecting or release to empty, s
 * @param pack the pack or battery it ran on, in words, or null
 * @param celsius air temperature, °C, or null
 * @param note anything seen, or null
 * @param at when
 */
public record TestBurn(
    UUID id,
    UUID toolId,
    double load,
    double seconds,
    @Nullable String pack,
    @Nullable Double celsius,
    @Nullable String note,
    Instant at) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public TestBurn {
    InvalidValue.inRange("load", load, 0.1, 50, "g of product");
    InvalidValue.inRange("seconds", seconds, 3, 1_800, "s");
    if (celsius != null) {
      InvalidValue.inRange("celsius", celsius, -30, 50, "°C");
    }
    pack = pack == null || pack.isBlank() ? null : InvalidValue.text("pack", pack, 60);
    note = note == null || note.isBlank() ? null : InvalidValue.text("note", note, 500);
  }
}
