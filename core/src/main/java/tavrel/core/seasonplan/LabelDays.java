package tavrel.core.seasonplan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.apiaryyear.YearBand;
import tavrel.core.apiaryyear.YearStretch;
import tavrel.core.rulesheet.BroodRule;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.SupersRule;

/**
 * What a label leaves open to one series.
 *
 * @param gaps as they are wanted, but never closer than it allows
 * @param closed days on which no round may be, with the reason
 * @param roundsLeft rounds that it leaves in a year; a year without an entry is not bound
 */
public record LabelDays(Gaps gaps, Map<LocalDate, Fact> closed, Map<Integer, Integer> roundsLeft) {

  /** Copies what is given. */
  public LabelDays {
    closed = Map.copyOf(closed);
    roundsLeft = Map.copyOf(roundsLeft);
  }

  /** Nothing is closed: the keeper has taken the series off the label, with a reason of his own. */
  public static LabelDays offLabel(Gaps gaps) {
    return new LabelDays(gaps, Map.of(), Map.of());
  }

  /**
   * By a rule sheet; where there is none, supers alone close days.
   *
   * @param sheet the label's rules, or null where nobody has chosen any
   * @param gaps as they are wanted
   * @param span the days that are planned
   * @param dates the year of the place
   * @param bands supers, flows and days off as they were entered there
   * @param treated days on which each hive there was treated before
   * @param also days of rounds that are agreed there in other series: the label counts them too
   */
  public static LabelDays by(
      @Nullable RuleSheet sheet,
      Gaps gaps,
      DaySpan span,
      SeasonDates dates,
      List<YearBand> bands,
      Collection<List<LocalDate>> treated,
      List<LocalDate> also) {
    Map<LocalDate, Fact> closed = new HashMap<>();
    LocalDate openFrom = openFrom(sheet, treated);
    for (LocalDate day = span.from(); !day.isAfter(span.to()); day = day.plusDays(1)) {
      Fact why = why(sheet, dates, bands, openFrom, also, day);
      if (why != null) {
        closed.put(day, why);
      }
    }
    Integer least = sheet == null ? null : sheet.minDaysBetween();
    return new LabelDays(
        least == null ? gaps : gaps.atLeast(least), closed, roundsLeft(sheet, span, treated, also));
  }

  private static @Nullable Fact why(
      @Nullable RuleSheet sheet,
      SeasonDates dates,
      List<YearBand> bands,
      @Nullable LocalDate openFrom,
      List<LocalDate> also,
      LocalDate day) {
    if (openFrom != null && day.isBefore(openFrom)) {
      return Fact.of("closed.sinceLastTreatment");
    }
    Integer least = sheet == null ? null : sheet.minDaysBetween();
    if (least != null
        && also.stream().anyMatch(other -> Math.abs(ChronoUnit.DAYS.between(other, day)) < least)) {
      return Fact.of("closed.fromAnotherSeries");
    }
    SupersRule supers = sheet == null ? null : sheet.supers();
    Fact on = YearStretch.supersOn(dates, bands, day);
    if (on != null && supers != SupersRule.ALLOWED && supers != SupersRule.BARRIER) {
      return supers == null ? Fact.of("closed.noSheetSpeaks").fact("supers", on) : on;
    }
    Integer wait = sheet == null ? null : sheet.waitingDays();
    for (int ahead = 1; on == null && wait != null && ahead <= wait; ahead++) {
      if (YearStretch.supersOn(dates, bands, day.plusDays(ahead)) != null) {
        return Fact.of("closed.honeyWaits")
            .count("wait", wait, "day")
            .day("on", day.plusDays(ahead));
      }
    }
    DaySpan free = dates.broodlessAfter(day);
    boolean mayHaveBrood = free == null || !free.contains(day);
    return mayHaveBrood && sheet != null && sheet.brood() == BroodRule.BROODLESS_ONLY
        ? Fact.of("closed.cappedBrood")
        : null;
  }

  /** First day that the label leaves open after the last treatment there, or null. */
  public static @Nullable LocalDate openFrom(
      @Nullable RuleSheet sheet, Collection<List<LocalDate>> treated) {
    Integer least = sheet == null ? null : sheet.minDaysBetween();
    return least == null
        ? null
        : treated.stream()
            .flatMap(List::stream)
            .max(LocalDate::compareTo)
            .map(day -> day.plusDays(least))
            .orElse(null);
  }

  /** Of the hive that was treated most often. */
  private static Map<Integer, Integer> roundsLeft(
      @Nullable RuleSheet sheet,
      DaySpan span,
      Collection<List<LocalDate>> treated,
      List<LocalDate> also) {
    Map<Integer, Integer> left = new HashMap<>();
    Integer most = sheet == null ? null : sheet.maxRoundsPerYear();
    for (int year = span.from().getYear(); most != null && year <= span.to().getYear(); year++) {
      int here = year;
      int done =
          treated.stream()
              .mapToInt(days -> (int) days.stream().filter(d -> d.getYear() == here).count())
              .max()
              .orElse(0);
      int agreed = (int) also.stream().filter(day -> day.getYear() == here).count();
      left.put(year, Math.max(0, most - done - agreed));
    }
    return left;
  }
}
