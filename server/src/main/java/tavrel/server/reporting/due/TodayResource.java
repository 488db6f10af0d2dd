package tavrel.server.reporting.due;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.Fact;
import tavrel.core.run.HiveOnBoard;
import tavrel.core.run.Part;
import tavrel.core.run.RunBoard;
import tavrel.core.weather.OwnHours;
import tavrel.core.weather.Window;
import tavrel.core.weather.YardDay;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.Hives;
import tavrel.server.pace.PaceService;
import tavrel.server.people.Account;
import tavrel.server.people.Accounts;
import tavrel.server.register.TreatmentDays;
import tavrel.server.run.Round;
import tavrel.server.run.Rounds;
import tavrel.server.stock.Stock;
import tavrel.server.store.Reckoned;
import tavrel.server.store.Reckonings;
import tavrel.server.upkeep.GearUpkeep;
import tavrel.server.weather.YardWeather;

/** What is due here and now, in order. */
@RestController
class TodayResource {

  /** What an apiary waits for, most pressing first. */
  enum Due {
    /** A run is under way. */
    RUNNING,
    /** A round is planned and waits for its people check. */
    PLANNED,
    /** Nothing is planned. */
    NOTHING
  }

  /**
   * A run under way, in short.
   *
   * @param stillShut hives shut
   * @param done hives open again or left out
   * @param hives hives in all
   * @param nextToOpen name of the hive that opens next, or null
   * @param opensFrom when, or null
   */
  record RunShort(
      int stillShut,
      int done,
      int hives,
      @Nullable String nextToOpen,
      @Nullable Instant opensFrom) {}

  /**
   * One apiary today.
   *
   * @param apiary the apiary
   * @param hives how many stand there
   * @param due what it waits for
   * @param roundId the open round, or null
   * @param roundDay its day, or null
   * @param roundHives hives in it, or null
   * @param run the run in short, or null
   * @param lastDay day of its latest finished round, or null
   * @param nextWindow the next workable hours within the person's own in which the whole round
   *     fits, or most of it
   * @param hoursFrom who tells of the weather there today and tomorrow, in words; empty where
   *     nobody does: its hours are unknown then
   */
  record ApiaryToday(
      Apiary apiary,
      int hives,
      Due due,
      @Nullable UUID roundId,
      @Nullable LocalDate roundDay,
      @Nullable Integer roundHives,
      @Nullable RunShort run,
      @Nullable LocalDate lastDay,
      @Nullable Window nextWindow,
      List<Fact> hoursFrom) {}

  /**
   * The page.
   *
   * @param now the server's clock
   * @param reckoning whether what is due is being reckoned; its lists are empty then: ask again
   * @param apiaries most pressing first
   * @param dueTasks what is due by the calendar, most pressing first
   * @param gear what is due of tools and filters
   * @param stock what presses of the stock
   * @param hours between which the person works
   */
  record Today(
      Instant now,
      boolean reckoning,
      List<ApiaryToday> apiaries,
      List<DueTask> dueTasks,
      List<GearUpkeep.GearDue> gear,
      List<Fact> stock,
      OwnHours hours) {}

  /** Workable hours are looked for so far ahead. */
  private static final int DAYS_AHEAD = 3;

  private final Apiaries apiaries;
  private final Hives allHives;
  private final YardWeather weather;
  private final Rounds rounds;
  private final TreatmentDays treatmentDays;
  private final Reckoned<List<DueTask>> dueTasks;
  private final GearUpkeep upkeep;
  private final PaceService paceService;
  private final Stock stock;
  private final Accounts accounts;
  private final Clock clock;

  TodayResource(
      Apiaries apiaries,
      Hives allHives,
      YardWeather weather,
      Rounds rounds,
      TreatmentDays treatmentDays,
      DueTasks dueTasks,
      Reckonings reckonings,
      GearUpkeep upkeep,
      PaceService paceService,
      Stock stock,
      Accounts accounts,
      Clock clock) {
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.weather = weather;
    this.rounds = rounds;
    this.treatmentDays = treatmentDays;
    this.dueTasks = reckonings.keep("what is due", dueTasks::all);
    this.upkeep = upkeep;
    this.paceService = paceService;
    this.stock = stock;
    this.accounts = accounts;
    this.clock = clock;
  }

  /** What is due today, and each apiary with its next workable hours. */
  @GetMapping("/api/today")
  Today today(@AuthenticationPrincipal Account who) {
    OwnHours own = accounts.workHours(who.id());
    Map<UUID, Round> open =
        rounds.open().stream()
            .collect(
                Collectors.toMap(Round::apiaryId, Function.identity(), (first, second) -> first));
    Map<UUID, Integer> hives = allHives.counts();
    List<ApiaryToday> list = new ArrayList<>();
    for (Apiary apiary : apiaries.all()) {
      int standing = hives.getOrDefault(apiary.id(), 0);
      if (apiary.isOpen() || standing > 0) {
        list.add(today(apiary, standing, open.get(apiary.id()), own));
      }
    }
    list.sort(Comparator.comparing(ApiaryToday::due));
    List<DueTask> due = dueTasks.now().orElse(null);
    return new Today(
        clock.instant(),
        due == null,
        List.copyOf(list),
        due == null ? List.of() : due,
        upkeep.due(),
        stock.warnings(),
        own);
  }

  private ApiaryToday today(Apiary apiary, int hives, @Nullable Round open, OwnHours own) {
    RunBoard board = open == null ? null : rounds.board(open.id(), Part.FIRST);
    boolean running = board != null && board.lastStep() != null;
    LocalDate lastDay = treatmentDays.lastWithOxalicAcid(apiary.id()).orElse(null);
    return new ApiaryToday(
        apiary,
        hives,
        running ? Due.RUNNING : open != null ? Due.PLANNED : Due.NOTHING,
        open == null ? null : open.id(),
        open == null ? null : open.day(),
        board == null ? null : board.hives().size(),
        open == null || board == null || !running ? null : inShort(open, board),
        lastDay,
        nextWindow(apiary, hives, own),
        weather.toldBy(apiary));
  }

  private RunShort inShort(Round round, RunBoard board) {
    HiveOnBoard next =
        board.hives().stream()
            .filter(hive -> hive.hiveId().equals(board.nextToOpen()))
            .findFirst()
            .orElse(null);
    int done = (int) board.hives().stream().filter(hive -> hive.stage().isDone()).count();
    return new RunShort(
        board.stillShut(),
        done,
        board.hives().size(),
        next == null ? null : rounds.hiveNames(round.id()).get(next.hiveId()),
        next == null ? null : next.openFrom());
  }

  /** What is offered first of the next days, within the person's own hours. */
  private @Nullable Window nextWindow(Apiary apiary, int hives, OwnHours own) {
    LocalDate today = apiaries.today(apiary);
    Supplier<UnaryOperator<YardDay>> fitter =
        SingletonSupplier.of(() -> paceService.fitter(apiary));
    return Window.offered(
            IntStream.range(0, DAYS_AHEAD)
                .mapToObj(ahead -> weather.day(apiary, today.plusDays(ahead)))
                .filter(day -> day != null && !day.windows().isEmpty())
                .flatMap(day -> fitter.get().apply(day.within(own)).windows().stream()),
            clock.instant(),
            hives)
        .orElse(null);
  }
}
