package tavrel.core.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodDefaults;
import tavrel.core.brood.BroodEvent;
import tavrel.core.brood.Comb;
import tavrel.core.brood.FreeWindow;
import tavrel.core.brood.NewQueen;
import tavrel.core.brood.YoungestBrood;
import tavrel.core.mite.CellFlow;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.Dose;
import tavrel.core.mite.MiteBands;
import tavrel.core.mite.MiteModel;
import tavrel.core.mite.MiteParameters;
import tavrel.core.mite.MiteRun;
import tavrel.core.mite.MiteState;
import tavrel.core.spacing.Colonies;
import tavrel.core.spacing.Colony;
import tavrel.core.spacing.Comparison;
import tavrel.core.spacing.MiteForecast;
import tavrel.core.spacing.Schedule;
import tavrel.core.spacing.SpacingSearch;

/** How long the core takes over spacing: limits are 10 µs, 30 ms, 6 ms, 30 ms and 60 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(
    value = 1,
    jvmArgsAppend = {"-Xmx256m", "-XX:+UseSerialGC"})
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class SpacingBench {

  private static final int DAYS = 120;
  private static final int[] WEEKLY = {0, 7, 14};

  private final Colony colony = Colonies.summer(DAYS);
  private final MiteModel model =
      new MiteModel(MiteParameters.USUAL, 20_000, CellFlow.steady(1_000, 20, DAYS));
  private final MiteState start =
      colony.load().divided(colony.clock(), MiteParameters.USUAL).times(600);
  private final double[] kill = Dose.byDay(0.9, WEEKLY, DAYS);
  private final List<List<BroodEvent>> yards = yards(5_000);

  /** One run of 120 days. */
  @Benchmark
  public MiteRun run120Days() {
    return model.run(start, kill, 0, DAYS);
  }

  /** Every gap, number of rounds and start day. */
  @Benchmark
  public SpacingSearch fullSearch() {
    return SpacingSearch.of(colony);
  }

  /** Bands of 400 runs of 120 days. */
  @Benchmark
  public MiteBands bandsOf400Draws() {
    return MiteBands.of(
        model,
        start.times(1.0 / 600),
        new ColonyLoad(9, 300, 1, 10, 4, 0.02),
        MiteParameters.USUAL,
        colony.dose(),
        WEEKLY,
        DAYS);
  }

  /** What the server does when a mark moves: the whole course with its bands. */
  @Benchmark
  public MiteForecast courseAfterAMarkMoved() {
    return MiteForecast.of(colony, Schedule.every(Colonies.TODAY, 3, 7));
  }

  /** Patterns, search, breaks and advice. */
  @Benchmark
  public Comparison wholeComparison() {
    return Comparison.of(colony, Colonies.TODAY);
  }

  /** Brood windows of 5,000 hives. */
  @Benchmark
  public List<FreeWindow> windowsOf5000Hives() {
    List<FreeWindow> windows = new ArrayList<>(yards.size());
    for (List<BroodEvent> events : yards) {
      windows.add(
          BroodClock.of(events, BroodDefaults.USUAL, Colonies.SEASON, Colonies.TODAY).workers());
    }
    return windows;
  }

  private static List<List<BroodEvent>> yards(int hives) {
    List<List<BroodEvent>> yards = new ArrayList<>();
    for (int i = 0; i < hives; i++) {
      LocalDate day = Colonies.TODAY.minusDays(i % 40);
      yards.add(
          switch (i % 4) {
            case 0 -> List.of(new BroodEvent.SwarmHived(day, Comb.DRAWN));
            case 1 -> List.of(new BroodEvent.Split(day, YoungestBrood.EGGS, NewQueen.RIPE_CELL));
            case 2 -> List.of(new BroodEvent.QueenCaged(day));
            default -> List.of();
          });
    }
    return yards;
  }
}
