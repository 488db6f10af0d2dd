package tavrel.server.run;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A people check that was confirmed.
 *
 * @param standingSide the side to stand on by the hour's wind, if it was known
 * @param checkedBy who confirmed it
 * @param at when
 * @param celsius air temperature read or foretold there then, °C, or null
 * @param unsafeReason why they went on in an unsafe hour, or null
 */
record ConfirmedPeopleCheck(
    @Nullable String standingSide,
    String checkedBy,
    Instant at,
    @Nullable Double celsius,
    @Nullable String unsafeReason) {}
