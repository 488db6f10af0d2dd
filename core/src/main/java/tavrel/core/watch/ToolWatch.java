package tavrel.core.watch;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * A tool under watch: its stream, what the watcher makes of it, and the latest minutes for the eye.
 * Not for two threads at once.
 */
public final class ToolWatch {

  /** How much of the past is kept to be drawn, s. */
  public static final double KEPT = 180;

  private final WatchedTool tool;
  private final ToolStream stream;
  private final BurnWatcher watcher;
  private final Deque<Sample> latest = new ArrayDeque<>();
  private double now;

  /** Nothing stands against the load to come until its tool turns out to be untested with it. */
  private boolean covered = true;

  /** Begins to watch a tool that was just switched on. */
  public ToolWatch(WatchedTool tool, ToolStream stream) {
    this.tool = tool;
    this.stream = stream;
    this.watcher = new BurnWatcher(tool);
  }

  /**
   * What is seen at a moment.
   *
   * @param tool what the watcher knows of it
   * @param source where its samples come from
   * @param standIn whether they stand in for a tool's
   * @param seconds the moment, since the stream began, s
   * @param state what the bowl is doing
   * @param celsius median of the last three samples, °C, or null before the first
   * @param volts of its pack at the last sample, V, or null
   * @param lowest of the load that burns or burned last, °C, or null
   * @param alerts what is wrong, and what to do
   * @param latest samples of the last three minutes
   * @param silentFor how long no sample has come, s
   * @param goneWithin a load is gone once the bowl is back within this of its set temperature, °C
   */
  public record Seen(
      WatchedTool tool,
      Fact source,
      boolean standIn,
      double seconds,
      WatchState state,
      @Nullable Double celsius,
      @Nullable Double volts,
      @Nullable Double lowest,
      List<WatchAlert> alerts,
      List<Sample> latest,
      double silentFor,
      double goneWithin) {}

  /**
   * Takes what the stream has by now.
   *
   * @param seconds since the stream began
   * @return states that the bowl came to, in order; often none
   */
  public List<WatchState> goOn(double seconds) {
    now = Math.max(now, seconds);
    List<WatchState> changes = new ArrayList<>();
    for (Sample sample : stream.upTo(now)) {
      WatchState before = watcher.state();
      WatchState after = watcher.take(sample);
      if (after != before) {
        changes.add(after);
      }
      latest.addLast(sample);
    }
    while (!latest.isEmpty() && latest.peekFirst().seconds() < now - KEPT) {
      latest.removeFirst();
    }
    return changes;
  }

  /**
   * The operator lets a load go.
   *
   * @param grams of it, g of acid
   * @param fitted how long such a load takes by the tool's test burns, s; null where none covers it
   */
  public void released(double grams, @Nullable Double fitted) {
    covered = fitted != null;
    watcher.released(now, grams, fitted);
    stream.released(grams);
  }

  /**
   * Whether the end of the load that burns may be logged by itself: only where a test burn covers
   * it. True before the first load.
   */
  public boolean mayLog() {
    return covered;
  }

  /** The question about a fall that nobody had marked was answered. */
  public void answered() {
    watcher.answered();
  }

  /** A full pack is in. */
  public void packSwapped() {
    watcher.packSwapped();
    if (stream instanceof SimulatedStream simulated) {
      simulated.swapPack();
    }
  }

  /** What is seen now. */
  public Seen seen() {
    Sample last = latest.peekLast();
    return new Seen(
        tool,
        stream.says(),
        stream.standIn(),
        now,
        watcher.state(),
        last == null ? null : watcher.celsius(),
        last == null ? null : last.volts(),
        Double.isNaN(watcher.chargedAt()) ? null : watcher.lowest(),
        List.copyOf(watcher.alerts()),
        List.copyOf(latest),
        last == null ? now : now - last.seconds(),
        BurnWatcher.DONE_BELOW_SET);
  }

  /** Where the samples come from. */
  public ToolStream stream() {
    return stream;
  }
}
