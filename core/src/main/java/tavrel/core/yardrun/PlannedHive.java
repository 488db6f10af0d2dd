package tavrel.core.yardrun;

import java.util.UUID;

/**
 * What a round plans for one hive.
 *
 * @param hiveId the hive
 * @param place position in the walking order
 * @param loads loads planned
 * @param acidPerLoad grams of acid dihydrate in each
 * @param productPerLoad grams of product in each
 */
public record PlannedHive(
    UUID hiveId, int place, int loads, double acidPerLoad, double productPerLoad) {}
