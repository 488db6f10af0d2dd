package tavrel.core.bench;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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
import tavrel.core.burn.ToolFamily;
import tavrel.core.dose.DosePreset;
import tavrel.core.dose.DoseSettings;
import tavrel.core.dose.DoseSheet;
import tavrel.core.dose.MediumBoxes;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Cracks;
import tavrel.core.hive.Entrance;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.hive.InnerCover;
import tavrel.core.hive.Port;
import tavrel.core.hive.Shutting;
import tavrel.core.hive.SupersPlan;
import tavrel.core.measure.Measure;
import tavrel.core.measure.Strength;
import tavrel.core.mite.CurveChoice;
import tavrel.core.pace.Crew;
import tavrel.core.pace.Pace;
import tavrel.core.pace.PaceTimes;
import tavrel.core.pace.RunLength;
import tavrel.core.pace.ToolAtWork;
import tavrel.core.pace.UsualWork;
import tavrel.core.ready.HiveReady;
import tavrel.core.ready.YardSheet;
import tavrel.core.ready.YardWork;
import tavrel.core.rulesheet.ExampleSheets;
import tavrel.core.run.EventKind;
import tavrel.core.run.PlannedHive;
import tavrel.core.run.RunBoard;
import tavrel.core.run.RunEvent;
import tavrel.core.run.RunPlan;
import tavrel.core.run.RunTool;
import tavrel.core.seal.Release;
import tavrel.core.seal.SealEstimate;
import tavrel.core.seal.SealParameters;
import tavrel.core.seal.SealReading;

/** How long the core takes over a dose sheet of 400 hives and a run's log of 200 hives. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class CoreBench {

  private static final Instant DAWN = Instant.parse("2026-08-18T06:00:00Z");

  private static final ToolAtWork BOWL =
      new ToolAtWork("Bowl", ToolFamily.HEATED_BOWL, 4.5, 12, 9, 105, 0, 20, null);

  private final List<Hive> hives = hives(400);
  private final Hive leaky = leaky();
  private final RunPlan plan = plan(200);
  private final List<RunEvent> log = log(plan);

  /** A dose sheet with its verdicts, 400 hives. */
  @Benchmark
  public DoseSheet doseSheetOf400Hives() {
    DoseSettings settings =
        DoseSettings.plain(
            DosePreset.all().get(1).amount(),
            MediumBoxes.BY_COMB,
            Strength.PURE,
            Measure.SCALE,
            4,
            SupersPlan.TAKEN_OFF,
            10);
    return DoseSheet.of(
        hives, settings, ExampleSheets.all().get(1), Map.of(), LocalDate.of(2026, 8, 18), 9.0);
  }

  /** The same with burn times, seals, tasks and the kit. */
  @Benchmark
  public YardSheet yardSheetOf400Hives() {
    HiveReady.Gear gear =
        new HiveReady.Gear(null, null, 10, SealParameters.USUAL, CurveChoice.FIELD.in(Map.of()));
    return YardSheet.of(doseSheetOf400Hives(), gear, null, UsualWork.ALONE);
  }

  /** A run of 400 hives with four tools, three people and cloths enough. */
  @Benchmark
  public Pace runOf400HivesAnd4Tools() {
    return RunLength.plain(
        YardWork.asTheyStand(
                hives, BOWL, new UsualWork(new Crew(2, 1), 40, null, false, PaceTimes.USUAL))
            .withTools(List.of(BOWL, BOWL, BOWL, BOWL)));
  }

  /** The best of all smaller crews with the same, and what one more of anything would save. */
  @Benchmark
  public RunLength runLengthOf400HivesAnd4Tools() {
    return RunLength.of(
        YardWork.asTheyStand(
                hives, BOWL, new UsualWork(new Crew(2, 1), 40, null, false, PaceTimes.USUAL))
            .withTools(List.of(BOWL, BOWL, BOWL, BOWL)));
  }

  /** One hive's seal curve. */
  @Benchmark
  public SealEstimate sealCurveOfOneHive() {
    return SealEstimate.of(leaky, Release.USUAL, 10, SealParameters.USUAL);
  }

  /** What each opening of one hive costs it, beside a gram more. */
  @Benchmark
  public SealReading sealReadingOfOneHive() {
    return SealReading.of(
        leaky, Release.USUAL, 10, 2, SealParameters.USUAL, CurveChoice.FIELD.in(Map.of()));
  }

  /** The board from 800 events of 200 hives. */
  @Benchmark
  public RunBoard boardOf200Hives() {
    return RunBoard.of(plan, log, DAWN.plusSeconds(4000));
  }

  private static List<Hive> hives(int count) {
    List<Hive> hives = new ArrayList<>();
    for (int i = 1; i <= count; i++) {
      hives.add(
          Hive.ofRoster(
              id(i),
              "H" + i,
              i,
              BoxNotation.read(i % 3 == 0 ? "2x deep" : "deep"),
              0,
              Floor.SOLID));
    }
    return hives;
  }

  /** Open in every place. */
  private static Hive leaky() {
    Hive hive = hives(1).get(0);
    return hive.with(Floor.MESH_LOOSE_TRAY)
        .with(
            hive.fittings()
                .with(Entrance.FULL)
                .with(Shutting.LEFT_OPEN)
                .with(InnerCover.HOLE_OPEN)
                .with(Cracks.MANY)
                .with(Port.BACK));
  }

  private static RunPlan plan(int count) {
    List<PlannedHive> planned = new ArrayList<>();
    for (int i = 1; i <= count; i++) {
      planned.add(PlannedHive.plain(id(i), i, 1, 2, 2));
    }
    return RunPlan.plain(planned, Duration.ofMinutes(10), Duration.ofMinutes(45), RunTool.BOWL);
  }

  private static List<RunEvent> log(RunPlan plan) {
    List<RunEvent> log = new ArrayList<>();
    for (PlannedHive hive : plan.hives()) {
      Instant start = DAWN.plusSeconds(60L * hive.place());
      log.add(event(hive, EventKind.BURN_STARTED, start, 1));
      log.add(event(hive, EventKind.BURN_ENDED, start.plusSeconds(40), 1));
      log.add(event(hive, EventKind.REMOVED, start.plusSeconds(40), null));
      log.add(event(hive, EventKind.OPENED, start.plusSeconds(640), null));
    }
    return log;
  }

  private static RunEvent event(PlannedHive hive, EventKind kind, Instant at, Integer load) {
    return RunEvent.at(
        UUID.nameUUIDFromBytes((kind + hive.hiveId().toString()).getBytes(StandardCharsets.UTF_8)),
        hive.hiveId(),
        kind,
        at,
        "Tam",
        load,
        null);
  }

  private static UUID id(int number) {
    return UUID.nameUUIDFromBytes(String.valueOf(number).getBytes(StandardCharsets.UTF_8));
  }
}
