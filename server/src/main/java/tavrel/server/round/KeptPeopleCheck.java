package tavrel.server.round;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A people check that was confirmed.
 *
 * @param standingSide the side to stand on by the hour's wind, if it was known
 * @param checkedBy who confirmed it
 * @param at when
 * @param celsius air temperature measured there then, °C, or null
 */
public record KeptPeopleCheck(
    @Nullable String standingSide, String checkedBy, Instant at, @Nullable Double celsius) {}
