package tavrel.core.spacing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import tavrel.core.NumberText;
import tavrel.core.rulesheet.Verdict;

/**
 * The least work that reaches the keeper's target on the label, with its reasons; where nothing
 * does, what would without going past the label.
 *
 * @param kind what sort of advice it is
 * @param days days that are recommended; empty where none are
 * @param says the recommendation in a sentence
 * @param reasons why, and what speaks against it
 */
public record Advice(Kind kind, List<LocalDate> days, String says, List<String> reasons) {

  /** Sorts of advice. */
  public enum Kind {
    /** The target holds without treatment. */
    NOTHING_NEEDED,
    /** One round while nothing is capped. */
    SINGLE,
    /** A series. */
    SERIES,
    /** Nothing on the label reaches the target; the best that is on it. */
    FALLS_SHORT,
    /** Nothing at all is on the label. */
    NONE_ON_LABEL
  }

  static Advice of(
      Colony colony,
      SpacingSearch search,
      List<PatternOutcome> patterns,
      List<BroodBreak> breaks,
      PatternOutcome untreated) {
    List<String> reasons = new ArrayList<>();
    String target = percent(colony.target());
    reasons.add(
        "Untreated, a wash on "
            + NumberText.day(colony.commonDate())
            + " would find about "
            + percent(untreated.wash())
            + "; your limit then is "
            + target
            + ".");
    BroodBreak own =
        breaks.stream()
            .filter(each -> each.kind() == BroodBreak.Kind.WINDOW && onLabel(each))
            .findFirst()
            .orElse(null);
    SpacingSearch.EvenSeries least = search.leastWork(colony.target());
    reasons.addAll(whyOneBeatsAll(patterns, breaks));
    boolean now = colony.load().share() <= colony.target();
    if (now && untreated.wash() <= colony.target()) {
      return new Advice(
          Kind.NOTHING_NEEDED,
          List.of(),
          "No round is needed to stay within your limit; count again in a month.",
          List.copyOf(reasons));
    }
    if (own != null && own.wash() <= colony.target()) {
      reasons.add(
          "On that day about "
              + percent(own.shielded())
              + " of the mites are under cappings; "
              + own.says()
              + ".");
      return new Advice(
          Kind.SINGLE,
          List.of(own.day()),
          "One round on "
              + NumberText.day(own.day())
              + ", in the colony's own window without capped brood.",
          List.copyOf(reasons));
    }
    if (least != null) {
      reasons.addAll(aboutSeries(colony, search, least));
      return new Advice(Kind.SERIES, least.schedule().days(), words(least), List.copyOf(reasons));
    }
    reasons.addAll(whatWould(colony, breaks));
    SpacingSearch.EvenSeries best = search.bestOnLabel();
    if (best == null) {
      return new Advice(
          Kind.NONE_ON_LABEL,
          List.of(),
          "No series is on your rule sheet as things stand.",
          List.copyOf(reasons));
    }
    return new Advice(
        Kind.FALLS_SHORT,
        best.schedule().days(),
        "Nothing on your sheet reaches the limit. The best on it: " + words(best),
        List.copyOf(reasons));
  }

  private static List<String> aboutSeries(
      Colony colony, SpacingSearch search, SpacingSearch.EvenSeries least) {
    List<String> reasons = new ArrayList<>();
    reasons.add(
        "It leaves about "
            + Math.round(least.left())
            + " mites on "
            + NumberText.day(colony.commonDate())
            + ", a wash of "
            + percent(least.wash())
            + ". No fewer visits on your sheet reach the limit.");
    SpacingSearch.EvenSeries more =
        search.options().stream()
            .filter(o -> o.rounds() == least.rounds() + 1 && o.settled() && o.onLabel())
            .min(Comparator.comparingDouble(SpacingSearch.EvenSeries::left))
            .orElse(null);
    if (more != null && more.left() < least.left()) {
      reasons.add(
          "One more round, "
              + more.gap()
              + " days apart, would leave about "
              + Math.round(more.left())
              + ".");
    }
    LocalDate last = least.schedule().days().get(least.rounds() - 1);
    LocalDate winterBees = colony.season().winterBeesAfter(colony.today());
    if (!winterBees.isBefore(colony.today())
        && winterBees.isBefore(colony.commonDate())
        && last.isAfter(winterBees)) {
      reasons.add(
          "The last round comes after "
              + NumberText.day(winterBees)
              + ", your date for winter bees.");
    }
    return reasons;
  }

  private static List<String> whyOneBeatsAll(
      List<PatternOutcome> patterns, List<BroodBreak> breaks) {
    BroodBreak best =
        breaks.stream().min(Comparator.comparingDouble(BroodBreak::left)).orElse(null);
    if (best == null) {
      return List.of();
    }
    List<PatternOutcome> series =
        patterns.stream().filter(each -> each.settled() && each.days().size() > 1).toList();
    long beaten = series.stream().filter(each -> each.left() > best.left()).count();
    return List.of(
        "One round without capped brood ("
            + best.kind().words()
            + ", "
            + NumberText.day(best.day())
            + ") would leave about "
            + Math.round(best.left())
            + ": fewer than "
            + beaten
            + " of the "
            + series.size()
            + " series compared, since every mite is then on bees.");
  }

  private static List<String> whatWould(Colony colony, List<BroodBreak> breaks) {
    List<String> says = new ArrayList<>();
    for (BroodBreak each : breaks) {
      if (each.wash() <= colony.target() && onLabel(each)) {
        says.add(
            "What would, on the label: one round on "
                + NumberText.day(each.day())
                + ", "
                + each.says()
                + ". It leaves about "
                + Math.round(each.left())
                + " mites.");
      }
    }
    if (says.isEmpty()) {
      says.add(
          "Nor does one round without capped brood. Look for a leak or for mites coming in, count"
              + " again soon, and ask your adviser about other treatments.");
    }
    return says;
  }

  private static boolean onLabel(BroodBreak each) {
    return each.judgement() == null || each.judgement().verdict() != Verdict.NOT_ON_LABEL;
  }

  private static String words(SpacingSearch.EvenSeries option) {
    return option.rounds() == 1
        ? "One round on " + NumberText.day(option.start()) + "."
        : option.rounds()
            + " rounds, "
            + option.gap()
            + " days apart, from "
            + NumberText.day(option.start())
            + ".";
  }

  private static String percent(double share) {
    return NumberText.tenths(100 * share) + " %";
  }
}
