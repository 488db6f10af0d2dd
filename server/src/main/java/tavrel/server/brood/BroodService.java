package tavrel.server.brood;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodDefaults;
import tavrel.core.brood.BroodEvent;
import tavrel.core.brood.BroodState;
import tavrel.core.brood.FreeWindow;
import tavrel.core.brood.LookDate;
import tavrel.core.brood.StageBand;
import tavrel.core.hive.Hive;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.hive.HiveAt;
import tavrel.server.hive.Hives;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.people.Account;

/** The brood clock of each hive, from what was entered of it. */
@Service
public class BroodService {

  private static final int DRAWN_BACK = 14;
  private static final int DRAWN_AHEAD = 100;

  /**
   * An event as kept, with who entered it.
   *
   * @param event the event
   * @param doneBy who entered it
   */
  public record KeptEvent(NewBroodEvent event, String doneBy) {}

  /**
   * A hive's brood clock, to be drawn.
   *
   * @param hiveId the hive
   * @param hive its name
   * @param apiaryId where it stands
   * @param today the day it is read on
   * @param state of today
   * @param workers window without capped workers
   * @param withDrones window without capped drones too
   * @param lookDates when to look inside
   * @param why what it goes by, and what would make days without capped brood
   * @param from first day drawn
   * @param to last day drawn
   * @param bands stages of brood over those days
   * @param events newest first
   */
  public record ClockView(
      UUID hiveId,
      String hive,
      UUID apiaryId,
      LocalDate today,
      BroodState state,
      FreeWindow workers,
      FreeWindow withDrones,
      List<LookDate> lookDates,
      List<Fact> why,
      LocalDate from,
      LocalDate to,
      List<StageBand> bands,
      List<KeptEvent> events) {}

  private final BroodMapper mapper;
  private final KnownEvents known;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final ApiaryYears apiaryYears;
  private final OwnParameters figures;
  private final Clock clock;

  BroodService(
      BroodMapper mapper,
      KnownEvents known,
      Apiaries apiaries,
      Hives allHives,
      ApiaryYears apiaryYears,
      OwnParameters figures,
      Clock clock) {
    this.mapper = mapper;
    this.known = known;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.apiaryYears = apiaryYears;
    this.figures = figures;
    this.clock = clock;
  }

  /**
   * A hive's clock today.
   *
   * @throws Problem 404 for an unknown hive
   */
  public BroodClock clockOf(UUID hiveId) {
    Apiary apiary = allHives.apiaryOf(hiveId);
    return clockOf(hiveId, apiaries.today(apiary));
  }

  /** A hive's clock as it was known on an earlier day: later events are left out. */
  public BroodClock clockOf(UUID hiveId, LocalDate day) {
    Apiary apiary = allHives.apiaryOf(hiveId);
    List<BroodEvent> events =
        known.of(hiveId).stream()
            .filter(event -> !event.day().isAfter(day.plusDays(60)))
            .filter(event -> event instanceof BroodEvent.QueenReleased || !event.day().isAfter(day))
            .toList();
    return BroodClock.of(events, figures.brood(), apiaryYears.of(apiary).dates(), day);
  }

  /** The clock of every hive of an apiary. */
  public Map<UUID, BroodClock> clocksOf(Apiary apiary) {
    return clocksOf(apiary, allHives.idsIn(apiary.id()));
  }

  /** Clocks of some hives, by the calendar of an apiary that they stand or stood in. */
  public Map<UUID, BroodClock> clocksOf(Apiary apiary, Collection<UUID> hiveIds) {
    LocalDate today = apiaries.today(apiary);
    Map<UUID, List<BroodEvent>> byHive = known.all();
    BroodDefaults defaults = figures.brood();
    SeasonDates calendar = apiaryYears.of(apiary).dates();
    Map<UUID, BroodClock> clocks = new HashMap<>();
    hiveIds.forEach(
        hive ->
            clocks.put(
                hive,
                BroodClock.of(byHive.getOrDefault(hive, List.of()), defaults, calendar, today)));
    return clocks;
  }

