package tavrel.core.rulesheet;

import org.jspecify.annotations.Nullable;

/**
 * One point of a judgement.
 *
 * @param verdict how this point alone is judged
 * @param point what was held against the sheet, as "grams a box"
 * @param line the sheet's line that decides it, or null where the sheet is silent
 * @param says the outcome in words
 */
public record Finding(Verdict verdict, String point, @Nullable String line, String says) {}
