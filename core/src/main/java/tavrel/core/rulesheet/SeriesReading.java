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
import tavrel.core.NumberText;
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
              sheet.maxRoundsPerSeries(), rounds, rounds + (rounds == 1 ? " round" : " rounds")));
    } else if (rounds > 1) {
      silent("rounds a series", "no most rounds a series; these are " + rounds);
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
            "rounds a year",
            "no most rounds a year; with "
                + before
                + " on record these are "
                + (before + proposal.days().size()));
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
                  "rounds a year",
                  "at most " + most + " a year",
                  count
                      + " in "
                      + year
                      + ", "
                      + before
                      + " of them on record already"
                      + (others == 0 ? "" : ", " + others + " agreed in another series")));
        });
  }

  private void readDaysBetween() {
    Integer fewest = sheet.minDaysBetween();
    if (fewest == null) {
      if (proposal.days().size() > 1) {
        silent("days between", "no days between rounds");
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
      silent("capped brood", "nothing of brood, and some is or may be capped on these days");
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
            "capped brood",
            "only without capped brood",
            capped > 0
                ? capped + " of " + rounds + " days with capped brood"
                : likelyFree > 0 ? "likely nothing capped: look first" : "nothing capped"));
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
            "supers",
            rule == null ? null : rule.words(),
            "supers are usually on, on " + on + " of these days"));
  }

  /** The sheet says nothing on a point that matters here. */
  private void silent(String point, String says) {
    findings.add(new Finding(CAUTION, point, null, "the sheet names " + says));
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
        "supers",
        "honey waits " + waitingDays + " days",
        "a round on "
            + NumberText.day(day)
            + " lets supers go on from "
            + NumberText.day(day.plusDays(waitingDays))
            + "; they usually go on on "
            + NumberText.day(goOn));
  }

  static Finding roundsInSeries(int most, int count, String says) {
    return new Finding(
        count > most ? NOT_ON_LABEL : count == most ? CAUTION : ALLOWED,
        "rounds a series",
        "at most " + most + " a series",
        count == most ? says + ", as many as the sheet allows" : says);
  }

  static Finding daysBetween(int fewest, LocalDate earlier, LocalDate later) {
    long days = ChronoUnit.DAYS.between(earlier, later);
    boolean atLimit = days <= fewest * (1 + SheetReading.AT_LIMIT);
    return new Finding(
        days < fewest ? NOT_ON_LABEL : atLimit ? CAUTION : ALLOWED,
        "days between",
        "at least " + fewest + " days between rounds",
        NumberText.day(earlier)
            + " and "
            + NumberText.day(later)
            + " are "
            + days
            + (days == 1 ? " day" : " days")
            + " apart");
  }

  static Finding unchecked() {
    return new Finding(
        CAUTION,
        "the sheet",
        null,
        "an example: check your label, then make your own sheet from it");
  }
}
