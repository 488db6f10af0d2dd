package tavrel.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import tavrel.core.hive.BoxNotation;
import tavrel.core.measure.GramsOf;
import tavrel.core.rule.BroodRule;
import tavrel.core.rule.RuleSheet;
import tavrel.core.rule.SupersRule;
import tavrel.server.people.Account;
import tavrel.server.people.Accounts;
import tavrel.server.people.Role;
import tavrel.server.roster.Rosters;
import tavrel.server.rulesheet.RuleSheets;

/**
 * A made-up outfit on a made-up island: people, apiaries, hives, a rule sheet, and what was done in
 * the weeks before. Drawn from a seed, so that it is the same every time.
 */
@Component
@Profile("demo")
class DemoOutfit implements ApplicationRunner {

  private static final String ZONE = "Etc/GMT+2";
  private static final long SEED = 20_260_818L;

  private record Yard(String name, int hives, double latitude, double longitude) {}

  private static final Yard[] YARDS = {
    new Yard("Cold Quay", 8, 47.702, -24.418),
    new Yard("Hollow Bank", 12, 47.611, -24.302),
    new Yard("Kiln Field", 24, 47.588, -24.255),
    new Yard("Upper Sallow", 18, 47.640, -24.361),
    new Yard("Withy Stand", 5, 47.575, -24.330)
  };

  private final Accounts accounts;
  private final Rosters rosters;
  private final RuleSheets ruleSheets;
  private final DemoGear gear;
  private final DemoYards yards;
  private final DemoRounds rounds;
  private final DemoColonies colonies;
  private final DemoPeople people;
  private final DemoCrews crews;
  private final DemoBooks books;
  private final DemoClock clock;

  DemoOutfit(
      Accounts accounts,
      Rosters rosters,
      RuleSheets ruleSheets,
      DemoGear gear,
      DemoYards yards,
      DemoRounds rounds,
      DemoColonies colonies,
      DemoPeople people,
      DemoCrews crews,
      DemoBooks books,
      DemoClock clock) {
    this.accounts = accounts;
    this.rosters = rosters;
    this.ruleSheets = ruleSheets;
    this.gear = gear;
    this.yards = yards;
    this.rounds = rounds;
    this.colonies = colonies;
    this.people = people;
    this.crews = crews;
    this.books = books;
    this.clock = clock;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    if (!accounts.none()) {
      return;
    }
    clock.moveTo(DemoClock.DAWN.minus(Duration.ofDays(100)));
    Account keeper = people.add("wren", "Wren", Role.KEEPER);
    Account crew = people.add("tam", "Tam", Role.CREW);
    people.add("ida", "Ida", Role.READER);
    rosters.bringIn(roster().getBytes(StandardCharsets.UTF_8), ZONE, false);
    yards.fitOut();
    gear.add(keeper);
    crews.add(ZONE);
    RuleSheet first = ruleSheets.add(sheet(LocalDate.of(2025, 4, 2), 2.0, 3, null));
    RuleSheet sheet = ruleSheets.add(sheet(LocalDate.of(2026, 3, 9), 4.0, 4, first));
    colonies.wash("Withy Stand", LocalDate.of(2026, 6, 9), 1, 0.035, crew);
    colonies.boards("Withy Stand", LocalDate.of(2026, 6, 9), 7, true, crew);
    rounds.past("Withy Stand", LocalDate.of(2026, 6, 10), sheet, null, keeper, crew);
    colonies.boards("Withy Stand", LocalDate.of(2026, 6, 12), 190, false, crew);
    rounds.past("Withy Stand", LocalDate.of(2026, 6, 20), sheet, null, keeper, crew);
    colonies.boards("Withy Stand", LocalDate.of(2026, 6, 22), 105, false, crew);
    colonies.wash("Withy Stand", LocalDate.of(2026, 7, 9), 1, 0.006, crew);
    colonies.wash("Kiln Field", LocalDate.of(2026, 8, 10), 4, 0.03, crew);
    colonies.boards("Kiln Field", LocalDate.of(2026, 8, 11), 9, true, crew);
    UUID series = colonies.weekly("Kiln Field", LocalDate.of(2026, 8, 11), sheet, keeper);
    rounds.past("Kiln Field", LocalDate.of(2026, 8, 11), sheet, series, keeper, crew);
    colonies.boards("Kiln Field", LocalDate.of(2026, 8, 13), 260, false, crew);
    rounds.past("Cold Quay", LocalDate.of(2026, 8, 14), sheet, null, keeper, crew);
    colonies.wash("Hollow Bank", LocalDate.of(2026, 8, 15), 1, 0.032, crew);
    colonies.wash("Upper Sallow", LocalDate.of(2026, 8, 16), 2, 0.014, crew);
    colonies.layBoards("Upper Sallow", LocalDate.of(2026, 8, 16), crew);
    colonies.brood(keeper);
    books.strips("Upper Sallow", LocalDate.of(2025, 9, 12), keeper);
    books.lotPutRight("Cold Quay", keeper);
    books.stock(keeper);
    books.rates();
    books.wintered("Upper Sallow", 2026, keeper);
    books.wintered("Withy Stand", 2026, keeper);
    clock.moveTo(DemoClock.DAWN);
    rounds.planned("Hollow Bank", sheet, keeper);
  }

  /** The label as it was read on a day: a new print allows more. */
  private static RuleSheet sheet(
      LocalDate readOn, double maxPerBox, int roundsPerSeries, @Nullable RuleSheet before) {
    return new RuleSheet(
        UUID.nameUUIDFromBytes(("demo rule sheet " + readOn).getBytes(StandardCharsets.UTF_8)),
        "Drum label, read in spring",
        false,
        "Wren",
        readOn,
        GramsOf.ACID_DIHYDRATE,
        maxPerBox,
        null,
        roundsPerSeries,
        6,
        5,
        BroodRule.ANY,
        SupersRule.BARRIER,
        0,
        10,
        null,
        null,
        true,
        "Sample data: no real label says this.",
        before == null ? 1 : before.version() + 1,
        before == null ? null : before.id());
  }

  private static String roster() {
    Random random = new Random(SEED);
    StringBuilder csv =
        new StringBuilder("apiary,hive,position,brood boxes,supers,floor,latitude,longitude\n");
    for (Yard yard : YARDS) {
      for (int place = 1; place <= yard.hives(); place++) {
        csv.append(
            "%s,%s,%d,%s,%d,\"%s\",%s,%s%n"
                .formatted(
                    yard.name(),
                    name(yard, place),
                    place,
                    boxes(random),
                    supers(random),
                    floor(random),
                    yard.latitude(),
                    yard.longitude()));
      }
    }
    return csv.toString();
  }

  private static String name(Yard yard, int place) {
    return yard.name().charAt(0) + String.valueOf(place);
  }

  private static String boxes(Random random) {
    int draw = random.nextInt(10);
    String boxes =
        draw < 5
            ? "deep 10"
            : draw < 7 ? "2x deep 10" : draw < 9 ? "deep 10 + medium 10" : "nucleus 5";
    return BoxNotation.write(BoxNotation.read(boxes));
  }

  private static int supers(Random random) {
    return random.nextInt(6) == 0 ? 1 : 0;
  }

  private static String floor(Random random) {
    int draw = random.nextInt(10);
    return draw < 5
        ? "solid"
        : draw < 8 ? "mesh, tray tight" : draw < 9 ? "mesh, tray loose" : "bare mesh";
  }
}
