package tavrel.server.reporting.register;

/**
 * Sums over the lines that stand, as corrected.
 *
 * @param lines lines, struck ones among them
 * @param struck lines that were struck out and are in no other sum
 * @param acid grams of acid dihydrate
 * @param productGrams grams of product
 * @param rounds rounds
 * @param hives different hives
 */
public record RegisterTotals(
    int lines, int struck, double acid, double productGrams, int rounds, int hives) {}
