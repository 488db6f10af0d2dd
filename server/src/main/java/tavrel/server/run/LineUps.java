package tavrel.server.run;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.Value;
import tavrel.core.burn.BurnFit;
import tavrel.core.burn.BurnTime;
import tavrel.core.burn.Pack;
import tavrel.core.burn.Tool;
import tavrel.core.burn.ToolFamily;
import tavrel.core.hive.Hive;
import tavrel.core.pace.Crew;
import tavrel.core.pace.HiveWork;
import tavrel.core.pace.PaceTimes;
import tavrel.core.pace.RunLength;
import tavrel.core.pace.RunSetUp;
import tavrel.core.pace.ToolAtWork;
import tavrel.core.pace.UsualWork;
import tavrel.core.ready.Readying;
import tavrel.core.run.PlannedPace;
import tavrel.core.run.RunTool;
import tavrel.core.weather.Window;
import tavrel.core.weather.YardDay;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.gear.GearService;
import tavrel.server.hive.Hives;
import tavrel.server.http.Problem;
import tavrel.server.pace.PaceService;
import tavrel.server.people.Account;
import tavrel.server.run.LineUpMapper.KeptLineUp;
import tavrel.server.run.LineUpMapper.KeptTool;
import tavrel.server.run.LineUpMapper.ToolAtHive;
import tavrel.server.run.LineUpMapper.WorkAtHive;
import tavrel.server.weather.YardWeather;

/** Who and what works in a run, and how long it should take with them. */
@Service
class LineUps {

  /**
   * A run's line-up as it stands.
   *
   * @param tools by number, the round's own first
   * @param crew who works
   * @param cloths how many there are
   * @param caps caps of all bowls together, or null
   * @param preparedAhead whether hives were made ready before
   * @param finish when everything should be cleared away, s from the arrival; null where unknown
   * @param mostShut most hives shut at once, or null likewise
   * @param says why nothing could be reckoned, or what the reckoning leaves out; or null
   * @param begun whether the run has begun: then tools can only be added, and the pace stays
   * @param endsAt when everything should be cleared away if it began now, or null where unknown
   * @param workableTo end of the workable hours that now is in, or null where it is in none
   * @param endsInside whether a run begun now should end within them
   */
  record LineUp(
      List<LinedTool> tools,
      Crew crew,
      int cloths,
      @Nullable Integer caps,
      boolean preparedAhead,
      @Nullable Integer finish,
      @Nullable Integer mostShut,
      @Nullable Fact says,
      boolean begun,
      @Nullable Instant endsAt,
      @Nullable Instant workableTo,
      boolean endsInside) {}

  /**
   * One tool of a run.
   *
   * @param number from 1
   * @param toolId from the gear, or null where it is only a name
   * @param name what the keeper calls it
   * @param family pan or bowl
   * @param notIn hives that it must not touch
   */
  record LinedTool(int number, @Nullable UUID toolId, String name, ToolFamily family, int notIn) {}

  private record YardHour(UUID apiaryId, Instant hour) {}

  private final LineUpMapper mapper;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final YardWeather weather;
  private final GearService gearService;
  private final PaceService paceService;
  private final Clock clock;
  private final Cache<YardHour, Optional<Instant>> workable =
      Caffeine.newBuilder().maximumSize(64).expireAfterWrite(Duration.ofMinutes(5)).build();

  LineUps(
      LineUpMapper mapper,
      Apiaries apiaries,
      Hives allHives,
      YardWeather weather,
      GearService gearService,
      PaceService paceService,
      Clock clock) {
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.weather = weather;
    this.gearService = gearService;
    this.paceService = paceService;
    this.clock = clock;
  }

  /** The line-up that a freshly planned round has: its own tool and the outfit's usual crew. */
  void usual(Round round, Account who) {
    UsualWork usual = paceService.usual();
    reckon(
        round,
        new NewLineUp(List.of(), usual.crew(), usual.cloths(), usual.caps(), usual.preparedAhead()),
        who);
  }

  /**
   * Sets the line-up. Once a run has begun, tools can only be added, and the pace stays as it was
   * reckoned.
   *
   * @throws InvalidValue if a tool takes less than the round's loads
   * @throws Problem 409 if a tool would go that may have been used
   */
  LineUp set(Round round, NewLineUp wanted, Account who) {
    List<KeptTool> before = mapper.tools(round.id());
    List<UUID> ids = before.stream().map(KeptTool::toolId).toList();
    boolean begun = mapper.begun(round.id()) > 0;
    int same = common(ids, wanted.toolIds());
    if (begun && same < ids.size()) {
      throw Problem.conflict(Fact.of("refused.toolsOnlyAdded"));
    }
    mapper.dropToolsAtHives(round.id(), same + 2);
    mapper.dropTools(round.id(), same + 2);
    for (int i = same; i < wanted.toolIds().size(); i++) {
      add(round, i + 2, gearService.tool(wanted.toolIds().get(i)));
    }
    if (!begun) {
      reckon(round, wanted, who);
    }
    return of(round);
  }

