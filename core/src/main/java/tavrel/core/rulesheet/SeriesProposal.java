package tavrel.core.rulesheet;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
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
    List<LocalDate> alsoPlanned) {

  /**
   * Rounds of one hive, with what is on record of it.
   *
   * @param days of the rounds, ascending
   * @param treated days on which it was treated with oxalic acid, ascending
   * @param clock its brood
   * @param dates the year of its apiary
   * @param alsoPlanned days of other rounds agreed for it
   */
  public static SeriesProposal of(
      List<LocalDate> days,
      List<LocalDate> treated,
      BroodClock clock,
      SeasonDates dates,
      List<LocalDate> alsoPlanned) {
    return new SeriesProposal(
        days,
        treated.isEmpty() ? null : treated.get(treated.size() - 1),
        byYear(treated),
        clock::on,
        dates::supersOn,
        dates::supersGoOnAfter,
        alsoPlanned);
  }

  /** Treatments by calendar year, as labels count them. */
  public static Map<Integer, Integer> byYear(List<LocalDate> treated) {
    return treated.stream()
        .collect(Collectors.groupingBy(LocalDate::getYear, Collectors.summingInt(day -> 1)));
  }
}
