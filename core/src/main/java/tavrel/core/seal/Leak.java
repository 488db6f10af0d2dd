package tavrel.core.seal;

/**
 * One opening.
 *
 * @param kind where
 * @param cm2 how large, cm²
 * @param litresASecond hive air that leaves through it, L/s
 */
public record Leak(LeakKind kind, double cm2, double litresASecond) {}
