package tavrel.server.putoff;

import java.time.LocalDate;
import java.util.UUID;

/**
 * A line of what needs somebody that was put off.
 *
 * @param id key, made on the device
 * @param line which line
 * @param until the day on which it stands there again
 * @param reason why it can wait
 * @param by who said so
 */
public record PutOff(UUID id, String line, LocalDate until, String reason, String by) {}
