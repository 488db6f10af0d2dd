package tavrel.core.seal;

/**
 * Where the acid is at one moment, shares of all that was loaded.
 *
 * @param second from the start of the first burn
 * @param inAir vapour in the hive's air
 * @param settled settled inside: what works
 * @param lost gone through the openings
 */
public record SealPoint(double second, double inAir, double settled, double lost) {}
