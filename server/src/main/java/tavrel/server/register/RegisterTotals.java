package tavrel.server.register;

/**
 * Sums over what is shown.
 *
 * @param lines treatments
 * @param acid grams of acid dihydrate
 * @param productGrams grams of product
 * @param rounds rounds
 * @param hives different hives
 */
public record RegisterTotals(int lines, double acid, double productGrams, int rounds, int hives) {}
