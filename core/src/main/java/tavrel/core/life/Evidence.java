package tavrel.core.life;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * That a hive was treated or counted on a day: it lived then, and a treatment shows where.
 *
 * @param day on which
 * @param apiaryId where, or null for a count, which is taken wherever the hive stands
 */
public record Evidence(LocalDate day, @Nullable UUID apiaryId) {}