  /** The line-up of a round. */
  LineUp of(Round round) {
    UsualWork usual = paceService.usual();
    KeptLineUp kept = mapper.lineUp(round.id()).orElse(null);
    List<RunTool> tools = tools(round);
    List<LinedTool> lined = new ArrayList<>();
    for (RunTool tool : tools) {
      UUID id = toolId(round, tool.number());
      lined.add(new LinedTool(tool.number(), id, tool.name(), tool.family(), tool.unfit().size()));
    }
    Integer finish = kept == null ? null : kept.finish();
    Instant endsAt = finish == null ? null : clock.instant().plusSeconds(finish);
    Instant workableTo = workableTo(round);
    return new LineUp(
        List.copyOf(lined),
        kept == null ? usual.crew() : new Crew(kept.burners(), kept.helpers()),
        kept == null ? usual.cloths() : kept.cloths(),
        kept == null ? usual.caps() : kept.caps(),
        kept == null ? usual.preparedAhead() : kept.preparedAhead(),
        finish,
        kept == null ? null : kept.mostShut(),
        says(round, finish, tools),
        mapper.begun(round.id()) > 0,
        endsAt,
        workableTo,
        endsAt != null && workableTo != null && !endsAt.isAfter(workableTo));
  }

  /** Tools of a run by number, the round's own first. */
  List<RunTool> tools(Round round) {
    Tool own = round.toolId() == null ? null : gearService.tool(round.toolId());
    Pack pack = own == null ? null : gearService.packOf(own).orElse(null);
    List<RunTool> tools = new ArrayList<>();
    tools.add(
        new RunTool(
            1,
            round.tool(),
            round.toolFamily(),
            round.coolSeconds(),
            round.reloadSeconds(),
            pack == null ? null : pack.burnsPerCharge(),
            Map.of(),
            Map.of()));
    Map<Integer, List<ToolAtHive>> atHives =
        mapper.toolsAtHives(round.id()).stream().collect(Collectors.groupingBy(ToolAtHive::number));
    for (KeptTool tool : mapper.tools(round.id())) {
      List<ToolAtHive> lines = atHives.getOrDefault(tool.number(), List.of());
      tools.add(
          new RunTool(
              tool.number(),
              tool.name(),
              tool.family(),
              tool.coolSeconds(),
              tool.reloadSeconds(),
              tool.burnsPerPack(),
              byHive(lines, ToolAtHive::burnSeconds),
              byHive(lines, ToolAtHive::unfit)));
    }
    return tools;
  }

  /** A run's tool in the gear, or null where it is only a name. */
  @Nullable UUID toolId(Round round, int number) {
    return number == 1
        ? round.toolId()
        : mapper.tools(round.id()).stream()
            .filter(tool -> tool.number() == number)
            .map(KeptTool::toolId)
            .findFirst()
            .orElse(null);
  }

  /** How the run was reckoned to go, or null where that could not be told. */
  @Nullable PlannedPace pace(UUID roundId) {
    KeptLineUp kept = mapper.lineUp(roundId).orElse(null);
    if (kept == null || kept.finish() == null) {
      return null;
    }
    return new PlannedPace(
        mapper.lines(roundId), kept.finish(), Objects.requireNonNullElse(kept.mostShut(), 0));
  }

  /** End of the workable hours that now is in, or null where it is in none. */
  @Nullable Instant workableTo(Round round) {
    Instant now = clock.instant();
    return workable
        .get(
            new YardHour(round.apiaryId(), now.truncatedTo(ChronoUnit.HOURS)),
            there -> {
              Apiary apiary = apiaries.byId(there.apiaryId());
              YardDay day = weather.day(apiary, LocalDate.ofInstant(now, apiary.zoneId()));
              return day == null ? Optional.empty() : Window.endOfThatHolding(now, day.windows());
            })
        .orElse(null);
  }

  private static <T> Map<UUID, T> byHive(
      List<ToolAtHive> lines, Function<ToolAtHive, @Nullable T> what) {
    return lines.stream()
        .filter(line -> what.apply(line) != null)
        .collect(Collectors.toMap(ToolAtHive::hiveId, what));
  }

