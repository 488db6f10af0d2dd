package tavrel.core.spacing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import tavrel.core.Fact;

/**
 * The rule of thumb that people carry: the rounds span the capping time, 12 days for workers or 15
 * with drones, and lie no more than a week apart. A guide; the model may say otherwise.
 *
 * @param holds whether the rounds keep to it
 * @param says the rule and how the rounds stand to it
 */
public record RuleOfThumb(boolean holds, Fact says) {

  private static final int WORKER_SPAN = 12;
  private static final int DRONE_SPAN = 15;
  private static final int WIDEST_GAP = 7;

  /** Holds rounds against it. */
  public static RuleOfThumb of(Schedule schedule, boolean drones) {
    List<LocalDate> days = schedule.days();
    int needed = drones ? DRONE_SPAN : WORKER_SPAN;
    if (days.isEmpty()) {
      return new RuleOfThumb(false, Fact.of("thumb.noRound"));
    }
    long span = ChronoUnit.DAYS.between(days.get(0), days.get(days.size() - 1));
    long widest = 0;
    for (int i = 1; i < days.size(); i++) {
      widest = Math.max(widest, ChronoUnit.DAYS.between(days.get(i - 1), days.get(i)));
    }
    boolean holds = span >= needed && widest <= WIDEST_GAP;
    Fact says =
        (days.size() > 1
                ? Fact.of("thumb.spanAndGap").figure("gap", widest).figure("widest", WIDEST_GAP)
                : Fact.of("thumb.span"))
            .figure("span", span)
            .count("needed", needed, "day");
    return new RuleOfThumb(holds, says);
  }
}
