package tavrel.server.count;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.count.BoardReading;
import tavrel.core.count.SquaresCounted;
import tavrel.core.count.Wash;
import tavrel.core.count.WashKind;

/**
 * A count, as entered and as kept.
 *
 * @param id made on the device; the same id again changes nothing
 * @param hiveId the hive
 * @param day when
 * @param kind what was counted
 * @param mites how many
 * @param bees bees in the sample; null for a board
 * @param hours hours that the board lay; null for a sample
 * @param natural for a board: no treatment fell into its time or just before
 * @param squares that were counted of a board, which tell its mites; null where all of it was
 */
public record NewCount(
    UUID id,
    UUID hiveId,
    LocalDate day,
    CountKind kind,
    int mites,
    @Nullable Integer bees,
    @Nullable Double hours,
    boolean natural,
    @Nullable SquaresCounted squares) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public NewCount {
    if (squares != null) {
      refuseIf(
          kind != CountKind.BOARD,
          new InvalidValue("squares", "squaresNotOfSample", "belong to a board"));
      mites = squares.mites();
    }
    if (kind == CountKind.BOARD) {
      refuseIf(bees != null, new InvalidValue("bees", "notOfBoard", "do not belong to a board"));
      new BoardReading(
          day,
          mites,
          given(
              hours,
              new InvalidValue("hours", "hoursMissing", "are missing; say how long the board lay")),
          natural);
    } else {
      refuseIf(
          hours != null,
          new InvalidValue("hours", "notOfSample", "belong to a board, not to a sample of bees"));
      new Wash(
          day,
          washKind(kind),
          mites,
          given(
              bees,
              new InvalidValue("bees", "beesMissing", "are missing; usually 300, half a cup")));
    }
  }

  private static <T> T given(@Nullable T value, InvalidValue otherwise) {
    if (value == null) {
      throw otherwise;
    }
    return value;
  }

  private static void refuseIf(boolean wrong, InvalidValue refusal) {
    if (wrong) {
      throw refusal;
    }
  }

  private static WashKind washKind(CountKind kind) {
    return kind == CountKind.SUGAR_ROLL ? WashKind.SUGAR_ROLL : WashKind.WASH;
  }

  /** The sample, or null for a board. */
  public @Nullable Wash wash() {
    return bees == null ? null : new Wash(day, washKind(kind), mites, bees);
  }

  /** The board, or null for a sample. */
  public @Nullable BoardReading board() {
    return hours == null ? null : new BoardReading(day, mites, hours, natural);
  }
}
