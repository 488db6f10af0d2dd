package tavrel.server.table;

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
}