  private static int common(List<UUID> before, List<UUID> now) {
    int same = 0;
    while (same < before.size() && same < now.size() && before.get(same).equals(now.get(same))) {
      same++;
    }
    return same;
  }

  private @Nullable Fact says(Round round, @Nullable Integer finish, List<RunTool> tools) {
    String unknown =
        tools.stream()
            .filter(tool -> !isKnown(toolId(round, tool.number())))
            .map(RunTool::name)
            .distinct()
            .collect(Collectors.joining(", "));
    if (finish == null) {
      return unknown.isEmpty()
          ? Fact.of("pace.noneReckoned")
          : Fact.of("pace.burnTimeUnknown").text("tools", unknown);
    }
    return tools.stream().anyMatch(tool -> !tool.unfit().isEmpty())
        ? Fact.of("pace.anyToolAnyHive")
        : null;
  }

  /** Whether a tool is in the gear and its burn time is known. */
  private boolean isKnown(@Nullable UUID toolId) {
    return toolId != null
        && gearService.fit(gearService.tool(toolId)).basis() != BurnFit.Basis.NOTHING;
  }

  private void add(Round round, int number, Tool tool) {
    List<WorkAtHive> work = mapper.work(round.id());
    double most = work.stream().mapToDouble(WorkAtHive::productPerLoad).max().orElse(0);
    if (most > tool.capacity() + 1e-9) {
      throw new InvalidValue(
          "toolIds",
          "takesGLoadThis",
          "{tool} takes {capacity} in a load, and this round has loads of {most}",
          tool.name(),
          Value.Grams.reckoned(tool.capacity()),
          Value.Grams.reckoned(most));
    }
    Pack pack = gearService.packOf(tool).orElse(null);
    BurnFit fit = gearService.fit(tool);
    mapper.addTool(
        round.id(),
        new KeptTool(
            number,
            tool.id(),
            tool.name(),
            tool.family(),
            tool.coolSeconds(),
            tool.reloadSeconds(),
            pack == null ? null : pack.burnsPerCharge()));
    Map<UUID, Hive> hives =
        allHives.in(round.apiaryId()).stream()
            .collect(Collectors.toMap(Hive::id, Function.identity()));
    for (WorkAtHive line : work) {
      BurnTime burn = fit.time(line.productPerLoad());
      Hive hive = hives.get(line.hiveId());
      mapper.addToolAtHive(
          round.id(),
          new ToolAtHive(
              number,
              line.hiveId(),
              burn == null ? null : burn.planned(),
              hive == null ? null : Readying.unfit(hive, tool.family()).orElse(null)));
    }
  }

  private void reckon(Round round, NewLineUp wanted, Account who) {
    RunLength length = length(round, wanted);
    PlannedPace pace = length == null ? null : PlannedPace.of(length.pace());
    mapper.dropLines(round.id());
    mapper.keep(
        round.id(),
        new KeptLineUp(
            wanted.crew().burners(),
            wanted.crew().helpers(),
            wanted.cloths(),
            wanted.caps(),
            wanted.preparedAhead(),
            pace == null ? null : pace.finish(),
            pace == null ? null : pace.mostShut(),
            who.name(),
            clock.instant()));
    if (pace != null) {
      pace.lines().forEach(line -> mapper.addLine(round.id(), line));
    }
  }

  private @Nullable RunLength length(Round round, NewLineUp wanted) {
    UUID own = round.toolId();
    if (own == null || !isKnown(own) || !wanted.toolIds().stream().allMatch(this::isKnown)) {
      return null;
    }
    List<Tool> tools = new ArrayList<>(List.of(gearService.tool(own)));
    wanted.toolIds().forEach(id -> tools.add(gearService.tool(id)));
    List<ToolAtWork> atWork =
        tools.stream()
            .map(tool -> paceService.atWork(tool, PaceService.sharing(tool, tools)))
            .toList();
    List<HiveWork> hives =
        mapper.work(round.id()).stream()
            .map(
                line ->
                    new HiveWork(
                        line.hiveId(),
                        line.name(),
                        line.product(),
                        wanted.preparedAhead() ? 0 : line.prepSeconds(),
                        line.cloth()))
            .toList();
    PaceTimes times = paceService.usual().times().withSeal(60 * round.sealMinutes());
    return RunLength.best(
        new RunSetUp(hives, atWork, wanted.crew(), wanted.cloths(), wanted.caps(), times));
  }
}
