package tavrel.core.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tavrel.core.run.EventKind;
import tavrel.core.run.PlannedHive;
import tavrel.core.run.RunBoard;
import tavrel.core.run.RunEvent;
import tavrel.core.run.RunPlan;
import tavrel.core.run.RunTool;
import tavrel.core.watch.BurnWatcher;
import tavrel.core.watch.Sample;
import tavrel.core.watch.SimulatedBowl;
import tavrel.core.watch.WatchedTool;

/** How long the core takes over a tool's samples and over a long log. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class RunBench {

  private static final int SAMPLES = 10_000;
  private static final int HIVES = 1_250;
  private static final WatchedTool TOOL = new WatchedTool(230, 100, SimulatedBowl.CUTOFF_VOLTS);

  private final List<Sample> samples = samples();
  private final Instant dawn = Instant.parse("2026-08-18T04:00:00Z");
  private final RunPlan plan = plan();
  private final List<RunEvent> log = log();

  private static List<Sample> samples() {
    SimulatedBowl bowl = new SimulatedBowl(SimulatedBowl.Make.USUAL, 1);
    List<Sample> samples = new ArrayList<>();
    while (samples.size() < SAMPLES) {
      if (samples.size() % 250 == 249) {
        bowl.release(2.5, SimulatedBowl.Fault.NONE);
      }
      Sample sample = bowl.after(0.25);
      if (sample != null) {
        samples.add(sample);
      }
    }
    return samples;
  }

  private static RunPlan plan() {
    List<PlannedHive> hives = new ArrayList<>();
    for (int i = 0; i < HIVES; i++) {
      hives.add(PlannedHive.plain(new UUID(0, i), i, 2, 2, 2));
    }
    return RunPlan.plain(hives, Duration.ofMinutes(10), Duration.ofMinutes(30), RunTool.BOWL);
  }

  /** Eight events a hive, ten thousand in all. */
  private List<RunEvent> log() {
    List<RunEvent> log = new ArrayList<>();
    for (int i = 0; i < HIVES; i++) {
      Instant at = dawn.plusSeconds(20L * i);
      UUID hive = new UUID(0, i);
      add(log, hive, EventKind.PREPARED, at, null);
      add(log, hive, EventKind.BURN_STARTED, at.plusSeconds(1), 1);
      add(log, hive, EventKind.BURN_ENDED, at.plusSeconds(3), 1);
      add(log, hive, EventKind.BURN_STARTED, at.plusSeconds(4), 2);
      add(log, hive, EventKind.BURN_ENDED, at.plusSeconds(6), 2);
      add(log, hive, EventKind.REMOVED, at.plusSeconds(6), null);
      add(log, hive, EventKind.LEAK_SEEN, at.plusSeconds(7), null);
      add(log, hive, EventKind.OPENED, at.plusSeconds(700), null);
    }
    return log;
  }

  private static void add(
      List<RunEvent> log, UUID hive, EventKind kind, Instant at, @Nullable Integer load) {
    log.add(RunEvent.at(new UUID(1, log.size()), hive, kind, at, "Wren", load, null));
  }

  /** One sample of a tool. */
  @Benchmark
  @OutputTimeUnit(TimeUnit.NANOSECONDS)
  @OperationsPerInvocation(SAMPLES)
  public BurnWatcher watchASample() {
    BurnWatcher watcher = new BurnWatcher(TOOL);
    for (Sample sample : samples) {
      watcher.take(sample);
    }
    return watcher;
  }

  /** The board of a log of ten thousand events. */
  @Benchmark
  @OutputTimeUnit(TimeUnit.MILLISECONDS)
  public RunBoard foldTenThousandEvents() {
    return RunBoard.of(plan, log, dawn.plusSeconds(26_000));
  }
}
