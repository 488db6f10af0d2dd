package tavrel.core.result;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.brood.BroodClock;
import tavrel.core.count.Infestation;
import tavrel.core.count.SampleReading;
import tavrel.core.count.Wash;
import tavrel.core.count.WashKind;
import tavrel.core.mite.ColonyFit;
import tavrel.core.mite.Seen;
import tavrel.core.spacing.Colony;
import tavrel.core.spacing.MiteForecast;
import tavrel.core.spacing.Schedule;

/**
 * What came of a stretch of rounds in one hive.
 *
 * @param rounds days of its rounds
 * @param before samples before them, or null
 * @param after samples after them, or null
 * @param reduction what they took away by samples before and after, or null
 * @param naturalPerDay mites a day that fell by themselves before them, or null
 * @param drops what the boards showed, by round
 * @param expected what the model foretold for each round from the sample before; empty without one
 * @param trend how the drops went
 * @param followUp share of all mites that fell at these rounds and at the next one, which these
 *     brought down; null unless boards were read after both
 * @param fit the model fitted to what was counted, or null where that is too little
 * @param expectedKill share that dose and hive let expect
 * @param shielded share of the mites that was under cappings on the days of the rounds, by the
 *     model; null without a sample before
 * @param ahead what may become of it, as fitted; empty once the rounds are too long ago to tell
 * @param next what to do, the weightiest first
 */
