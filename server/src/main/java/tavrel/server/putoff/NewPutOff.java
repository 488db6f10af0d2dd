package tavrel.server.putoff;

import java.time.LocalDate;
import tavrel.core.InvalidValue;

/**
 * A line to be put off.
 *
 * @param line which line
 * @param until the day on which it stands there again
 * @param reason why it can wait
 */
record NewPutOff(String line, LocalDate until, String reason) {

  /**
   * @throws InvalidValue if no line or no reason is given
   */
  public NewPutOff {
    line = InvalidValue.text("line", line, 200);
    reason = InvalidValue.text("reason", reason, 200);
  }
}
