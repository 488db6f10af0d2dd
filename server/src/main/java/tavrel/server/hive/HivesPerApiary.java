package tavrel.server.hive;

import java.util.UUID;

/**
 * How many hives stand in an apiary.
 *
 * @param apiaryId which
 * @param hives how many
 */
record HivesPerApiary(UUID apiaryId, int hives) {}
