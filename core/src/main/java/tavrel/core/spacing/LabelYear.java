package tavrel.core.spacing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;
import tavrel.core.rulesheet.RuleSheet;

/**
 * What a label still allows a colony this year, shared out: whoever spends it in July has nothing
 * left when brood ends, and then all mites come out onto fewer bees. A series keeps the year if the
 * rounds that are left after it, one every {@value #EVERY} days, last until queens stop laying; or
 * as far apart as the label wants them, if that is more.
 *
 * <p>The figure is our own: worker brood is capped for 12 days, so that rounds a day closer meet
 * each mite on bees about once between two stays under cappings. In a year simulated by other
 * figures than the model's, rounds so far apart were what lost the fewest colonies.
 *
 * @param left rounds that are left
 * @param every days between them as they are shared out
 * @param lastsUntil the day on which queens are expected to stop laying
 */
public record LabelYear(int left, int every, LocalDate lastsUntil) {

  /** Days between rounds that are shared out, at least. */
  static final int EVERY = 11;

  /**
   * What is left of a colony's year.
   *
   * @return null where the sheet is silent on rounds a year, or allows so few that they would not
   *     last from the winter-bee date on: then the winter bees go first; and where brood does not
   *     end this year any more: the next year's rounds are new ones then
   */
  static @Nullable LabelYear of(Colony colony, LocalDate today) {
    RuleSheet sheet = colony.sheet();
    Integer most = sheet == null ? null : sheet.maxRoundsPerYear();
    Integer apart = sheet == null ? null : sheet.minDaysBetween();
    int year = today.getYear();
    LocalDate ends = colony.season().pauseOf(year).from();
    if (most == null || !ends.isAfter(today) || ends.getYear() != year) {
      return null;
    }
    LocalDate raised = colony.season().winterBees().atYear(year);
    LabelYear whole = new LabelYear(most, Math.max(EVERY, apart == null ? 0 : apart), ends);
    int left = Math.max(0, most - colony.treated().getOrDefault(year, 0));
    return whole.lasts(1, raised) ? new LabelYear(left, whole.every, ends) : null;
  }

  /** Whether what is left after so many rounds, the last on a day, lasts. */
  boolean lasts(int rounds, LocalDate last) {
    return (long) every * (left - rounds) >= ChronoUnit.DAYS.between(last, lastsUntil);
  }
}
