package tavrel.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import tavrel.core.brood.Capped;
import tavrel.core.brood.Comb;
import tavrel.core.brood.NewQueen;
import tavrel.core.brood.OpenBrood;
import tavrel.core.brood.YoungestBrood;
import tavrel.core.count.Sign;
import tavrel.core.hive.Hive;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.CurveChoice;
import tavrel.core.mite.HiveShut;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.spacing.Schedule;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.brood.BroodKind;
import tavrel.server.brood.BroodService;
import tavrel.server.brood.NewBroodEvent;
import tavrel.server.count.CountKind;
import tavrel.server.count.Counts;
import tavrel.server.count.DropBoards;
import tavrel.server.count.NewCount;
import tavrel.server.hive.Hives;
import tavrel.server.people.Account;
import tavrel.server.series.NewSeries;
import tavrel.server.series.SeriesService;
import tavrel.server.spacing.SpacingQuestion;

/** Counts, brood and a series of the made-up outfit, through the doors that a keeper uses. */
@Component
@Profile("demo")
class DemoColonies {

  private static final int SAMPLE = 300;

  private final Apiaries apiaries;
  private final Hives allHives;
  private final Counts counts;
  private final DropBoards dropBoards;
  private final BroodService broodService;
  private final SeriesService series;
  private final DemoClock clock;

  DemoColonies(
      Apiaries apiaries,
      Hives allHives,
      Counts counts,
      DropBoards dropBoards,
      BroodService broodService,
      SeriesService series,
      DemoClock clock) {
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.counts = counts;
    this.dropBoards = dropBoards;
    this.broodService = broodService;
    this.series = series;
    this.clock = clock;
  }

  /** Washes every so many hives of an apiary; the mites are drawn around a share. */
  void wash(String apiary, LocalDate day, int every, double share, Account who) {
    moveTo(day);
    Random random = new Random(day.toEpochDay() + apiary.length());
    List<NewCount> washed = new ArrayList<>();
    for (Hive hive : hives(apiary)) {
      if (hive.place() % every == 0) {
        int mites = 0;
        for (int bee = 0; bee < SAMPLE; bee++) {
          mites += random.nextDouble() < share ? 1 : 0;
        }
        washed.add(
            new NewCount(
                id("wash" + hive.id() + day),
                hive.id(),
                day,
                CountKind.WASH,
                mites,
                SAMPLE,
                null,
                false,
                null));
      }
    }
    counts.keep(washed, who);
  }

  /** Boards read in an apiary after 48 hours: under its first hives, and some that are washed. */
  void boards(String apiary, LocalDate day, int mites, boolean natural, Account who) {
    moveTo(day);
    Random random = new Random(day.toEpochDay());
    counts.keep(
        hives(apiary).stream()
            .filter(hive -> hive.place() <= 4 || hive.place() % 8 == 0)
            .map(
                hive ->
                    new NewCount(
                        id("board" + hive.id() + day),
                        hive.id(),
                        day,
                        CountKind.BOARD,
                        mites + random.nextInt(mites),
                        null,
                        48.0,
                        natural,
                        null))
            .toList(),
        who);
  }

  /** Boards that wait to be read, and a sign seen. */
  void layBoards(String apiary, LocalDate day, Account who) {
    moveTo(day);
    List<Hive> row = hives(apiary);
    dropBoards.lay(
        Map.of(
            row.get(0).id(), id("lay1" + apiary),
            row.get(1).id(), id("lay2" + apiary)),
        who);
    counts.mark(id("sign" + apiary), row.get(2).id(), Sign.CHEWED_PUPAE, who);
  }

  /** What happened to brood in the weeks before. */
  void brood(Account who) {
    moveTo(LocalDate.of(2026, 8, 17));
    List<NewBroodEvent> events = new ArrayList<>();
    Hive swarm = hives("Cold Quay").get(3);
    events.add(
        new NewBroodEvent(
            id("swarm"),
            swarm.id(),
            LocalDate.of(2026, 8, 15),
            BroodKind.SWARM_HIVED,
            Comb.DRAWN,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null));
    List<Hive> sallow = hives("Upper Sallow");
    for (int i = 0; i < 4; i++) {
      events.add(
          new NewBroodEvent(
              id("split" + i),
              sallow.get(i).id(),
              LocalDate.of(2026, 8, 1).plusDays(i),
              BroodKind.SPLIT,
              null,
              null,
              i < 2 ? YoungestBrood.EGGS : YoungestBrood.YOUNG_LARVAE,
              NewQueen.RIPE_CELL,
              null,
              null,
              null,
              null,
              null,
              null));
    }
    Hive caged = hives("Kiln Field").get(6);
    events.add(
        new NewBroodEvent(
            id("caged"),
            caged.id(),
            LocalDate.of(2026, 8, 2),
            BroodKind.QUEEN_CAGED,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null));
    events.add(look("Kiln Field", 4, 4.5, 11.0));
    events.add(look("Hollow Bank", 2, 4, 10.0));
    events.add(look("Hollow Bank", 5, 5, 12.0));
    events.add(look("Withy Stand", 1, 3.5, 9.0));
    broodService.keep(events, who);
  }

  private NewBroodEvent look(String apiary, int place, double capped, double bees) {
    Hive hive = hives(apiary).get(place - 1);
    return new NewBroodEvent(
        id("look" + apiary + place),
        hive.id(),
        LocalDate.of(2026, 8, 16),
        BroodKind.INSPECTION,
        null,
        null,
        null,
        null,
        null,
        null,
        Capped.FRAMES,
        capped,
        OpenBrood.LARVAE,
        bees);
  }

  /** Four weekly rounds adopted on a day, that day the first; the id of the series. */
  UUID weekly(String apiary, LocalDate day, RuleSheet sheet, Account keeper) {
    moveTo(day);
    List<Hive> row = hives(apiary);
    SpacingQuestion bench =
        new SpacingQuestion(
            new ColonyLoad(8, SAMPLE, 1, 9, 4, 0.02),
            2,
            HiveShut.TIGHT,
            CurveChoice.FIELD,
            sheet.id(),
            day.plusDays(45),
            2);
    UUID id = id("series" + apiary);
    series.adopt(
        id,
        new NewSeries(
            named(apiary).id(),
            "Late summer, weekly four",
            row.stream().map(Hive::id).toList(),
            Schedule.every(day, 4, 7).days(),
            "Bowl 1",
            null,
            row.get(3).id(),
            bench),
        keeper);
    return id;
  }

  private void moveTo(LocalDate day) {
    clock.moveTo(day.atTime(6, 0).toInstant(ZoneOffset.UTC));
  }

  private List<Hive> hives(String apiary) {
    return allHives.in(named(apiary).id());
  }

  private Apiary named(String name) {
    return apiaries.all().stream()
        .filter(apiary -> apiary.name().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static UUID id(@Nullable String of) {
    return UUID.nameUUIDFromBytes(("colony " + of).getBytes(StandardCharsets.UTF_8));
  }
}
