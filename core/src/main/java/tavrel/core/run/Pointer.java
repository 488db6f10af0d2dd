package tavrel.core.run;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** Says which hive somebody should act on now. */
final class Pointer {

  /** Hives shut ahead for each tool: enough that none waits, few enough that none is shut long. */
  private static final int SHUT_AHEAD = 2;

  private final RunPlan plan;
  private final List<HiveOnBoard> hives;
  private final Instant now;

  Pointer(RunPlan plan, List<HiveOnBoard> hives, Instant now) {
    this.plan = plan;
    this.hives = hives;
    this.now = now;
  }

  /**
   * Burn on, but a hive well over its time comes first: the hive that has the tool in hand, then
   * hives overdue by more than the margin, then the next to burn, then the next to open. Hands open
   * whatever is due and shut a few ahead. Nothing new burns in a pause.
   */
  Optional<HiveOnBoard> actOn(Part part, boolean paused) {
    Integer number = part.tool();
    return number == null ? hands(paused) : burns(plan.tool(number), paused);
  }

  private Optional<HiveOnBoard> burns(RunTool tool, boolean paused) {
    return first(hive -> hive.stage().hasTool() && has(tool, hive))
        .or(() -> dueBefore(now.minus(plan.openFirstAfter())))
        .or(() -> paused ? Optional.empty() : nextToBurn(tool))
        .or(this::nextToOpen);
  }

  private Optional<HiveOnBoard> hands(boolean paused) {
    long ahead = hives.stream().filter(hive -> hive.stage() == Stage.PREPARED).count();
    boolean mayShut = !paused && ahead < shutAhead();
    return dueBefore(now.plusMillis(1))
        .or(
            () ->
                mayShut
                    ? first(hive -> hive.stage() == Stage.WAITING && !hive.leftOpen())
                    : Optional.empty())
        .or(this::nextToOpen);
  }

  /** The shut hive that comes due first. */
  Optional<HiveOnBoard> nextToOpen() {
    return hives.stream()
        .filter(hive -> hive.openFrom() != null)
        .min(Comparator.comparing(HiveOnBoard::openFrom));
  }

  /** By what a device may point on its own. */
  RunBoard.Pointing figures() {
    return new RunBoard.Pointing(plan.openFirstAfter().toSeconds(), shutAhead());
  }

  private int shutAhead() {
    return SHUT_AHEAD * plan.tools().size();
  }

  private Optional<HiveOnBoard> nextToBurn(RunTool tool) {
    return first(
        hive ->
            (hive.stage() == Stage.WAITING || hive.stage() == Stage.PREPARED)
                && tool.fits(hive.hiveId()));
  }

  private Optional<HiveOnBoard> dueBefore(Instant moment) {
    return nextToOpen().filter(hive -> isBefore(hive.openFrom(), moment));
  }

  private static boolean isBefore(@Nullable Instant at, Instant moment) {
    return at != null && at.isBefore(moment);
  }

  private boolean has(RunTool tool, HiveOnBoard hive) {
    return plan.tool(hive.tool()).number() == tool.number();
  }

  private Optional<HiveOnBoard> first(Predicate<HiveOnBoard> test) {
    return hives.stream().filter(test).findFirst();
  }
}
