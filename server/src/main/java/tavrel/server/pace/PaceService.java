package tavrel.server.pace;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.burn.BurnFit;
import tavrel.core.burn.Tool;
import tavrel.core.hive.Hive;
import tavrel.core.pace.Pace;
import tavrel.core.pace.RunLength;
import tavrel.core.pace.ToolAtWork;
import tavrel.core.pace.UsualWork;
import tavrel.core.ready.YardWork;
import tavrel.core.weather.YardDay;
import tavrel.server.apiary.Apiary;
import tavrel.server.gear.GearService;
import tavrel.server.hive.Hives;
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

/** How the outfit usually works, and how many hives of an apiary fit a window at that pace. */
@Service
public class PaceService {

  private record Played(List<Hive> hives, Tool tool, BurnFit fit, UsualWork work) {}

  private final PaceMapper mapper;
  private final LastTool lastTool;
  private final Hives allHives;
  private final GearService gearService;
  private final Clock clock;
  private final KeptWhileUnchanged<String, UsualWork> usual;
  private final Cache<Played, Pace> played = Caffeine.newBuilder().maximumSize(400).build();

  PaceService(
      PaceMapper mapper,
      LastTool lastTool,
      Hives allHives,
      GearService gearService,
      Changes changes,
      Clock clock) {
    usual =
        new KeptWhileUnchanged<>(
            changes,
            all -> mapper.usual().map(PaceMapper.Kept::work).orElse(UsualWork.ALONE),
            "pace");
    this.mapper = mapper;
    this.lastTool = lastTool;
    this.allHives = allHives;
    this.gearService = gearService;
    this.clock = clock;
  }

  /** The outfit's usual; one person alone until somebody says otherwise. */
  public UsualWork usual() {
    return usual.of("");
  }

  /** Keeps it. */
  @Transactional
  public void keep(UsualWork work) {
    mapper.keep(work);
  }

  /**
   * A tool of the gear at work.
   *
   * @param sharers how many tools of the run share its packs
   */
  public ToolAtWork atWork(Tool tool, int sharers) {
    return ToolAtWork.of(
        tool,
        gearService.fit(tool),
        ToolAtWork.Packs.shared(gearService.packOf(tool).orElse(null), sharers));
  }

  /** How many tools of a run share a tool's packs, itself among them. */
  public static int sharing(Tool tool, List<Tool> tools) {
    return (int)
        tools.stream().filter(other -> Objects.equals(other.packId(), tool.packId())).count();
  }

  /**
   * A day with the number of hives that fit each of its windows: all hives of the apiary as they
   * stand, two grams a box, the tool of its latest round, the usual crew. Without a tool whose burn
   * time is known the day is left as it is.
   */
  public @Nullable YardDay fitted(Apiary apiary, @Nullable YardDay day) {
    return day == null || day.windows().isEmpty() ? day : fitter(apiary).apply(day);
  }

  /** The same for several days of an apiary: its round is played through once for all of them. */
  public UnaryOperator<YardDay> fitter(Apiary apiary) {
    Pace pace = paceOf(apiary);
    if (pace == null) {
      return day -> day;
    }
    int clearAway = usual().times().clearAway();
    return day ->
        day.fitted(
            clock.instant(),
            length -> pace.openBy((int) length.minusSeconds(clearAway).toSeconds()));
  }

  private @Nullable Pace paceOf(Apiary apiary) {
    List<Hive> hives = allHives.in(apiary.id());
    Tool tool = toolFor(apiary.id()).orElse(null);
    if (hives.isEmpty() || tool == null) {
      return null;
    }
    return played.get(new Played(hives, tool, gearService.fit(tool), usual()), this::play);
  }

  private Pace play(Played of) {
    return RunLength.plain(YardWork.asTheyStand(of.hives(), atWork(of.tool(), 1), of.work()));
  }

  /** The tool of the apiary's latest round, else the first of the gear whose burn time is known. */
  private Optional<Tool> toolFor(UUID apiaryId) {
    List<Tool> timed = gearService.timed();
    Optional<UUID> last = lastTool.of(apiaryId);
    return timed.stream()
        .filter(tool -> last.isPresent() && last.get().equals(tool.id()))
        .findFirst()
        .or(() -> timed.stream().findFirst());
  }
}