public record HiveResult(
    List<LocalDate> rounds,
    @Nullable SampleReading before,
    @Nullable SampleReading after,
    @Nullable Efficacy reduction,
    @Nullable Double naturalPerDay,
    List<RoundDrop> drops,
    List<MiteForecast.RoundEffect> expected,
    DropTrend trend,
    @Nullable Double followUp,
    NextStep.@Nullable Fitted fit,
    double expectedKill,
    @Nullable Double shielded,
    List<Ahead> ahead,
    List<NextStep> next) {

  /** A fit to a single count would only give back what was assumed. */
  private static final int LEAST_SEEN = 2;

  /** How far ahead the fitted model looks, days. */
  private static final int LOOK = Colony.AFTER;

  /** A sample this long before the first round still tells of its eve, days. */
  private static final int EVE = 10;

  /**
   * A way to go on, as the fitted model has it.
   *
   * @param rounds days of further rounds; none is to leave it at that
   * @param on day that is looked at
   * @param wash mites a bee that a sample would find then, a fraction
   * @param left mites in all then
   */
  public record Ahead(
      List<LocalDate> rounds, LocalDate on, ColonyFit.Estimate wash, ColonyFit.Estimate left) {}

  /**
   * What is known of one hive.
   *
   * @param colony as it stood on the day of the first round; its sample is the one before, where
   *     there is one
   * @param clock the brood clock as known today
   * @param rounds days of this hive's own rounds; one at least
   * @param toCome days of the rounds of its series still to come
   * @param samples what was counted around the rounds
   * @param limit of the season today, a fraction
   */
  public record Known(
      Colony colony,
      BroodClock clock,
      List<LocalDate> rounds,
      List<LocalDate> toCome,
      Samples samples,
      double limit) {}

  /** Reckons the result. */
  public static HiveResult of(Known known) {
    Infestation before = known.samples().before();
    Infestation after = known.samples().after();
    Double natural = known.samples().naturalPerDay();
    List<RoundDrop> drops =
        RoundDrop.of(known.rounds(), known.samples().boards(), natural == null ? 0 : natural);
    DropTrend trend = DropTrend.of(drops, natural);
    List<MiteForecast.RoundEffect> expected =
        before == null || !canBeForetold(known)
            ? List.of()
            : MiteForecast.of(known.colony(), new Schedule(known.rounds())).rounds();
    Double shielded =
        expected.isEmpty()
            ? null
            : expected.stream().mapToDouble(MiteForecast.RoundEffect::shielded).average().orElse(0);
    double expectedKill = known.colony().dose().kill();
    ColonyFit fit = fitted(known, drops);
    NextStep.Fitted fitted = fit == null ? null : NextStep.Fitted.of(fit, expectedKill);
    LocalDate today = known.clock().today();
    return new HiveResult(
        known.rounds(),
        before == null ? null : SampleReading.of(before, known.limit()),
        after == null ? null : SampleReading.of(after, known.limit()),
        before == null || after == null
            ? null
            : Efficacy.reduction(Efficacy.Found.of(before), Efficacy.Found.of(after)),
        natural,
        drops,
        expected,
        trend,
        known.samples().followUp(drops),
        fitted,
        expectedKill,
        shielded,
        fit == null || !known.samples().stretch().concerns(today) ? List.of() : ahead(known, fit),
        NextStep.of(
            new NextStep.Known(
                after,
                known.limit(),
                drops.isEmpty() ? null : trend,
                fitted,
                expectedKill,
                shielded,
                known.toCome().size(),
                ChronoUnit.DAYS.between(last(known.rounds()), today))));
  }

  /**
   * The model fitted to what was counted around a hive's rounds, or null where that is too little.
   */
  public static @Nullable ColonyFit fitted(Known known) {
    Double natural = known.samples().naturalPerDay();
    return fitted(
        known,
        RoundDrop.of(known.rounds(), known.samples().boards(), natural == null ? 0 : natural));
  }

  private static @Nullable ColonyFit fitted(Known known, List<RoundDrop> drops) {
    List<Seen> seen = seen(known, drops);
    return seen.size() < LEAST_SEEN || !fits(known.colony()) ? null : fit(known, seen);
  }

  /** Whether what was seen of bees, brood and mites can be true together. */
  private static boolean fits(Colony colony) {
    return colony.load().refusal(colony.clock(), colony.figures()) == null;
  }

  /** More rounds, or longer, than one course of the model is made for. */
  private static boolean canBeForetold(Known known) {
    return fits(known.colony())
        && known.rounds().size() <= Schedule.MOST_ROUNDS
        && !last(known.rounds()).isAfter(known.colony().commonDate());
  }

  private static List<Seen> seen(Known known, List<RoundDrop> drops) {
    List<Seen> seen = new ArrayList<>();
    Double natural = known.samples().naturalPerDay();
    LocalDate first = known.rounds().get(0);
    for (Wash wash : known.samples().washes()) {
      boolean onTheEve = !wash.day().isAfter(first) && !wash.day().isBefore(first.minusDays(EVE));
      boolean since = wash.day().isAfter(first) && known.samples().stretch().concerns(wash.day());
      if (onTheEve || since) {
        seen.add(
            new Seen.Sample(
                onTheEve ? -1 : index(first, wash.day()) - 1,
                wash.mites(),
                wash.bees(),
                wash.kind() == WashKind.SUGAR_ROLL ? known.samples().rollRecovery() : 1));
      }
    }
    for (RoundDrop drop : drops) {
      seen.add(
          new Seen.Drop(
              index(first, drop.firstKill()),
              index(first, drop.lastKill()),
              drop.mites(),
              natural == null ? 0 : natural * drop.hours() / 24));
    }
    return seen;
  }

  private static ColonyFit fit(Known known, List<Seen> seen) {
    Colony colony = known.colony();
    LocalDate first = known.rounds().get(0);
    int days = index(first, lookAt(known)) + 1;
    return new ColonyFit(
        colony.figures(),
        colony.load().days(known.clock(), first, colony.season(), colony.figures(), days, false),
        colony.load().divided(colony.clock(), colony.figures()),
        indexes(first, known.rounds()),
        colony.dose().kill(),
        seen);
  }

  /** To leave it at that, to go on as agreed, or to add one or two rounds. */
  private static List<Ahead> ahead(Known known, ColonyFit fit) {
    List<List<LocalDate>> ways = new ArrayList<>();
    ways.add(List.of());
    LocalDate tomorrow = known.clock().today().plusDays(1);
    if (known.toCome().isEmpty()) {
      ways.add(List.of(tomorrow));
      ways.add(List.of(tomorrow, tomorrow.plusDays(gap(known.rounds()))));
    } else {
      ways.add(known.toCome());
      List<LocalDate> more = new ArrayList<>(known.toCome());
      more.add(last(known.toCome()).plusDays(gap(known.rounds())));
      ways.add(List.copyOf(more));
    }
    LocalDate first = known.rounds().get(0);
    LocalDate on = lookAt(known);
    List<Ahead> ahead = new ArrayList<>();
    for (List<LocalDate> more : ways) {
      List<LocalDate> all = new ArrayList<>(known.rounds());
      all.addAll(more);
      int[] days = indexes(first, all);
      ahead.add(
          new Ahead(more, on, fit.wash(days, index(first, on)), fit.left(days, index(first, on))));
    }
    return List.copyOf(ahead);
  }

  /** The day up to which a fit looks ahead. */
  static LocalDate lookAt(Known known) {
    LocalDate last = known.toCome().isEmpty() ? known.clock().today() : last(known.toCome());
    LocalDate latest = last.isBefore(known.clock().today()) ? known.clock().today() : last;
    return latest.plusDays(gap(known.rounds()) + LOOK);
  }

  /** Days between the last two rounds; a week where there was one. */
  private static long gap(List<LocalDate> rounds) {
    return rounds.size() < 2
        ? 7
        : ChronoUnit.DAYS.between(rounds.get(rounds.size() - 2), last(rounds));
  }

  private static LocalDate last(List<LocalDate> days) {
    return days.get(days.size() - 1);
  }

  private static int index(LocalDate first, LocalDate day) {
    return (int) ChronoUnit.DAYS.between(first, day);
  }

  private static int[] indexes(LocalDate first, List<LocalDate> days) {
    return days.stream().mapToInt(day -> index(first, day)).toArray();
  }
}
