package tavrel.server.weather;

import java.time.Instant;
import tavrel.core.Fact;

/**
 * A file of the weather folder, as it was read last.
 *
 * @param name what it is called
 * @param modified when it was written
 * @param bytes its length
 * @param readAt when it was read
 * @param taken whether hours of it were taken
 * @param says what was taken of it, or why nothing was
 */
record FolderFile(
    String name, Instant modified, long bytes, Instant readAt, boolean taken, Fact says) {}
