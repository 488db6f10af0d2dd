package tavrel.server.run;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.ready.KitItem;

/**
 * One line of a round's kit list, with its tick.
 *
 * @param item short key of the thing
 * @param group what it belongs to
 * @param name of the thing
 * @param amount how many or how much
 * @param why where the amount comes from; null where it goes without saying
 * @param tickedBy who packed it, or null
 * @param tickedAt when, or null
 */
record KitLine(
    String item,
    KitItem.Group group,
    Fact name,
    Fact amount,
    @Nullable Fact why,
    @Nullable String tickedBy,
    @Nullable Instant tickedAt) {}
