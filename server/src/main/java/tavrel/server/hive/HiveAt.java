package tavrel.server.hive;

import tavrel.core.hive.Hive;
import tavrel.server.apiary.Apiary;

/**
 * A hive and where it stands.
 *
 * @param hive the hive
 * @param apiary its apiary
 */
public record HiveAt(Hive hive, Apiary apiary) {}
