package tavrel.server.apiary;

import java.util.UUID;

/**
 * How many hives stand in an apiary.
 *
 * @param apiaryId which
 * @param hives how many
 */
public record HivesPerApiary(UUID apiaryId, int hives) {}