  /** A clock with all that is known, read on an earlier day. */
  public BroodClock readOn(BroodClock clock, Apiary apiary, LocalDate day) {
    return day.equals(clock.today())
        ? clock
        : BroodClock.of(clock.events(), figures.brood(), apiaryYears.of(apiary).dates(), day);
  }

  /**
   * What is known of capped brood in each hive of an apiary today. A hive that nothing is on record
   * of is left out unless the calendar expects its winter.
   */
  public Map<UUID, BroodState> today(Apiary apiary) {
    LocalDate today = apiaries.today(apiary);
    Map<UUID, BroodState> states = new HashMap<>();
    clocksOf(apiary)
        .forEach(
            (hive, brood) -> {
              BroodState state = brood.on(today);
              if (!brood.events().isEmpty() || state != BroodState.CAPPED) {
                states.put(hive, state);
              }
            });
    return states;
  }

  /** A hive's clock with its time line. */
  public ClockView view(UUID hiveId) {
    Hive hive = allHives.byId(hiveId);
    BroodClock brood = clockOf(hiveId);
    LocalDate today = brood.today();
    LocalDate from = today.minusDays(DRAWN_BACK);
    LocalDate to = today.plusDays(DRAWN_AHEAD);
    Map<UUID, String> by =
        mapper.enteredBy(hiveId).stream()
            .collect(Collectors.toMap(BroodMapper.EnteredBy::id, BroodMapper.EnteredBy::doneBy));
    List<KeptEvent> events =
        mapper.ofHive(hiveId).stream()
            .sorted(Comparator.comparing(NewBroodEvent::day).reversed())
            .map(event -> new KeptEvent(event, by.getOrDefault(event.id(), "")))
            .toList();
    return new ClockView(
        hiveId,
        hive.name(),
        allHives.apiaryIdOf(hiveId),
        today,
        brood.on(today),
        brood.workers(),
        brood.withDrones(),
        brood.lookDates(),
        brood.why(),
        from,
        to,
        brood.bands(from, to),
        events);
  }

  /**
   * Keeps events, all or none. A known id changes nothing.
   *
   * @throws InvalidValue if one contradicts what is on record of its hive, with the hive's name
   */
  @Transactional
  public void keep(List<NewBroodEvent> entered, Account who) {
    Set<UUID> touched = new LinkedHashSet<>();
    Map<UUID, HiveAt> hives =
        allHives.at(entered.stream().map(NewBroodEvent::hiveId).collect(Collectors.toSet()));
    for (NewBroodEvent event : entered) {
      HiveAt hive = Objects.requireNonNull(hives.get(event.hiveId()));
      BroodClock.checkEntered(event.event(), apiaries.today(hive.apiary()));
      hive.refuseAfterEnd("day", event.day());
      if (mapper.known(event.id()) == 0) {
        mapper.add(event, who.name(), who.id(), clock.instant());
        touched.add(event.hiveId());
      }
    }
    touched.forEach(this::check);
    known.changes(touched);
  }

  /**
   * Strikes an event out.
   *
   * @throws InvalidValue if what remains cannot have happened without it
   */
  @Transactional
  public void strike(UUID id) {
    UUID hiveId = mapper.hiveOf(id).orElseThrow(() -> Problem.missing(Missing.EVENT));
    mapper.strike(id, clock.instant());
    check(hiveId);
    known.changes(List.of(hiveId));
  }

  private void check(UUID hiveId) {
    Apiary apiary = allHives.apiaryOf(hiveId);
    try {
      BroodClock.of(
          known.of(hiveId),
          figures.brood(),
          apiaryYears.of(apiary).dates(),
          apiaries.today(apiary));
    } catch (InvalidValue impossible) {
      throw new InvalidValue(
          impossible.field(),
          "ofHive",
          "of {hive}: {why}",
          allHives.byId(hiveId).name(),
          impossible.told());
    }
  }
}
