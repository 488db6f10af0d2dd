package tavrel.core.spacing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import tavrel.core.Fact;
import tavrel.core.rulesheet.Verdict;

/**
 * The least work that reaches the keeper's target on the label, with its reasons; where nothing
 * does, what would without going past the label.
 *
 * @param kind what sort of advice it is
 * @param days days that are recommended; empty where none are
 * @param says the recommendation
 * @param reasons why, and what speaks against it
 */
public record Advice(Kind kind, List<LocalDate> days, Fact says, List<Fact> reasons) {

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
    List<Fact> reasons = new ArrayList<>();
    reasons.add(
        Fact.of("advice.untreated")
            .day("day", colony.commonDate())
            .share("wash", untreated.wash())
            .share("limit", colony.target()));
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
          Kind.NOTHING_NEEDED, List.of(), Fact.of("advice.noRoundNeeded"), List.copyOf(reasons));
    }
    if (own != null && own.wash() <= colony.target()) {
      reasons.add(
          Fact.of("advice.underCappings")
              .share("shielded", own.shielded())
              .fact("then", own.says()));
      return new Advice(
          Kind.SINGLE,
          List.of(own.day()),
          Fact.of("advice.oneRoundInWindow").day("day", own.day()),
          List.copyOf(reasons));
    }
    if (least != null) {
      reasons.addAll(aboutSeries(colony, search, least));
      return new Advice(Kind.SERIES, least.schedule().days(), told(least), List.copyOf(reasons));
    }
    reasons.addAll(whatWould(colony, breaks));
    SpacingSearch.EvenSeries best = search.bestOnLabel();
    if (best == null) {
      return new Advice(
          Kind.NONE_ON_LABEL, List.of(), Fact.of("advice.noneOnSheet"), List.copyOf(reasons));
    }
    return new Advice(
        Kind.FALLS_SHORT,
        best.schedule().days(),
        Fact.of("advice.bestFallsShort").fact("best", told(best)),
        List.copyOf(reasons));
  }

  private static List<Fact> aboutSeries(
      Colony colony, SpacingSearch search, SpacingSearch.EvenSeries least) {
    List<Fact> reasons = new ArrayList<>();
    reasons.add(
        Fact.of("advice.leaves")
            .figure("mites", Math.rint(least.left()))
            .day("day", colony.commonDate())
            .share("wash", least.wash()));
    SpacingSearch.EvenSeries more =
        search.options().stream()
            .filter(o -> o.rounds() == least.rounds() + 1 && o.settled() && o.onLabel())
            .min(Comparator.comparingDouble(SpacingSearch.EvenSeries::left))
            .orElse(null);
    if (more != null && more.left() < least.left()) {
      reasons.add(
          Fact.of("advice.oneMoreRound")
              .count("gap", more.gap(), "day")
              .figure("mites", Math.rint(more.left())));
    }
    LocalDate last = least.schedule().days().get(least.rounds() - 1);
    LocalDate winterBees = colony.season().winterBeesAfter(colony.today());
    if (!winterBees.isBefore(colony.today())
        && winterBees.isBefore(colony.commonDate())
        && last.isAfter(winterBees)) {
      reasons.add(Fact.of("advice.afterWinterBees").day("day", winterBees));
    }
    return reasons;
  }

  private static List<Fact> whyOneBeatsAll(List<PatternOutcome> patterns, List<BroodBreak> breaks) {
    BroodBreak best =
        breaks.stream().min(Comparator.comparingDouble(BroodBreak::left)).orElse(null);
    if (best == null) {
      return List.of();
    }
    List<PatternOutcome> series =
        patterns.stream().filter(each -> each.settled() && each.days().size() > 1).toList();
    long beaten = series.stream().filter(each -> each.left() > best.left()).count();
    return List.of(
        Fact.of("advice.oneWithoutBrood")
            .word("kind", best.kind())
            .day("day", best.day())
            .figure("mites", Math.rint(best.left()))
            .figure("beaten", beaten)
            .figure("compared", series.size()));
  }

  private static List<Fact> whatWould(Colony colony, List<BroodBreak> breaks) {
    List<Fact> says = new ArrayList<>();
    for (BroodBreak each : breaks) {
      if (each.wash() <= colony.target() && onLabel(each)) {
        says.add(
            Fact.of("advice.whatWould")
                .day("day", each.day())
                .fact("how", each.says())
                .figure("mites", Math.rint(each.left())));
      }
    }
    if (says.isEmpty()) {
      says.add(Fact.of("advice.norDoesOne"));
    }
    return says;
  }

  private static boolean onLabel(BroodBreak each) {
    return each.judgement() == null || each.judgement().verdict() != Verdict.NOT_ON_LABEL;
  }

  private static Fact told(SpacingSearch.EvenSeries option) {
    return option.rounds() == 1
        ? Fact.of("advice.oneRound").day("day", option.start())
        : Fact.of("advice.rounds")
            .count("rounds", option.rounds(), "round")
            .count("gap", option.gap(), "day")
            .day("day", option.start());
  }
}
