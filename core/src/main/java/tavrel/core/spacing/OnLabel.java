package tavrel.core.spacing;

import java.time.LocalDate;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import tavrel.core.rulesheet.Judgement;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.Verdict;

/**
 * Which even series a colony's label allows, on days by their index from the day of its count. A
 * colony without a sheet is held to nothing.
 */
final class OnLabel {

  private final Colony colony;
  private final boolean[] mayBe;
  private final @Nullable LabelYear year;

  private OnLabel(Colony colony, boolean[] mayBe, @Nullable LabelYear year) {
    this.colony = colony;
    this.mayBe = mayBe;
    this.year = year;
  }

  /**
   * What it allows, with the label's year shared out where it names one.
   *
   * @param today from which day on rounds may be
   * @param firstFree the day after the last round that is given
   * @param days how many days rounds may lie on
   */
  static OnLabel of(Colony colony, LocalDate today, int firstFree, int days) {
    OnLabel allowed = new OnLabel(colony, new boolean[days], LabelYear.of(colony, today));
    int now = (int) (today.toEpochDay() - colony.today().toEpochDay());
    for (int day = Math.max(now, firstFree); day < days; day++) {
      allowed.mayBe[day] = allowed.allows(new int[] {day});
    }
    return allowed;
  }

  /** The same with all of the year's rounds to be spent at once. */
  OnLabel whateverTheYear() {
    return new OnLabel(colony, mayBe, null);
  }

  /** What is left of the year, where it is shared out. */
  @Nullable LabelYear year() {
    return year;
  }

  /**
   * Whether a series may begin on a day. Where one round leaves too little of the year, more that
   * are as near as rounds that are shared out do too.
   */
  boolean mayBegin(int day) {
    return mayBe[day] && keepsYear(new int[] {day});
  }

  LocalDate day(int index) {
    return colony.today().plusDays(index);
  }

  static int[] even(int start, int gap, int rounds) {
    return IntStream.range(0, rounds).map(i -> start + i * gap).toArray();
  }

  static int gap(int[] days) {
    return days.length == 1 ? 1 : days[1] - days[0];
  }

  /** Whether the sheet allows a series. */
  boolean allows(int[] days) {
    Judgement judgement = colony.judge(Schedule.every(day(days[0]), days.length, gap(days)));
    return judgement == null || judgement.verdict() != Verdict.NOT_ON_LABEL;
  }

  /** Whether a series leaves enough of the label's year, where it is shared out. */
  boolean keepsYear(int[] days) {
    return year == null || year.lasts(days.length, day(days[days.length - 1]));
  }

  /**
   * How many rounds from a day may be, one after the other, at most so many: each of its days by
   * itself, and a wash at the common date fair to the last.
   */
  int fitting(int start, int gap, int most) {
    int rounds = 0;
    for (int day = start; rounds < most && day < mayBe.length && mayBe[day]; day += gap) {
      rounds++;
    }
    while (rounds > 0 && !keepsYear(even(start, gap, rounds))) {
      rounds--;
    }
    return rounds;
  }

  int firstGap() {
    RuleSheet sheet = colony.sheet();
    Integer fewest = sheet == null ? null : sheet.minDaysBetween();
    return Math.max(SpacingSearch.FIRST_GAP, fewest == null ? 0 : fewest);
  }

  int lastGap() {
    return Math.max(firstGap(), year == null ? SpacingSearch.LAST_GAP : year.every());
  }

  /** Most rounds that the sheet lets a series have that begins on a day, as far as is plain. */
  int most(int start) {
    RuleSheet sheet = colony.sheet();
    int most = SpacingSearch.ROUNDS;
    if (sheet != null && sheet.maxRoundsPerSeries() != null) {
      most = Math.min(most, sheet.maxRoundsPerSeries());
    }
    int startsIn = day(start).getYear();
    if (sheet != null
        && sheet.maxRoundsPerYear() != null
        && colony.commonDate().getYear() == startsIn) {
      int before = colony.treated().getOrDefault(startsIn, 0);
      most = Math.min(most, sheet.maxRoundsPerYear() - before);
    }
    return most;
  }
}
