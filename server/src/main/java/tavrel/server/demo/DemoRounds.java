package tavrel.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import tavrel.core.dose.Amount;
import tavrel.core.dose.DoseSettings;
import tavrel.core.dose.MediumBoxes;
import tavrel.core.dose.Per;
import tavrel.core.hive.Hive;
import tavrel.core.hive.SupersPlan;
import tavrel.core.measure.GramsOf;
import tavrel.core.measure.Measure;
import tavrel.core.measure.Strength;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.run.EventKind;
import tavrel.core.run.PeopleCheck;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.Hives;
import tavrel.server.people.Account;
import tavrel.server.run.NewEvent;
import tavrel.server.run.NewRound;
import tavrel.server.run.PeopleChecks;
import tavrel.server.run.RoundPlanning;
import tavrel.server.run.Rounds;

/** Rounds of the made-up outfit, made through the same doors that a keeper uses. */
@Component
@Profile("demo")
class DemoRounds {

  private static final LocalTime DAWN_UTC = LocalTime.of(6, 45);
  private static final int HIVE_EVERY_SECONDS = 75;
  private static final int SEAL_SECONDS = 600;

  /** A bowl by its key and name. */
  record Bowl(UUID id, String name) {

    static final Bowl FIRST = new Bowl(DemoGear.BOWL, "Bowl 1");
  }

  /**
   * When and with what a row was done.
   *
   * @param day which
   * @param minutesLater after dawn, min
   * @param bowl the crew's
   */
  record Morning(LocalDate day, int minutesLater, Bowl bowl) {}

  private final Apiaries apiaries;
  private final Hives allHives;
  private final Rounds rounds;
  private final RoundPlanning planning;
  private final PeopleChecks peopleChecks;
  private final DemoClock clock;

  DemoRounds(
      Apiaries apiaries,
      Hives allHives,
      Rounds rounds,
      RoundPlanning planning,
      PeopleChecks peopleChecks,
      DemoClock clock) {
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.rounds = rounds;
    this.planning = planning;
    this.peopleChecks = peopleChecks;
    this.clock = clock;
  }

  /** A round planned for today and not begun. */
  void planned(String apiary, RuleSheet sheet, Account keeper) {
    planning.plan(id("today " + apiary), wanted(named(apiary), sheet, null, Bowl.FIRST), keeper);
  }

  /** A round done on an earlier day: one hive skipped, a leak seen, all opened in time. */
  void past(
      String apiaryName,
      LocalDate day,
      RuleSheet sheet,
      @Nullable UUID series,
      Account keeper,
      Account crew) {
    past(apiaryName, new Morning(day, 0, Bowl.FIRST), sheet, series, keeper, crew);
  }

  /** The same with the crew's own bowl, so many minutes after dawn. */
  void past(
      String apiaryName,
      Morning morning,
      RuleSheet sheet,
      @Nullable UUID series,
      Account keeper,
      Account crew) {
    LocalDate day = morning.day();
    Apiary apiary = named(apiaryName);
    UUID round = id(apiaryName + day);
    Instant begin =
        day.atTime(DAWN_UTC).plusMinutes(morning.minutesLater()).toInstant(ZoneOffset.UTC);
    clock.moveTo(begin.minusSeconds(1200));
    planning.plan(round, wanted(apiary, sheet, series, morning.bowl()), keeper);
    clock.moveTo(begin.minusSeconds(120));
    peopleChecks.confirm(round, PeopleCheck.whole(), clock.instant(), crew);
    List<NewEvent> events = new ArrayList<>();
    List<Hive> hives = allHives.in(apiary.id());
    Random random = new Random(day.toEpochDay());
    Instant at = begin;
    for (Hive hive : hives) {
      if (hive.place() == 4) {
        events.add(
            event(
                round,
                hive,
                EventKind.SKIPPED,
                at,
                null,
                "swarmed last week, look again in ten days"));
        continue;
      }
      Instant end = at.plusSeconds(32 + random.nextInt(10));
      events.add(event(round, hive, EventKind.BURN_STARTED, at, 1, null));
      if (hive.place() == 6) {
        events.add(
            event(
                round,
                hive,
                EventKind.LEAK_SEEN,
                at.plusSeconds(12),
                null,
                "old port at the back"));
      }
      events.add(event(round, hive, EventKind.BURN_ENDED, end, 1, null));
      events.add(event(round, hive, EventKind.REMOVED, end, null, null));
      events.add(
          event(
              round,
              hive,
              EventKind.OPENED,
              end.plusSeconds(SEAL_SECONDS + random.nextInt(50)),
              null,
              null));
      at = at.plusSeconds(HIVE_EVERY_SECONDS);
    }
    clock.moveTo(at.plusSeconds(2L * SEAL_SECONDS));
    rounds.keep(round, events, crew);
  }

  private NewRound wanted(Apiary apiary, RuleSheet sheet, @Nullable UUID series, Bowl bowl) {
    Amount amount = new Amount(2, Per.BOX, GramsOf.ACID_DIHYDRATE);
    DoseSettings settings =
        DoseSettings.plain(
            amount,
            MediumBoxes.BY_COMB,
            new Strength(0.996),
            Measure.SCALE,
            4.5,
            SupersPlan.TAKEN_OFF,
            10);
    return new NewRound(
        apiary.id(),
        sheet.id(),
        settings,
        bowl.name(),
        bowl.id(),
        "Oxalic crystals",
        "26-014",
        null,
        null,
        series,
        series == null ? null : 1);
  }

  private Apiary named(String name) {
    return apiaries.all().stream()
        .filter(apiary -> apiary.name().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static NewEvent event(
      UUID round,
      Hive hive,
      EventKind kind,
      Instant at,
      @Nullable Integer load,
      @Nullable String reason) {
    return NewEvent.at(id(round + hive.name() + kind), hive.id(), kind, at, load, reason);
  }

  private static UUID id(String of) {
    return UUID.nameUUIDFromBytes(of.getBytes(StandardCharsets.UTF_8));
  }
}
