package tavrel.server.watch;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.stereotype.Service;
import tavrel.core.Fact;
import tavrel.core.burn.BurnTime;
import tavrel.core.burn.Pack;
import tavrel.core.burn.Tool;
import tavrel.core.burn.ToolFamily;
import tavrel.core.run.EventKind;
import tavrel.core.run.HiveOnBoard;
import tavrel.core.run.Part;
import tavrel.core.run.RunEvent;
import tavrel.core.run.Stage;
import tavrel.core.watch.BurnWatcher;
import tavrel.core.watch.Sample;
import tavrel.core.watch.SentStream;
import tavrel.core.watch.SimulatedBowl;
import tavrel.core.watch.SimulatedStream;
import tavrel.core.watch.ToolStream;
import tavrel.core.watch.ToolWatch;
import tavrel.core.watch.TraceStream;
import tavrel.core.watch.WatchAlert;
import tavrel.core.watch.WatchState;
import tavrel.core.watch.WatchedTool;
import tavrel.server.gear.GearService;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.run.NewEvent;
import tavrel.server.run.Rounds;
import tavrel.server.run.RunMoved;

/**
 * Tools under watch, each by its number in its run. What was seen is kept for some minutes in
 * memory; what follows from it is in the run's log, which is kept for good.
 */
@Service
class ToolWatches {

  /** Where samples come from. */
  enum Source {
    SIMULATED,
    SENT
  }

  /**
   * A run's tool as the screen shows it.
   *
   * @param seen what is seen now, or null where no tool is watched
   * @param byItself whether the end of a load is logged by itself
   * @param simulated whether faults can be asked for
   * @param tooSmall whether the load that burns may be too small to be seen
   * @param mayWatch whether the run's tool is of a kind that can be watched
   * @param mayLog whether the end of the load that burns can be logged by itself; a stand-in's only
   *     in the demo, and only where a test burn covers the load
   * @param maySimulate whether a simulated tool may stand in here
   * @param asks the hive into which acid may have gone without a mark, or null
   */
  record WatchView(
      ToolWatch.@Nullable Seen seen,
      boolean byItself,
      boolean simulated,
      boolean tooSmall,
      boolean mayWatch,
      boolean mayLog,
      boolean maySimulate,
      @Nullable UUID asks) {}

  private static final Logger LOG = LoggerFactory.getLogger(ToolWatches.class);
  private static final Duration TICK = Duration.ofMillis(500);
  private static final Duration LONGEST = Duration.ofHours(14);

  /** A press that comes later than this was made without network: its bowl has moved on. */
  private static final Duration FRESH = Duration.ofSeconds(10);

  /** Which tool: its run, and its number there. */
  record Which(UUID roundId, int tool) {}

  /** One tool. Everything in it is done under its own lock. */
  private static final class Live {

    final ToolWatch watch;
    final Instant began;
    final Account who;
    boolean byItself;
    double grams;

    Live(ToolWatch watch, Instant began, Account who) {
      this.watch = watch;
      this.began = began;
      this.who = who;
    }

    double seconds(Instant now) {
      return Duration.between(began, now).toMillis() / 1000.0;
    }
  }

  private final Rounds rounds;
  private final GearService gearService;
  private final Clock clock;

  /** Stand-ins belong to the demo: nothing made up may get into a keeper's register. */
  private final boolean demo;

