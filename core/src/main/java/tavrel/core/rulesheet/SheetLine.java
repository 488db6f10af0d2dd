package tavrel.core.rulesheet;

import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * One line of a rule sheet, for reading it and for laying two beside each other.
 *
 * @param point what it is about
 * @param says what the sheet says, or null where it is silent
 */
public record SheetLine(LabelPoint point, @Nullable Fact says) {

  /** Every line of a sheet, always the same points in the same order. */
  public static List<SheetLine> of(RuleSheet sheet) {
    Boolean registered = sheet.registeredProduct();
    return List.of(
        new SheetLine(
            LabelPoint.GRAMS_OF, Fact.of("label.lineGramsOf").word("of", sheet.gramsOf())),
        line(LabelPoint.GRAMS_A_BOX, sheet.maxPerBox(), most -> mostGramsABox(sheet)),
        line(LabelPoint.GRAMS_A_HIVE, sheet.maxPerHive(), most -> mostGramsAHive(sheet)),
        line(LabelPoint.ROUNDS_A_SERIES, sheet.maxRoundsPerSeries(), SheetLine::mostASeries),
        line(LabelPoint.ROUNDS_A_YEAR, sheet.maxRoundsPerYear(), SheetLine::mostAYear),
        line(LabelPoint.DAYS_BETWEEN, sheet.minDaysBetween(), SheetLine::leastDaysBetween),
        line(
            LabelPoint.CAPPED_BROOD,
            sheet.brood(),
            rule -> rule == BroodRule.ANY ? Fact.of("label.lineAnyBrood") : broodless()),
        line(LabelPoint.SUPERS, sheet.supers(), SheetLine::supers),
        line(LabelPoint.HONEY_WAIT, sheet.waitingDays(), SheetLine::honeyWait),
        line(LabelPoint.MINUTES_SHUT, sheet.minSealMinutes(), SheetLine::leastShut),
        line(
            LabelPoint.LEAST_CELSIUS,
            sheet.minCelsius(),
            least -> Fact.of("label.lineFrom").celsius("least", least)),
        line(
            LabelPoint.MOST_CELSIUS,
            sheet.maxCelsius(),
            most -> Fact.of("label.lineUpTo").celsius("most", most)),
        line(
            LabelPoint.THE_PRODUCT,
            registered,
            is -> is ? Fact.of("label.lineRegistered") : Fact.of("label.lineNotRegistered")),
        line(LabelPoint.NOTE, sheet.note(), note -> Fact.of("label.lineNote").text("note", note)));
  }

  private static <T> SheetLine line(
      LabelPoint point, @Nullable T figure, Function<? super T, Fact> says) {
    return new SheetLine(point, figure == null ? null : says.apply(figure));
  }

  static Fact mostGramsABox(RuleSheet sheet) {
    return Fact.of("label.lineMostABox")
        .gramsSet("most", Objects.requireNonNull(sheet.maxPerBox()))
        .word("of", sheet.gramsOf());
  }

  static Fact mostGramsAHive(RuleSheet sheet) {
    return Fact.of("label.lineMostAHive")
        .gramsSet("most", Objects.requireNonNull(sheet.maxPerHive()))
        .word("of", sheet.gramsOf());
  }

  static Fact mostASeries(int most) {
    return Fact.of("label.lineMostASeries").count("most", most, "round");
  }

  static Fact mostAYear(int most) {
    return Fact.of("label.lineMostAYear").count("most", most, "round");
  }

  static Fact leastDaysBetween(int least) {
    return Fact.of("label.lineLeastDaysBetween").count("least", least, "day");
  }

  static Fact broodless() {
    return Fact.of("label.lineBroodless");
  }

  static Fact supers(SupersRule rule) {
    return Fact.of("label.lineSupers").word("rule", rule);
  }

  static Fact leastShut(int least) {
    return Fact.of("label.lineLeastShut").minutes("least", least);
  }

  private static Fact honeyWait(int days) {
    return days == 0
        ? Fact.of("label.lineNoHoneyWait")
        : Fact.of("label.lineHoneyWait").count("days", days, "day");
  }
}
