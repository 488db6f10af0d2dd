package tavrel.core.rulesheet;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import tavrel.core.brood.BroodState;
import tavrel.core.hive.SupersPlan;

/**
 * What is about to be given to one hive, held against a rule sheet.
 *
 * @param acid grams of acid dihydrate after rounding
 * @param product grams of product after rounding
 * @param boxes brood boxes as the label counts them; never more than their number
 * @param supers honey supers on the hive
 * @param supersPlan what will be done with them
 * @param sealMinutes how long the keeper wants it shut
 * @param day the day of the round
 * @param lastTreated day of the last vapour treatment on record, or null
 * @param treatedThisYear vapour treatments on record in the same calendar year
 * @param celsius air temperature expected, °C, or null where nobody knows
 * @param roundOfSeries which round of its series this is, from 1, or null outside a series
 * @param brood what the brood clock says of the day, or null where nothing is on record
 * @param leftOpen whether the entrance is left open, so that nothing is shut in
 * @param supersGoOn the day on which supers usually go on next, or null
 */
public record Proposal(
    double acid,
    double product,
    double boxes,
    int supers,
    SupersPlan supersPlan,
    int sealMinutes,
    LocalDate day,
    @Nullable LocalDate lastTreated,
    int treatedThisYear,
    @Nullable Double celsius,
    @Nullable Integer roundOfSeries,
    @Nullable BroodState brood,
    boolean leftOpen,
    @Nullable LocalDate supersGoOn) {}
