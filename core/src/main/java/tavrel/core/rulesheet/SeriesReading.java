package tavrel.core.rulesheet;

import static tavrel.core.rulesheet.Verdict.ALLOWED;
import static tavrel.core.rulesheet.Verdict.CAUTION;
import static tavrel.core.rulesheet.Verdict.NOT_ON_LABEL;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.brood.BroodState;

/** Reads one rule sheet against the days of a series, line by line. */
final class SeriesReading {

  private final RuleSheet sheet;
  private final SeriesProposal proposal;
  private final List<Finding> findings = new ArrayList<>();

  SeriesReading(RuleSheet sheet, SeriesProposal proposal) {
    this.sheet = sheet;
    this.proposal = proposal;
  }

  List<Finding> findings() {
    int rounds = proposal.days().size();
    if (sheet.maxRoundsPerSeries() != null) {
      findings.add(
          roundsInSeries(
              sheet.maxRoundsPerSeries(),
              rounds,
              rounds == sheet.maxRoundsPerSeries()
                  ? Fact.of("label.roundsAtLimit").count("rounds", rounds, "round")
                  : Fact.of("label.rounds").count("rounds", rounds, "round")));
    } else if (rounds > 1) {
      silent(LabelPoint.ROUNDS_A_SERIES, Fact.of("label.noMostForSeries").figure("rounds", rounds));
    }
    readYears();
    readDaysBetween();
    readBrood();
    readSupers();
    readHoneyWait();
    if (sheet.example()) {
      findings.add(unchecked());
    }
    return findings;
  }

  private void readYears() {
    Integer most = sheet.maxRoundsPerYear();
    if (most == null && !proposal.days().isEmpty()) {
      int year = proposal.days().get(0).getYear();
      int before = proposal.treated().getOrDefault(year, 0);
      if (before + proposal.days().size() > 1) {
        silent(
            LabelPoint.ROUNDS_A_YEAR,
            Fact.of("label.noMostForYear")
                .figure("before", before)
                .figure("rounds", before + proposal.days().size()));
      }
    }
    if (most == null) {
      return;
    }
    Map<Integer, Integer> years = new TreeMap<>();
    proposal.days().forEach(day -> years.merge(day.getYear(), 1, Integer::sum));
    Map<Integer, Integer> also = new TreeMap<>();
    proposal.alsoPlanned().forEach(day -> also.merge(day.getYear(), 1, Integer::sum));
    years.forEach(
        (year, planned) -> {
          int before = proposal.treated().getOrDefault(year, 0);
          int others = also.getOrDefault(year, 0);
          int count = before + planned + others;
          findings.add(
              new Finding(
                  count > most ? NOT_ON_LABEL : count == most ? CAUTION : ALLOWED,
                  LabelPoint.ROUNDS_A_YEAR,
                  SheetLine.mostAYear(most),
                  (others == 0
                          ? Fact.of("label.roundsInYear")
                          : Fact.of("label.roundsInYearWithOthers").figure("others", others))
                      .figure("rounds", count)
                      .text("year", String.valueOf(year))
                      .figure("before", before)));
        });
  }

  private void readDaysBetween() {
    Integer fewest = sheet.minDaysBetween();
    if (fewest == null) {
      if (proposal.days().size() > 1) {
        silent(LabelPoint.DAYS_BETWEEN, Fact.of("label.noDaysBetween"));
      }
      return;
    }
    LocalDate before = proposal.lastTreated();
    Finding worst = null;
    List<LocalDate> all = new ArrayList<>(proposal.days());
    all.addAll(proposal.alsoPlanned());
    all.sort(Comparator.naturalOrder());
    for (LocalDate day : all) {
      boolean ours = proposal.days().contains(day) || proposal.days().contains(before);
      if (ours && before != null && !before.isAfter(day)) {
        Finding finding = daysBetween(fewest, before, day);
        if (worst == null || finding.verdict().compareTo(worst.verdict()) > 0) {
          worst = finding;
        }
      }
      before = day;
    }
    if (worst != null) {
      findings.add(worst);
    }
  }

