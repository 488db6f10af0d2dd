package tavrel.server.apiary;

import tavrel.core.hive.Hive;

/**
 * A hive and where it stands.
 *
 * @param hive the hive
 * @param apiary its apiary
 */
public record HiveAt(Hive hive, Apiary apiary) {}
