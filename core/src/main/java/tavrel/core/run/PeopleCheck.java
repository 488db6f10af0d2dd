package tavrel.core.run;

import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * What must be true of the people before anything burns.
 *
 * @param confirmed the points confirmed; all of them, but for the sky where a reason is given
 * @param unsafeReason why somebody goes on in an unsafe hour, or null
 */
public record PeopleCheck(Set<Point> confirmed, @Nullable String unsafeReason) {

  /** One point of the check. */
  public enum Point {
    RESPIRATOR,
    FIT,
    EYES,
    GLOVES,
    WIND,
    WATER,
    BYSTANDERS,
    SKY
  }

  /**
   * @throws InvalidValue naming what is not confirmed, or an unsafe sky without a reason
   */
  public PeopleCheck {
    unsafeReason =
        unsafeReason == null || unsafeReason.isBlank()
            ? null
            : InvalidValue.text("unsafeReason", unsafeReason, 200);
    Set<Point> open = EnumSet.allOf(Point.class);
    open.removeAll(confirmed);
    if (open.remove(Point.SKY) && open.isEmpty() && unsafeReason == null) {
      throw new InvalidValue(
          "unsafeReason",
          "missingThunderOrIce",
          "is missing: thunder or ice is unsafe; stay away, or say why not");
    }
    if (!open.isEmpty()) {
      throw new InvalidValue(
          "confirmed", "notCompleteStillOpen", "is not complete; still open: {open}", open);
    }
    confirmed = Set.copyOf(confirmed);
  }

  /** Everything confirmed. */
  public static PeopleCheck whole() {
    return new PeopleCheck(EnumSet.allOf(Point.class), null);
  }
}