  private void readBrood() {
    boolean free =
        proposal.days().stream().allMatch(day -> proposal.brood().apply(day) == BroodState.FREE);
    if (sheet.brood() == null && !free) {
      silent(LabelPoint.CAPPED_BROOD, Fact.of("label.noBroodRuleForDays"));
    }
    if (sheet.brood() != BroodRule.BROODLESS_ONLY) {
      return;
    }
    int capped = 0;
    int likelyFree = 0;
    for (LocalDate day : proposal.days()) {
      BroodState state = proposal.brood().apply(day);
      capped += state == BroodState.CAPPED ? 1 : 0;
      likelyFree += state == BroodState.LIKELY_FREE ? 1 : 0;
    }
    int rounds = proposal.days().size();
    findings.add(
        new Finding(
            capped > 0 ? NOT_ON_LABEL : likelyFree > 0 ? CAUTION : ALLOWED,
            LabelPoint.CAPPED_BROOD,
            SheetLine.broodless(),
            capped > 0
                ? Fact.of("label.daysWithBrood").figure("capped", capped).figure("days", rounds)
                : likelyFree > 0
                    ? Fact.of("label.likelyNothingCapped")
                    : Fact.of("label.nothingCapped")));
  }

  private void readSupers() {
    long on = proposal.days().stream().filter(proposal.supersOn()).count();
    if (on == 0) {
      return;
    }
    SupersRule rule = sheet.supers();
    findings.add(
        new Finding(
            rule == SupersRule.ALLOWED ? ALLOWED : CAUTION,
            LabelPoint.SUPERS,
            rule == null ? null : SheetLine.supers(rule),
            Fact.of("label.supersOnDays").figure("days", on)));
  }

  /** The sheet says nothing on a point that matters here. */
  private void silent(LabelPoint point, Fact says) {
    findings.add(new Finding(CAUTION, point, null, says));
  }

  /** The round that makes the supers late first is named; a caution, since supers can wait. */
  private void readHoneyWait() {
    for (LocalDate day : proposal.days()) {
      Finding late = honeyWait(sheet.waitingDays(), day, proposal.supersGoOn().apply(day));
      if (late != null) {
        findings.add(late);
        return;
      }
    }
  }

  /**
   * What a round means for the supers that go on next.
   *
   * @param waitingDays of the sheet, or null where it is silent
   * @param goOn the day on which they usually go on, or null
   * @return null where they are not late
   */
  static @Nullable Finding honeyWait(
      @Nullable Integer waitingDays, LocalDate day, @Nullable LocalDate goOn) {
    if (waitingDays == null || goOn == null || !day.plusDays(waitingDays).isAfter(goOn)) {
      return null;
    }
    return new Finding(
        CAUTION,
        LabelPoint.SUPERS,
        Fact.of("label.lineHoneyWaits").count("days", waitingDays, "day"),
        Fact.of("label.supersLate")
            .day("day", day)
            .day("from", day.plusDays(waitingDays))
            .day("usual", goOn));
  }

  static Finding roundsInSeries(int most, int count, Fact says) {
    return new Finding(
        count > most ? NOT_ON_LABEL : count == most ? CAUTION : ALLOWED,
        LabelPoint.ROUNDS_A_SERIES,
        SheetLine.mostASeries(most),
        says);
  }

  static Finding daysBetween(int fewest, LocalDate earlier, LocalDate later) {
    long days = ChronoUnit.DAYS.between(earlier, later);
    boolean atLimit = days <= fewest * (1 + SheetReading.AT_LIMIT);
    return new Finding(
        days < fewest ? NOT_ON_LABEL : atLimit ? CAUTION : ALLOWED,
        LabelPoint.DAYS_BETWEEN,
        SheetLine.leastDaysBetween(fewest),
        Fact.of("label.daysApart")
            .day("earlier", earlier)
            .day("later", later)
            .count("days", days, "day"));
  }

  static Finding unchecked() {
    return new Finding(CAUTION, LabelPoint.THE_SHEET, null, Fact.of("label.example"));
  }
}
