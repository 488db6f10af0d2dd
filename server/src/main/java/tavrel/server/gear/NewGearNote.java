package tavrel.server.gear;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A note to keep on the gear.
 *
 * @param toolId the tool, or null for people's filters
 * @param kind what it was
 * @param says more of it, or null
 */
public record NewGearNote(@Nullable UUID toolId, GearNote.Kind kind, @Nullable String says) {}
