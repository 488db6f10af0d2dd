package tavrel.core.rulesheet;

import static tavrel.core.rulesheet.Verdict.ALLOWED;
import static tavrel.core.rulesheet.Verdict.CAUTION;
import static tavrel.core.rulesheet.Verdict.NOT_ON_LABEL;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.NumberText;
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
    String of = sheet.gramsOf().words();
    if (sheet.maxPerBox() != null) {
      atMost("grams a box", grams / proposal.boxes(), sheet.maxPerBox(), "g " + of + " a box");
    }
    if (sheet.maxPerHive() != null) {
      atMost("grams a hive", grams, sheet.maxPerHive(), "g " + of + " a hive");
    }
    if (sheet.maxPerBox() == null && sheet.maxPerHive() == null) {
      add(CAUTION, "grams", null, "the sheet names no most grams; read the label");
    }
  }

  private void readRoundsInYear() {
    Integer most = sheet.maxRoundsPerYear();
    if (most != null) {
      int count = proposal.treatedThisYear() + 1;
      String says = "this is round " + count + " on record this year";
      add(
          count > most ? NOT_ON_LABEL : count == most ? CAUTION : ALLOWED,
          "rounds a year",
          "at most " + most + " a year",
          count == most ? says + ", the last that the sheet allows" : says);
    } else if (proposal.treatedThisYear() > 0) {
      silent(
          "rounds a year",
          "no most rounds a year; this is round "
              + (proposal.treatedThisYear() + 1)
              + " on record this year");
    }
  }

  /** Outside a series the year's count bounds the series' count, so a small one settles it. */
  private void readRoundsInSeries() {
    Integer most = sheet.maxRoundsPerSeries();
    Integer known = proposal.roundOfSeries();
    if (most == null) {
      if (known != null && known > 1) {
        silent(
            "rounds a series", "no most rounds a series; this is round " + known + " of its own");
      }
      return;
    }
    if (known != null) {
      findings.add(SeriesReading.roundsInSeries(most, known, "round " + known + " of its series"));
      return;
    }
    int count = proposal.treatedThisYear() + 1;
    add(
        count <= most ? ALLOWED : CAUTION,
        "rounds a series",
        "at most " + most + " a series",
        count <= most
            ? "round " + count + " this year, so no series is longer"
            : "round " + count + " this year; count those that belong to one series");
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
      silent("days between", "no days between rounds; the last was " + days + " days ago");
    }
  }

  private void readBrood() {
    BroodState state = proposal.brood();
    if (sheet.brood() == null && state != BroodState.FREE) {
      silent(
          "capped brood",
          "nothing of brood"
              + (state == null ? "; this hive's is not on record" : "; here: " + state.words()));
    }
    if (sheet.brood() != BroodRule.BROODLESS_ONLY) {
      return;
    }
    add(
        state == BroodState.FREE ? ALLOWED : state == BroodState.CAPPED ? NOT_ON_LABEL : CAUTION,
        "capped brood",
        "only without capped brood",
        state == null
            ? "look inside first: this hive's brood is not on record"
            : "by the brood clock: " + state.words());
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
    String says =
        (proposal.supers() == 1 ? "1 super " : proposal.supers() + " supers ")
            + proposal.supersPlan().words();
    if (sheet.supers() != null) {
      add(
          sheet.supers().permits(proposal.supersPlan()) ? ALLOWED : NOT_ON_LABEL,
          "supers",
          sheet.supers().words(),
          says);
    } else if (proposal.supersPlan() != SupersPlan.TAKEN_OFF) {
      add(CAUTION, "supers", null, says + "; the sheet says nothing of supers");
    }
  }

  private void readSeal() {
    Integer fewest = sheet.minSealMinutes();
    if (proposal.leftOpen()) {
      add(
          fewest == null ? CAUTION : NOT_ON_LABEL,
          "minutes shut",
          fewest == null ? null : "at least " + fewest + " min shut",
          "the entrance is left open, so nothing is shut in"
              + (fewest == null ? "; the sheet names no least time" : ""));
      return;
    }
    if (fewest == null) {
      add(
          CAUTION,
          "minutes shut",
          null,
          "the sheet names no least time; yours is " + proposal.sealMinutes() + " min");
    } else {
      add(
          ALLOWED,
          "minutes shut",
          "at least " + fewest + " min shut",
          "shut " + Math.max(fewest, proposal.sealMinutes()) + " min from taking the tool out");
    }
  }

  private void readTemperature() {
    Double now = proposal.celsius();
    if (sheet.minCelsius() == null && sheet.maxCelsius() == null) {
      return;
    }
    if (now == null) {
      add(
          CAUTION,
          "air temperature",
          celsiusLine(),
          "nothing measured on record: read a thermometer before you begin");
      return;
    }
    double above = sheet.minCelsius() == null ? Double.POSITIVE_INFINITY : now - sheet.minCelsius();
    double below = sheet.maxCelsius() == null ? Double.POSITIVE_INFINITY : sheet.maxCelsius() - now;
    double room = Math.min(above, below);
    add(
        room < 0 ? NOT_ON_LABEL : room <= AT_CELSIUS_LIMIT ? CAUTION : ALLOWED,
        "air temperature",
        celsiusLine(),
        "about " + NumberText.tenths(now) + " °C now");
  }

  private String celsiusLine() {
    Double least = sheet.minCelsius();
    Double most = sheet.maxCelsius();
    String from = least == null ? "" : NumberText.plain(least);
    String to = most == null ? "" : NumberText.plain(most);
    return least == null
        ? "up to " + to + " °C"
        : most == null ? "from " + from + " °C" : from + " to " + to + " °C";
  }

  private void readStanding() {
    if (sheet.example()) {
      findings.add(SeriesReading.unchecked());
    } else if (!Boolean.TRUE.equals(sheet.registeredProduct())) {
      add(
          CAUTION,
          "the product",
          null,
          "not marked as registered; in many countries only a registered product is legal");
    }
  }

  private void atMost(String point, double value, double limit, String unit) {
    Verdict verdict =
        value > limit * (1 + ROUNDING)
            ? NOT_ON_LABEL
            : value >= limit * (1 - AT_LIMIT) - ROUNDING ? CAUTION : ALLOWED;
    String says = NumberText.grams(value) + " " + unit;
    add(
        verdict,
        point,
        "at most " + NumberText.plain(limit) + " " + unit,
        switch (verdict) {
          case ALLOWED -> says;
          case CAUTION -> says + ", at the limit";
          case NOT_ON_LABEL -> says + ", " + NumberText.grams(value - limit) + " g over";
        });
  }

  /** The sheet says nothing on a point that matters here. */
  private void silent(String point, String says) {
    add(CAUTION, point, null, "the sheet names " + says);
  }

  private void add(Verdict verdict, String point, @Nullable String line, String says) {
    findings.add(new Finding(verdict, point, line, says));
  }
}
