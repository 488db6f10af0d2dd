package tavrel.server.demo;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import tavrel.core.rulesheet.RuleSheet;
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
@Profile("demo & !large")
class DemoOutfit implements ApplicationRunner {

  private static final List<DemoRoster.Yard> YARDS =
      List.of(
          new DemoRoster.Yard("Cold Quay", "C", 8, 47.702, -24.418),
          new DemoRoster.Yard("Hollow Bank", "H", 12, 47.611, -24.302),
          new DemoRoster.Yard("Kiln Field", "K", 24, 47.588, -24.255),
          new DemoRoster.Yard("Upper Sallow", "U", 18, 47.640, -24.361),
          new DemoRoster.Yard("Withy Stand", "W", 5, 47.575, -24.330));

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
    rosters.bringIn(DemoRoster.csv(YARDS), List.of(), DemoRoster.ZONE, false, Set.of(), keeper);
    yards.fitOut(keeper);
    gear.add(keeper);
    crews.add();
    RuleSheet first = ruleSheets.add(DemoLabel.readOn(LocalDate.of(2025, 4, 2), 2.0, 3, null));
    RuleSheet sheet = ruleSheets.add(DemoLabel.readOn(LocalDate.of(2026, 3, 9), 4.0, 4, first));
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
}