  private final Map<Which, Live> live = new ConcurrentHashMap<>();
  private final ScheduledExecutorService ticker =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "tool-watches");
            thread.setDaemon(true);
            return thread;
          });

  ToolWatches(Rounds rounds, GearService gearService, Clock clock, Environment environment) {
    this.rounds = rounds;
    this.gearService = gearService;
    this.clock = clock;
    this.demo = environment.acceptsProfiles(Profiles.of("demo"));
    ScheduledFuture<?> unused =
        ticker.scheduleWithFixedDelay(
            this::tick, TICK.toMillis(), TICK.toMillis(), TimeUnit.MILLISECONDS);
  }

  WatchView view(Which which) {
    boolean mayWatch =
        rounds.tool(which.roundId(), which.tool()).tool().family() == ToolFamily.HEATED_BOWL;
    Live here = live.get(which);
    if (here == null) {
      return new WatchView(null, false, false, false, mayWatch, false, demo, null);
    }
    synchronized (here) {
      boolean small = here.grams > 0 && here.grams < BurnWatcher.SEEN_FROM;
      return new WatchView(
          here.watch.seen(),
          here.byItself,
          here.watch.stream() instanceof SimulatedStream,
          small,
          mayWatch,
          mayLog(here),
          demo,
          here.watch.seen().alerts().contains(WatchAlert.UNMARKED_FALL)
              ? rounds.board(which.roundId(), new Part(which.tool(), null)).actOn()
              : null);
    }
  }

  private boolean mayLog(Live here) {
    return here.watch.mayLog() && (demo || !here.watch.stream().standIn());
  }

  /** Nothing went into the hive that was asked about. */
  void answered(Which which) {
    Live here = known(which);
    synchronized (here) {
      here.watch.answered();
    }
  }

  /**
   * Begins to watch, in place of what was watched before.
   *
   * @throws Problem 409 for a simulated tool outside the demo
   */
  void begin(Which which, Source source, Account who) {
    if (source == Source.SIMULATED && !demo) {
      throw Problem.conflict(Fact.of("refused.simulatedToolInDemo"));
    }
    WatchedTool tool = tool(which);
    begin(
        which,
        tool,
        source == Source.SENT
            ? new SentStream()
            : new SimulatedStream(
                new SimulatedBowl(
                    new SimulatedBowl.Make(
                        tool.setCelsius(), 2, 8, 0.5, 0.02, tool.cutoffVolts() != null),
                    which.roundId().getLeastSignificantBits() + which.tool())),
        who);
  }

  /** Plays a recorded trace. */
  void play(Which which, byte[] file, String name, Account who) {
    begin(which, tool(which), new TraceStream(TraceFile.read(file), name), who);
  }

  private void begin(Which which, WatchedTool tool, ToolStream stream, Account who) {
    live.put(which, new Live(new ToolWatch(tool, stream), clock.instant(), who));
  }

  private WatchedTool tool(Which which) {
    Rounds.ToolThere there = rounds.tool(which.roundId(), which.tool());
    if (there.tool().family() != ToolFamily.HEATED_BOWL) {
      throw Problem.conflict(Fact.of("refused.panNotWatched"));
    }
    Tool tool = there.toolId() == null ? null : gearService.tool(there.toolId());
    Pack pack = tool == null ? null : gearService.packOf(tool).orElse(null);
    return new WatchedTool(
        tool == null || tool.setCelsius() == null
            ? Tool.USUAL_BOWL.setCelsius()
            : tool.setCelsius(),
        tool == null || tool.preheatSeconds() == 0
            ? Tool.USUAL_BOWL.preheatSeconds()
            : tool.preheatSeconds(),
        pack == null ? null : pack.cutoffVolts());
  }

  /** Whether the end of a load is logged by itself. */
  void byItself(Which which, boolean on) {
    Live here = known(which);
    synchronized (here) {
      here.byItself = on;
    }
  }

  /** What goes wrong with the next load of a simulated tool. */
  void breakNext(Which which, SimulatedBowl.Fault fault) {
    Live here = known(which);
    synchronized (here) {
      if (!(here.watch.stream() instanceof SimulatedStream simulated)) {
        throw Problem.conflict(Fact.of("refused.onlySimulatedFaults"));
      }
      simulated.breakNext(fault);
    }
  }

  /** Takes samples that a tool sent. */
  void send(Which which, List<Sample> samples) {
    Live here = known(which);
    synchronized (here) {
      if (!(here.watch.stream() instanceof SentStream sent)) {
        throw Problem.conflict(Fact.of("refused.toolSendsNothing"));
      }
      sent.send(samples);
    }
  }

  void end(Which which) {
    live.remove(which);
  }

  private Live known(Which which) {
    Live here = live.get(which);
    if (here == null) {
      throw Problem.missing(Missing.WATCHED_TOOL);
    }
    return here;
  }

  /** Looks at every tool once; done by itself twice a second. */
  void tick() {
    live.forEach(
        (which, here) -> {
          try {
            goOn(which, here);
          } catch (RuntimeException broken) {
            LOG.warn("Watching a tool failed for once", broken);
          }
        });
  }

  private void goOn(Which which, Live here) {
    Instant now = clock.instant();
    if (Duration.between(here.began, now).compareTo(LONGEST) > 0) {
      live.remove(which, here);
      return;
    }
    boolean ended;
    synchronized (here) {
      ended =
          here.watch.goOn(here.seconds(now)).contains(WatchState.DONE)
              && here.byItself
              && mayLog(here);
    }
    if (ended) {
      endBurn(which, here, now);
    }
  }

  /** Logs the end of the load that burns; whoever began to watch is who did it. */
  private void endBurn(Which which, Live here, Instant now) {
    rounds.board(which.roundId(), new Part(which.tool(), null)).hives().stream()
        .filter(hive -> hive.stage() == Stage.BURNING && number(hive.tool()) == which.tool())
        .findFirst()
        .ifPresent(
            hive ->
                rounds.keep(
                    which.roundId(),
                    List.of(
                        NewEvent.at(
                            UUID.randomUUID(),
                            hive.hiveId(),
                            EventKind.BURN_ENDED,
                            now,
                            burning(hive),
                            null)),
                    here.who));
  }

  /** Where no tool is named it is the run's first. */
  private static int number(@Nullable Integer tool) {
    return tool == null ? 1 : tool;
  }

  private static int burning(HiveOnBoard hive) {
    Integer load = hive.ahead().isEmpty() ? null : hive.ahead().get(0).load();
    return load == null ? hive.loadsEnded() + 1 : load;
  }

  /** A press that begins a burn lets the acid go. */
  @EventListener
  void moved(RunMoved run) {
    Instant now = clock.instant();
    for (RunEvent event : run.events()) {
      Live here = live.get(new Which(run.roundId(), number(event.tool())));
      if (here == null) {
        continue;
      }
      if (event.kind() == EventKind.PACK_SWAPPED) {
        synchronized (here) {
          here.watch.packSwapped();
        }
      } else {
        release(run.roundId(), event, here, now);
      }
    }
  }

  private void release(UUID roundId, RunEvent event, Live here, Instant now) {
    Integer load = event.load();
    UUID hiveId = event.hiveId();
    if (event.kind() == EventKind.BURN_STARTED
        && load != null
        && hiveId != null
        && event.at().isAfter(now.minus(FRESH))) {
      double grams = rounds.acidIn(roundId, hiveId, load);
      synchronized (here) {
        here.watch.goOn(here.seconds(now));
        here.grams = grams;
        here.watch.released(grams, fitted(roundId, hiveId, load, event.tool()));
      }
    }
  }

  /** How long a load takes by its tool's test burns, s; null where none covers it. */
  private @Nullable Double fitted(UUID roundId, UUID hiveId, int load, @Nullable Integer number) {
    UUID toolId = rounds.tool(roundId, number(number)).toolId();
    if (toolId == null) {
      return null;
    }
    BurnTime time =
        gearService.fit(gearService.tool(toolId)).time(rounds.productIn(roundId, hiveId, load));
    return time == null || time.untested() ? null : Double.valueOf(time.fitted());
  }

  @PreDestroy
  void stop() {
    ticker.shutdownNow();
  }
}
