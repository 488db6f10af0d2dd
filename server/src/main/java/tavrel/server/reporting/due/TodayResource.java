package tavrel.server.reporting.due;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.Fact;
import tavrel.core.run.HiveOnBoard;
import tavrel.core.run.Part;
import tavrel.core.run.RunBoard;
import tavrel.core.weather.LearnedForecast;
import tavrel.core.weather.OwnHours;
import tavrel.core.weather.Window;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.Hives;
import tavrel.server.people.Account;
import tavrel.server.people.Accounts;
import tavrel.server.run.Round;
import tavrel.server.run.Rounds;
import tavrel.server.stock.Stock;
import tavrel.server.store.Reckoned;
import tavrel.server.store.Reckonings;
import tavrel.server.upkeep.GearUpkeep;

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
   * @param held of hours that were offered and read there how many were worth working in; null
   *     while too few were
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
      List<Fact> hoursFrom,
      LearnedForecast.@Nullable OffersHeld held) {}

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

  /** What takes a while to reckon. */
  private record Reading(
      List<TodayYards.YardToday> yards, List<GearUpkeep.GearDue> gear, List<Fact> stock) {

    static final Reading NONE = new Reading(List.of(), List.of(), List.of());
  }

  private final Apiaries apiaries;
  private final Hives allHives;
  private final Rounds rounds;
  private final Accounts accounts;
  private final Clock clock;
  private final DueNow due;
  private final Reckoned<Reading> reckoned;

  TodayResource(
      Apiaries apiaries,
      Hives allHives,
      Rounds rounds,
      Accounts accounts,
      TodayYards yards,
      DueNow due,
      GearUpkeep upkeep,
      Stock stock,
      Reckonings reckonings,
      Clock clock) {
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.rounds = rounds;
    this.accounts = accounts;
    this.clock = clock;
    this.due = due;
    reckoned =
        reckonings.keep("today", () -> new Reading(yards.all(), upkeep.due(), stock.warnings()));
  }

  /**
   * What is due today, and each apiary with its next workable hours. While that is being reckoned,
   * only the rounds under way and planned.
   */
  @GetMapping("/api/today")
  Today today(@AuthenticationPrincipal Account who) {
    OwnHours own = accounts.workHours(who.id());
    Instant now = clock.instant();
    Map<UUID, Round> open =
        rounds.open().stream()
            .collect(
                Collectors.toMap(Round::apiaryId, Function.identity(), (first, second) -> first));
    List<DueTask> tasks = due.tasks().orElse(null);
    Reading known = tasks == null ? null : reckoned.now().orElse(null);
    List<TodayYards.YardToday> yards = known == null ? workedIn(open) : known.yards();
    Reading reading = known == null ? Reading.NONE : known;
    return new Today(
        now,
        known == null,
        yards.stream()
            .map(yard -> today(yard, open.get(yard.apiary().id()), own, now))
            .sorted(Comparator.comparing(ApiaryToday::due))
            .toList(),
        tasks == null || known == null ? List.of() : tasks,
        reading.gear(),
        reading.stock(),
        own);
  }

  /** Yards with a round under way or planned, as far as they are known at once. */
  private List<TodayYards.YardToday> workedIn(Map<UUID, Round> open) {
    return open.keySet().stream()
        .map(
            id ->
                new TodayYards.YardToday(
                    apiaries.byId(id), allHives.count(id), null, List.of(), null, Map.of()))
        .toList();
  }

  private ApiaryToday today(
      TodayYards.YardToday yard, @Nullable Round open, OwnHours own, Instant now) {
    RunBoard board = open == null ? null : rounds.board(open.id(), Part.FIRST);
    boolean running = board != null && board.lastStep() != null;
    return new ApiaryToday(
        yard.apiary(),
        yard.hives(),
        running ? Due.RUNNING : open != null ? Due.PLANNED : Due.NOTHING,
        open == null ? null : open.id(),
        open == null ? null : open.day(),
        board == null ? null : board.hives().size(),
        open == null || board == null || !running ? null : inShort(open, board),
        yard.lastDay(),
        yard.offered(own, now),
        yard.hoursFrom(),
        yard.held());
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
}
