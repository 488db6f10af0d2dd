package tavrel.core.hive;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * What is changed of one hive or painted over many. Null leaves a thing as it stands.
 *
 * @param boxes brood boxes as a roster writes them, see {@link BoxNotation}
 * @param supers honey supers on it
 * @param floor what closes it below
 * @param material of the boxes
 * @param entrance how the bees come and go
 * @param shutting what is done with the entrance during a treatment
 * @param innerCover whether its hole is open
 * @param cracks gaps by eye
 * @param port where a nozzle goes in
 * @param supersPlan what will be done with supers
 * @param stand name of a shared stand; an empty text for a stand of its own
 * @param divided whether those on the stand are one parted box
 * @param since the day since which it stands, as 2026-05-03; an empty text where nobody knows
 * @param line of its bees; an empty text for none that has a name
 */
public record HiveChange(
    @Nullable String boxes,
    @Nullable Integer supers,
    @Nullable Floor floor,
    @Nullable Material material,
    @Nullable Entrance entrance,
    @Nullable Shutting shutting,
    @Nullable InnerCover innerCover,
    @Nullable Cracks cracks,
    @Nullable Port port,
    @Nullable SupersPlan supersPlan,
    @Nullable String stand,
    @Nullable Boolean divided,
    @Nullable String since,
    @Nullable String line) {

  /** A stand that colonies share; divided where they are the sides of one parted box. */
  public static HiveChange sharing(String stand, boolean divided) {
    return new HiveChange(
        null, null, null, null, null, null, null, null, null, null, stand, divided, null, null);
  }

  /**
   * The hive as it stands afterwards.
   *
   * @throws InvalidValue naming the component that cannot be
   */
  public Hive applyTo(Hive hive) {
    Fittings now = hive.fittings();
    String standAfter = stand == null ? now.stand() : stand.isBlank() ? null : stand;
    boolean dividedAfter =
        divided == null ? now.divided() && (standAfter != null || stand == null) : divided;
    return new Hive(
        hive.id(),
        hive.name(),
        hive.row(),
        hive.place(),
        boxes == null ? hive.boxes() : BoxNotation.read(boxes),
        supers == null ? hive.supers() : supers,
        or(floor, hive.floor()),
        new Fittings(
            or(material, now.material()),
            or(entrance, now.entrance()),
            or(shutting, now.shutting()),
            or(innerCover, now.innerCover()),
            or(cracks, now.cracks()),
            or(port, now.port()),
            or(supersPlan, now.supersPlan()),
            standAfter,
            dividedAfter),
        since == null ? hive.since() : day(since),
        line == null ? hive.line() : line);
  }

  private static @Nullable LocalDate day(String written) {
    try {
      return written.isBlank() ? null : LocalDate.parse(written.strip());
    } catch (DateTimeParseException unread) {
      throw new InvalidValue(
          "since", "mustWrittenYearMonth", "must be written year-month-day, as 2026-05-03");
    }
  }

  private static <T extends @Nullable Object> T or(@Nullable T changed, T before) {
    return changed == null ? before : changed;
  }
}
