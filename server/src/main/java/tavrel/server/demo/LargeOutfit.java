package tavrel.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import tavrel.core.Fact;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.seasonplan.SeasonPreset;
import tavrel.server.people.Account;
import tavrel.server.people.Accounts;
import tavrel.server.people.Role;
import tavrel.server.roster.Rosters;
import tavrel.server.rulesheet.RuleSheets;
import tavrel.server.seasonplan.SeasonPlanService;
import tavrel.server.seasonplan.SeasonSearches;
import tavrel.server.seasonplan.SeriesToPlan;
import tavrel.server.seasonplan.SeriesToPlanService;

/**
 * How it feels for an outfit that lives from it: many made-up apiaries of 40 hives, four crews, a
 * year of rounds and counts, and a plan for the season that begins. Made once through the doors
 * that a keeper uses, which takes minutes; whoever starts it again finds it as it was made.
 */
@Component
@Profile("demo & large")
class LargeOutfit implements ApplicationRunner {

  private static final Logger LOG = LoggerFactory.getLogger(LargeOutfit.class);

  private static final int HIVES_A_YARD = 40;
  private static final int CREWS = 4;
  private static final int YARDS_A_MORNING = 3;

  /** What a crew needs for 40 hives and the road to the next. */
  private static final int MINUTES_A_YARD = 75;

  private static final int SEARCH_SECONDS_AT_MOST = 20;
  private static final int SEASON_ROUNDS = 3;

  /** First days of washes, and the share of bees with a mite. */
  private static final Map<LocalDate, Double> WASHES =
      Map.of(
          LocalDate.of(2025, 8, 12), 0.035,
          LocalDate.of(2025, 10, 6), 0.007,
          LocalDate.of(2026, 4, 20), 0.004,
          LocalDate.of(2026, 7, 20), 0.018);

  private static final int WASHED_EVERY = 5;
  private static final int BOARDS_EVERY = 5;

  /** The day on which the label's newer print was read. */
  private static final LocalDate NEWER_PRINT = LocalDate.of(2026, 3, 9);

  private static final List<String> FIRST =
      List.of(
          "Amber", "Birch", "Cold", "Damp", "East", "Far", "Grey", "High", "Inner", "Juniper",
          "Kept", "Long");

  private static final List<String> SECOND =
      List.of(
          "Acre", "Bank", "Croft", "Dell", "End", "Fold", "Garth", "Hurst", "Knoll", "Lea", "Mead");

  private final Accounts accounts;
  private final Rosters rosters;
  private final RuleSheets ruleSheets;
  private final DemoPeople people;
  private final DemoYards yards;
  private final DemoGear gear;
  private final DemoCrews crews;
  private final DemoRounds rounds;
  private final DemoColonies colonies;
  private final DemoBooks books;
  private final DemoClock clock;
  private final SeriesToPlanService seriesToPlanService;
  private final SeasonPlanService plans;
  private final SeasonSearches searches;
  private final ConfigurableApplicationContext context;
  private final int many;
  private final boolean onlyMake;

  LargeOutfit(
      Accounts accounts,
      Rosters rosters,
      RuleSheets ruleSheets,
      DemoPeople people,
      DemoYards yards,
      DemoGear gear,
      DemoCrews crews,
      DemoRounds rounds,
      DemoColonies colonies,
      DemoBooks books,
      DemoClock clock,
      SeriesToPlanService seriesToPlanService,
      SeasonPlanService plans,
      SeasonSearches searches,
      ConfigurableApplicationContext context,
      @Value("${tavrel.demo.yards:125}") int many,
      @Value("${tavrel.demo.only-make:false}") boolean onlyMake) {
    this.accounts = accounts;
    this.rosters = rosters;
    this.ruleSheets = ruleSheets;
    this.people = people;
    this.yards = yards;
    this.gear = gear;
    this.crews = crews;
    this.rounds = rounds;
    this.colonies = colonies;
    this.books = books;
    this.clock = clock;
    this.seriesToPlanService = seriesToPlanService;
    this.plans = plans;
    this.searches = searches;
    this.context = context;
    this.many = many;
    this.onlyMake = onlyMake;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    if (accounts.none()) {
      make();
    } else {
      people.known();
    }
    clock.moveTo(DemoClock.DAWN);
    if (onlyMake) {
      System.exit(SpringApplication.exit(context));
    }
  }

  private void make() {
    List<DemoRoster.Yard> places = places();
    clock.moveTo(DemoClock.DAWN.minus(Duration.ofDays(400)));
    Account keeper = people.add("wren", "Wren", Role.KEEPER);
    Account crew = people.add("tam", "Tam", Role.CREW);
    people.add("ida", "Ida", Role.READER);
    rosters.bringIn(DemoRoster.csv(places), List.of(), DemoRoster.ZONE, false, Set.of(), keeper);
    yards.fitOut(keeper);
    gear.add(keeper);
    List<DemoRounds.Bowl> bowls = gear.moreBowls(CREWS, keeper);
    crews.addWithBowls(bowls.stream().map(DemoRounds.Bowl::id).toList());
    RuleSheet first = ruleSheets.add(DemoLabel.readOn(LocalDate.of(2025, 4, 2), 2.0, 3, null));
    AtomicReference<RuleSheet> label = new AtomicReference<>(first);
    LOG.info("{} apiaries with {} hives stand", many, many * HIVES_A_YARD);
    year(places, bowls, label, keeper, crew);
    books.rates();
    clock.moveTo(DemoClock.DAWN);
    season(Objects.requireNonNull(label.get()), keeper);
  }

