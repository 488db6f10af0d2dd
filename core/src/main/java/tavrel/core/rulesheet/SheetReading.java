package tavrel.core.rulesheet;

import static tavrel.core.rulesheet.Verdict.ALLOWED;
import static tavrel.core.rulesheet.Verdict.CAUTION;
import static tavrel.core.rulesheet.Verdict.NOT_ON_LABEL;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.brood.BroodState;
import tavrel.core.hive.SupersPlan;
import tavrel.core.measure.GramsOf;

/** Reads one rule sheet against one proposal, line by line. */
final class SheetReading {

  /** A figure this close to its limit is a caution. */
  static final double AT_LIMIT = 0.05;

  /** A temperature this close to its limit is a caution, °C. */
  private static final double AT_CELSIUS_LIMIT = 0.5;

  /** A treatment so few days ago is worth a word where the sheet is silent. */
  private static final int SOON = 60;

  private static final double ROUNDING = 1e-9;

  private final RuleSheet sheet;
  private final Proposal proposal;
  private final List<Finding> findings = new ArrayList<>();

  SheetReading(RuleSheet sheet, Proposal proposal) {
    this.sheet = sheet;
    this.proposal = proposal;
  }

  List<Finding> findings() {
    readGrams();
    readRoundsInYear();
    readRoundsInSeries();
    readDaysBetween();
    readBrood();
    readSupers();
    readSeal();
    readTemperature();
    readStanding();
    return findings;
  }

  private void readGrams() {
    double grams =
        switch (sheet.gramsOf()) {
          case ACID_DIHYDRATE -> proposal.acid();
          case ACID_ANHYDROUS -> proposal.acid() / GramsOf.DIHYDRATE_PER_ANHYDROUS;
          case PRODUCT -> proposal.product();
        };
    if (sheet.maxPerBox() != null) {
      atMost(
          LabelPoint.GRAMS_A_BOX,
          grams / proposal.boxes(),
          sheet.maxPerBox(),
          SheetLine.mostGramsABox(sheet));
    }
    if (sheet.maxPerHive() != null) {
      atMost(LabelPoint.GRAMS_A_HIVE, grams, sheet.maxPerHive(), SheetLine.mostGramsAHive(sheet));
    }
    if (sheet.maxPerBox() == null && sheet.maxPerHive() == null) {
      add(CAUTION, LabelPoint.GRAMS, null, Fact.of("label.noMostGrams"));
    }
  }

  private void readRoundsInYear() {
    Integer most = sheet.maxRoundsPerYear();
    if (most != null) {
      int count = proposal.treatedThisYear() + 1;
      add(
          count > most ? NOT_ON_LABEL : count == most ? CAUTION : ALLOWED,
          LabelPoint.ROUNDS_A_YEAR,
          SheetLine.mostAYear(most),
          count == most
              ? Fact.of("label.lastRoundOfYear").figure("round", count)
              : Fact.of("label.roundOfYear").figure("round", count));
    } else if (proposal.treatedThisYear() > 0) {
      silent(
          LabelPoint.ROUNDS_A_YEAR,
          Fact.of("label.noMostAYear").figure("round", proposal.treatedThisYear() + 1));
    }
  }

  /** Outside a series the year's count bounds the series' count, so a small one settles it. */
  private void readRoundsInSeries() {
    Integer most = sheet.maxRoundsPerSeries();
    Integer known = proposal.roundOfSeries();
    if (most == null) {
      if (known != null && known > 1) {
        silent(LabelPoint.ROUNDS_A_SERIES, Fact.of("label.noMostASeries").figure("round", known));
      }
      return;
    }
    if (known != null) {
      findings.add(
          SeriesReading.roundsInSeries(
              most,
              known,
              known.equals(most)
                  ? Fact.of("label.lastRoundOfSeries").figure("round", known)
                  : Fact.of("label.roundOfSeries").figure("round", known)));
      return;
    }
    int count = proposal.treatedThisYear() + 1;
    add(
        count <= most ? ALLOWED : CAUTION,
        LabelPoint.ROUNDS_A_SERIES,
        SheetLine.mostASeries(most),
        count <= most
            ? Fact.of("label.noSeriesLonger").figure("round", count)
            : Fact.of("label.countOneSeries").figure("round", count));
  }

  private void readDaysBetween() {
    Integer fewest = sheet.minDaysBetween();
    LocalDate last = proposal.lastTreated();
    if (last == null) {
      return;
    }
    if (fewest != null) {
      findings.add(SeriesReading.daysBetween(fewest, last, proposal.day()));
      return;
    }
    long days = ChronoUnit.DAYS.between(last, proposal.day());
    if (days < SOON) {
      silent(LabelPoint.DAYS_BETWEEN, Fact.of("label.lastDaysAgo").count("days", days, "day"));
    }
  }

