package tavrel.core.rulesheet;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.NumberText;

/**
 * One line of a rule sheet in words, for reading it and for laying two beside each other.
 *
 * @param point what it is about
 * @param says what the sheet says, or null where it is silent
 */
public record SheetLine(String point, @Nullable String says) {

  /** Every line of a sheet, always the same points in the same order. */
  public static List<SheetLine> of(RuleSheet sheet) {
    String grams = " g " + sheet.gramsOf().words();
    List<SheetLine> lines = new ArrayList<>();
    lines.add(line("grams are of", sheet.gramsOf().words()));
    lines.add(upTo("a brood box", sheet.maxPerBox(), grams));
    lines.add(upTo("a hive", sheet.maxPerHive(), grams));
    lines.add(upTo("in one series", sheet.maxRoundsPerSeries(), " rounds"));
    lines.add(upTo("in a calendar year", sheet.maxRoundsPerYear(), " rounds"));
    lines.add(atLeast("between rounds", sheet.minDaysBetween(), " days"));
    lines.add(line("capped brood", brood(sheet.brood())));
    lines.add(line("supers", sheet.supers() == null ? null : sheet.supers().words()));
    Integer waiting = sheet.waitingDays();
    lines.add(
        waiting != null && waiting == 0
            ? line("before honey is taken", "no days to wait")
            : atLeast("before honey is taken", waiting, " days"));
    lines.add(atLeast("shut after the burn", sheet.minSealMinutes(), " min"));
    lines.add(atLeast("air temperature from", sheet.minCelsius(), " °C"));
    lines.add(upTo("air temperature to", sheet.maxCelsius(), " °C"));
    Boolean registered = sheet.registeredProduct();
    lines.add(
        line(
            "the product",
            registered == null ? null : registered ? "registered" : "not registered"));
    lines.add(line("note", sheet.note()));
    return List.copyOf(lines);
  }

  private static @Nullable String brood(@Nullable BroodRule rule) {
    if (rule == null) {
      return null;
    }
    return switch (rule) {
      case ANY -> "may be present";
      case BROODLESS_ONLY -> "only without";
    };
  }

  private static SheetLine upTo(String point, @Nullable Number most, String unit) {
    return line(
        point, most == null ? null : "at most " + NumberText.plain(most.doubleValue()) + unit);
  }

  private static SheetLine atLeast(String point, @Nullable Number least, String unit) {
    return line(
        point, least == null ? null : "at least " + NumberText.plain(least.doubleValue()) + unit);
  }

  private static SheetLine line(String point, @Nullable String says) {
    return new SheetLine(point, says);
  }
}
