package tavrel.core.due;

import tavrel.core.Fact;
import tavrel.core.brood.FreeWindow;
import tavrel.core.count.BoardsDue;
import tavrel.core.count.Danger;
import tavrel.core.count.Urgency;

/**
 * Why a line is told: the rule of its kind, with the figures that it goes by.
 *
 * <p>Source of the figures: where each is kept; the round ones are named as ours in the method's
 * own text.
 */
public final class DueRule {

  private static final String DAY = "day";
  private static final String DAYS = "days";

  private DueRule() {}

  /**
   * The rule of a kind.
   *
   * @param kind of a line
   * @param danger from which load on a colony is in danger, as the keeper has it
   */
  public static Fact of(DueTaskKind kind, Danger danger) {
    return switch (kind) {
      case DANGER ->
          Fact.of("due.why.danger")
              .share("danger", danger.share())
              .count(DAYS, Urgency.RECENT_DAYS, DAY);
      case ABOVE_UNPLANNED ->
          Fact.of("due.why.aboveUnplanned").count(DAYS, Urgency.RECENT_DAYS, DAY);
      case ROUND_LATE -> Fact.of("due.why.roundLate");
      case ROUND_DUE -> Fact.of("due.why.roundDue");
      case HOURS_GONE -> Fact.of("due.why.hoursGone");
      case TAKE_OUT -> Fact.of("due.why.takeOut").count(DAYS, DueDays.AHEAD, DAY);
      case OVER_LABEL -> Fact.of("due.why.overLabel");
      case HONEY_WAIT -> Fact.of("due.why.honeyWait").count(DAYS, DueDays.SUPERS_AHEAD, DAY);
      case WINDOW_CLOSES -> Fact.of("due.why.windowCloses").count(DAYS, FreeWindow.CLOSING, DAY);
      case WINDOW_OPENS -> Fact.of("due.why.windowOpens").count(DAYS, FreeWindow.SOON, DAY);
      case FALLS_SHORT -> Fact.of("due.why.fallsShort");
      case BEGIN_BY -> Fact.of("due.why.beginBy").count(DAYS, Need.NAMED_AHEAD, DAY);
      case NEIGHBOUR ->
          Fact.of("due.why.neighbour")
              .count(DAYS, DueDays.CARRIED, DAY)
              .count("told", DueDays.CARRIED_ON, DAY);
      case OUT_OF_REACH -> Fact.of("due.why.outOfReach");
      case MAKE_READY -> Fact.of("due.why.makeReady");
      case LOOK_DUE -> Fact.of("due.why.look").count(DAYS, DueDays.LOOK_AHEAD, DAY);
      case BOARDS_TO_READ ->
          Fact.of("due.why.boards")
              .count("first", BoardsDue.FIRST.toHours(), "hour")
              .count("last", BoardsDue.THIRD_BY.toHours(), "hour");
      case RECOUNT_DUE ->
          Fact.of("due.why.recount")
              .count("from", DueDays.RECOUNT_FROM, DAY)
              .count("to", DueDays.RECOUNT_TO, DAY);
      case ROUND_AHEAD -> Fact.of("due.why.roundAhead").count(DAYS, DueDays.AHEAD, DAY);
      case COUNT_DUE -> Fact.of("due.why.count").count(DAYS, DueDays.MONTH, DAY);
      case UNSEEN -> Fact.of("due.why.unseen").count(DAYS, DueDays.LONG, DAY);
    };
  }
}
