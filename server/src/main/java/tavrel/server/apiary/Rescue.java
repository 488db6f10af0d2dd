package tavrel.server.apiary;

import org.jspecify.annotations.Nullable;

/**
 * What is at hand where somebody is hurt in a yard.
 *
 * @param says what to say to the rescue service: nearest address, where to meet; or null
 * @param poisonCentre whom to call about acid or vapour, or null
 */
public record Rescue(@Nullable String says, @Nullable String poisonCentre) {}