  /** What was done in the year before, in the order of its days. */
  private void year(
      List<DemoRoster.Yard> places,
      List<DemoRounds.Bowl> bowls,
      AtomicReference<RuleSheet> label,
      Account keeper,
      Account crew) {
    Map<LocalDate, List<Runnable>> days = new TreeMap<>();
    for (int i = 0; i < many; i++) {
      String name = places.get(i).name();
      DemoRounds.Bowl bowl = bowls.get(i % CREWS);
      int afterDawn = i / CREWS % YARDS_A_MORNING * MINUTES_A_YARD;
      int later = i / (CREWS * YARDS_A_MORNING);
      for (LocalDate pass : passes(i)) {
        LocalDate day = pass.plusDays(later);
        DemoRounds.Morning morning = new DemoRounds.Morning(day, afterDawn, bowl);
        on(
            days,
            day,
            () ->
                rounds.past(
                    name, morning, Objects.requireNonNull(label.get()), null, keeper, crew));
      }
      WASHES.forEach(
          (from, share) -> {
            LocalDate day = from.plusDays(later);
            on(days, day, () -> colonies.wash(name, day, WASHED_EVERY, share, crew));
          });
      if (i % BOARDS_EVERY == 0) {
        LocalDate day = LocalDate.of(2026, 8, 3).plusDays(later);
        on(days, day, () -> colonies.boards(name, day, 8, true, crew));
      }
    }
    on(
        days,
        NEWER_PRINT,
        () -> {
          clock.moveTo(NEWER_PRINT.atTime(12, 0).toInstant(ZoneOffset.UTC));
          label.set(ruleSheets.add(DemoLabel.readOn(NEWER_PRINT, 4.0, 4, label.get())));
        });
    LOG.info("{} days are made, some minutes", days.size());
    days.values().forEach(works -> works.forEach(Runnable::run));
  }

  private static void on(Map<LocalDate, List<Runnable>> days, LocalDate day, Runnable what) {
    days.computeIfAbsent(day, none -> new ArrayList<>()).add(what);
  }

  /** Three rounds in late summer, one in winter, and in every second apiary one this summer. */
  private static List<LocalDate> passes(int yard) {
    List<LocalDate> passes =
        new ArrayList<>(
            List.of(
                LocalDate.of(2025, 8, 18),
                LocalDate.of(2025, 8, 30),
                LocalDate.of(2025, 9, 11),
                LocalDate.of(2025, 12, 8)));
    if (yard % 2 == 0) {
      passes.add(LocalDate.of(2026, 8, 4));
    }
    return passes;
  }

  /** Three rounds for every apiary, searched for a moment and agreed. */
  private void season(RuleSheet sheet, Account keeper) {
    seriesToPlanService.keep(
        seriesToPlanService.presets().stream()
            .flatMap(
                yard ->
                    yard.presets().stream()
                        .filter(each -> each.occasion() == SeasonPreset.Occasion.LATE_SUMMER)
                        .map(preset -> course(yard, preset, sheet)))
            .toList());
    SeasonPlanService.PlanInput whole = plans.input();
    searches.begin(
        Objects.requireNonNull(whole.problem(), String.valueOf(whole.missing())),
        Fact.of("search.betterPlan"),
        Math.min(many, SEARCH_SECONDS_AT_MOST),
        plans::keep);
    searches.await();
    plans.agree("as the bee inspector asked; sample data", keeper);
  }

  private static SeriesToPlan course(
      SeriesToPlanService.YardPresets yard, SeasonPreset preset, RuleSheet sheet) {
    return new SeriesToPlan(
        UUID.nameUUIDFromBytes(yard.apiaryId().toString().getBytes(StandardCharsets.UTF_8)),
        yard.apiaryId(),
        "Late summer series",
        SEASON_ROUNDS,
        preset.gaps().least(),
        preset.gaps().wanted(),
        preset.gaps().most() + preset.gaps().wanted(),
        preset.startOn(),
        preset.startOn().plus(50, ChronoUnit.DAYS),
        null,
        false,
        sheet.id(),
        2,
        "Bowl 1",
        "as the bee inspector asked; sample data");
  }

  /** Spread over the made-up island, the same every time. */
  private List<DemoRoster.Yard> places() {
    List<DemoRoster.Yard> places = new ArrayList<>();
    for (int i = 0; i < many; i++) {
      String name = FIRST.get(i % FIRST.size()) + " " + SECOND.get(i % SECOND.size());
      double turn = i * 2.399963;
      double far = 0.28 * Math.sqrt((i + 0.5) / many);
      places.add(
          new DemoRoster.Yard(
              name,
              name.charAt(0) + String.valueOf(i + 1) + "-",
              HIVES_A_YARD,
              Math.round((47.628 + far * Math.sin(turn)) * 1000) / 1000.0,
              Math.round((-24.322 + 1.4 * far * Math.cos(turn)) * 1000) / 1000.0));
    }
    return places;
  }
}
