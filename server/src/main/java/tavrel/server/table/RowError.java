package tavrel.server.table;

import java.util.List;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/**
 * Why a row was not read.
 *
 * @param line line of the file, from 1
 * @param column column of the roster
 * @param found what stands there
 * @param says what is wrong and what is allowed
 */
public record RowError(int line, String column, String found, Fact says) {

  /** A row that was refused at a column. */
  public static RowError of(int line, String column, String found, InvalidValue wrong) {
    return new RowError(line, column, found, wrong.told());
  }

  /**
   * Refuses a file of which no row can be brought in, or one with bad rows where they may not be
   * left out.
   *
   * @param good how many rows can be read
   * @param goodRowsOnly whether the others may be left out
   * @throws InvalidValue at {@code file}
   */
  public static void refuse(List<RowError> errors, int good, boolean goodRowsOnly) {
    if (!errors.isEmpty() && !goodRowsOnly) {
      throw new InvalidValue(
          "file",
          "hasBadRowsMend",
          "has {errors} bad rows; mend them, or choose to bring in the good rows only",
          errors.size());
    }
    if (good == 0) {
      throw new InvalidValue("file", "hasNoRowCan", "has no row that can be brought in");
    }
  }
}
