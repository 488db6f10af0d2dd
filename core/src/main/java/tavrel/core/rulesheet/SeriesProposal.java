package tavrel.core.rulesheet;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import tavrel.core.brood.BroodState;

/**
 * Rounds that are thought of for one hive, held against a rule sheet.
 *
 * @param days their days, ascending
 * @param lastTreated day of the last vapour treatment on record, or null
 * @param treated vapour treatments on record, by calendar year
 * @param brood what is known of capped brood on a day
 * @param supersOn whether supers are usually on, on a day
 * @param supersGoOn the day after one on which supers usually go on next, or null where none do
 * @param alsoPlanned days of other rounds that are agreed for the hive, in any order
 */
public record SeriesProposal(
    List<LocalDate> days,
    @Nullable LocalDate lastTreated,
    Map<Integer, Integer> treated,
    Function<LocalDate, BroodState> brood,
    Predicate<LocalDate> supersOn,
    Function<LocalDate, @Nullable LocalDate> supersGoOn,
    List<LocalDate> alsoPlanned) {}