  private void readBrood() {
    BroodState state = proposal.brood();
    if (sheet.brood() == null && state != BroodState.FREE) {
      silent(
          LabelPoint.CAPPED_BROOD,
          state == null
              ? Fact.of("label.noBroodRuleNorRecord")
              : Fact.of("label.noBroodRule").word("brood", state));
    }
    if (sheet.brood() != BroodRule.BROODLESS_ONLY) {
      return;
    }
    add(
        state == BroodState.FREE ? ALLOWED : state == BroodState.CAPPED ? NOT_ON_LABEL : CAUTION,
        LabelPoint.CAPPED_BROOD,
        SheetLine.broodless(),
        state == null
            ? Fact.of("label.broodNotOnRecord")
            : Fact.of("label.byBroodClock").word("brood", state));
  }

  private void readSupers() {
    Finding late =
        SeriesReading.honeyWait(sheet.waitingDays(), proposal.day(), proposal.supersGoOn());
    if (late != null) {
      findings.add(late);
    }
    if (proposal.supers() == 0) {
      return;
    }
    SupersPlan plan = proposal.supersPlan();
    if (sheet.supers() != null) {
      add(
          sheet.supers().permits(plan) ? ALLOWED : NOT_ON_LABEL,
          LabelPoint.SUPERS,
          SheetLine.supers(sheet.supers()),
          Fact.of("label.supers").count("supers", proposal.supers(), "super").word("plan", plan));
    } else if (plan != SupersPlan.TAKEN_OFF) {
      add(
          CAUTION,
          LabelPoint.SUPERS,
          null,
          Fact.of("label.noSupersRule")
              .count("supers", proposal.supers(), "super")
              .word("plan", plan));
    }
  }

  private void readSeal() {
    Integer fewest = sheet.minSealMinutes();
    if (proposal.leftOpen()) {
      add(
          fewest == null ? CAUTION : NOT_ON_LABEL,
          LabelPoint.MINUTES_SHUT,
          fewest == null ? null : SheetLine.leastShut(fewest),
          fewest == null ? Fact.of("label.leftOpenNoLeast") : Fact.of("label.leftOpen"));
      return;
    }
    if (fewest == null) {
      add(
          CAUTION,
          LabelPoint.MINUTES_SHUT,
          null,
          Fact.of("label.noLeastShut").minutes("shut", proposal.sealMinutes()));
    } else {
      add(
          ALLOWED,
          LabelPoint.MINUTES_SHUT,
          SheetLine.leastShut(fewest),
          Fact.of("label.shut").minutes("shut", Math.max(fewest, proposal.sealMinutes())));
    }
  }

  private void readTemperature() {
    Double now = proposal.celsius();
    if (sheet.minCelsius() == null && sheet.maxCelsius() == null) {
      return;
    }
    if (now == null) {
      add(CAUTION, LabelPoint.AIR_TEMPERATURE, celsiusLine(), Fact.of("label.noTemperature"));
      return;
    }
    double above = sheet.minCelsius() == null ? Double.POSITIVE_INFINITY : now - sheet.minCelsius();
    double below = sheet.maxCelsius() == null ? Double.POSITIVE_INFINITY : sheet.maxCelsius() - now;
    double room = Math.min(above, below);
    add(
        room < 0 ? NOT_ON_LABEL : room <= AT_CELSIUS_LIMIT ? CAUTION : ALLOWED,
        LabelPoint.AIR_TEMPERATURE,
        celsiusLine(),
        Fact.of("label.temperatureNow").celsius("now", now));
  }

  private @Nullable Fact celsiusLine() {
    Double least = sheet.minCelsius();
    Double most = sheet.maxCelsius();
    if (least == null) {
      return most == null ? null : Fact.of("label.lineUpTo").celsius("most", most);
    }
    return most == null
        ? Fact.of("label.lineFrom").celsius("least", least)
        : Fact.of("label.lineFromTo").celsius("least", least).celsius("most", most);
  }

  private void readStanding() {
    if (sheet.example()) {
      findings.add(SeriesReading.unchecked());
    } else if (!Boolean.TRUE.equals(sheet.registeredProduct())) {
      add(CAUTION, LabelPoint.THE_PRODUCT, null, Fact.of("label.notRegistered"));
    }
  }

  private void atMost(LabelPoint point, double value, double limit, Fact line) {
    Verdict verdict =
        value > limit * (1 + ROUNDING)
            ? NOT_ON_LABEL
            : value >= limit * (1 - AT_LIMIT) - ROUNDING ? CAUTION : ALLOWED;
    Fact says =
        switch (verdict) {
          case ALLOWED -> Fact.of("label.grams");
          case CAUTION -> Fact.of("label.gramsAtLimit");
          case NOT_ON_LABEL -> Fact.of("label.gramsOver").grams("over", value - limit);
        };
    add(verdict, point, line, says.grams("grams", value).word("of", sheet.gramsOf()));
  }

  /** The sheet says nothing on a point that matters here. */
  private void silent(LabelPoint point, Fact says) {
    add(CAUTION, point, null, says);
  }

  private void add(Verdict verdict, LabelPoint point, @Nullable Fact line, Fact says) {
    findings.add(new Finding(verdict, point, line, says));
  }
}
