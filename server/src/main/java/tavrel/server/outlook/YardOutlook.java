package tavrel.server.outlook;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodEvent;
import tavrel.core.count.Infestation;
import tavrel.core.count.Urgency;
import tavrel.core.due.Deadline;
import tavrel.core.due.DueDays;
import tavrel.core.hive.Hive;
import tavrel.core.mite.ColonyFrames;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.Dose;
import tavrel.core.mite.MiteParameters;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.SeriesProposal;
import tavrel.core.spacing.Colony;
import tavrel.core.spacing.LatestStart;
import tavrel.core.spacing.Schedule;

/**
 * All that the outlook of an apiary's hives is reckoned from.
 *
 * @param today the day there
 * @param dates of its year
 * @param deadline by when mites should be down there
 * @param danger mites a bee above which nobody waits, a fraction
 * @param figures of the mite model
 * @param hives how many stand there
 */
record YardOutlook(
    LocalDate today,
    SeasonDates dates,
    Deadline deadline,
    double danger,
    MiteParameters figures,
    int hives) {

  /**
   * What is known of a hive there.
   *
   * @param hive as it stands
   * @param clock its brood, read today
   * @param sample its latest count, or null
   * @param treated days on which it was treated with oxalic acid, ascending
   * @param agreed days of rounds that are agreed for it, ascending
   * @param dose what a round gives it and the sheet it is held against, or null where no label is
   *     known to go by
   */
  record Known(
      Hive hive,
      BroodClock clock,
      @Nullable Infestation sample,
      List<LocalDate> treated,
      List<LocalDate> agreed,
      @Nullable DoseByLabel dose) {

    /** Rounds that the label leaves in the calendar year of a day; null where it is silent. */
    @Nullable Integer labelLeft(LocalDate today) {
      Integer most = dose == null ? null : dose.sheet().maxRoundsPerYear();
      return most == null
          ? null
          : Math.max(0, most - SeriesProposal.byYear(treated).getOrDefault(today.getYear(), 0));
    }

    /** The first agreed round that the label leaves no room for; null where none is. */
    @Nullable LocalDate beyondLabel(LocalDate today) {
      Integer left = labelLeft(today);
      return left == null ? null : DueDays.beyondLabel(left, agreed, treated, today).orElse(null);
    }

    /** The latest day of which anything is known. */
    @Nullable LocalDate last() {
      return Stream.of(
              sample == null ? null : sample.last(),
              treated.isEmpty() ? null : treated.get(treated.size() - 1),
              hive.since(),
              clock.events().stream()
                  .map(BroodEvent::day)
                  .filter(day -> !day.isAfter(clock.today()))
                  .max(LocalDate::compareTo)
                  .orElse(null))
          .filter(Objects::nonNull)
          .max(LocalDate::compareTo)
          .orElse(null);
    }
  }

  /**
   * What a round gives.
   *
   * @param dose its kill
   * @param sheet the sheet it is held against
   */
  record DoseByLabel(Dose dose, RuleSheet sheet) {}

  /**
   * How a hive stands.
   *
   * @param onDay reads its clock on the day of its count
   */
  Outlook of(Known known, Function<LocalDate, BroodClock> onDay) {
    Infestation sample = known.sample();
    if (sample == null) {
      return unknown(known, Outlook.Unknown.NOT_COUNTED);
    }
    LocalDate counted = sample.last();
    if (counted.isBefore(today.minusDays(Urgency.RECENT_DAYS))) {
      return unknown(known, Outlook.Unknown.COUNTED_LONG_AGO);
    }
    DoseByLabel dose = known.dose();
    if (dose == null) {
      return unknown(known, Outlook.Unknown.NO_LABEL);
    }
    try {
      LatestStart reading =
          LatestStart.of(
              colony(known, sample, dose, onDay.apply(counted)),
              today,
              schedule(known.treated(), counted, today.plusDays(1)),
              schedule(known.agreed(), today, deadline.date().plusDays(1)),
              danger);
      return new Outlook(
          known.hive().id(),
          sample,
          deadline,
          reading,
          null,
          known.labelLeft(today),
          known.beyondLabel(today),
          known.last());
    } catch (InvalidValue cannotBe) {
      return unknown(known, Outlook.Unknown.CANNOT_BE);
    }
  }

  private Outlook unknown(Known known, Outlook.Unknown why) {
    return new Outlook(
        known.hive().id(),
        known.sample(),
        deadline,
        null,
        why,
        known.labelLeft(today),
        known.beyondLabel(today),
        known.last());
  }

  private Colony colony(Known known, Infestation sample, DoseByLabel dose, BroodClock onDay) {
    ColonyFrames frames = ColonyFrames.of(known.hive(), onDay);
    List<LocalDate> treated = known.treated();
    return new Colony(
        new ColonyLoad(
            sample.mites(), sample.bees(), sample.recovery(), frames.bees(), frames.capped(), 0),
        onDay,
        dates,
        figures,
        dose.dose(),
        dose.sheet(),
        treated.isEmpty() ? null : treated.get(treated.size() - 1),
        SeriesProposal.byYear(treated),
        deadline.date(),
        deadline.target(),
        hives);
  }

  /** Days from one on and before another. A count of a round's day came before it. */
  private static Schedule schedule(List<LocalDate> days, LocalDate from, LocalDate before) {
    return new Schedule(
        days.stream()
            .filter(day -> !day.isBefore(from) && day.isBefore(before))
            .distinct()
            .sorted()
            .limit(Schedule.MOST_ROUNDS)
            .toList());
  }

  /** Raised whenever the same inputs come to another outlook: kept ones are of no use then. */
  private static final int REVISION = 2;

  /** What is the same for all its hives. */
  String stamp(Map<String, Double> own) {
    return REVISION + "|" + this + "|" + own;
  }

  /** What the outlook of a hive is reckoned from, in one text; equal texts mean equal outlooks. */
  String stamp(Known known, String yard) {
    return String.join(
        "|",
        yard,
        known.hive().boxes().toString(),
        String.valueOf(known.hive().since()),
        known.clock().events().toString(),
        String.valueOf(known.sample()),
        known.treated().toString(),
        known.agreed().toString(),
        String.valueOf(known.dose()));
  }
}
