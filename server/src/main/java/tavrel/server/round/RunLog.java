package tavrel.server.round;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.weather.HourlyWeather;
import tavrel.core.yardrun.EventKind;
import tavrel.core.yardrun.Guard;
import tavrel.core.yardrun.HiveState;
import tavrel.core.yardrun.PlannedHive;
import tavrel.core.yardrun.RunBoard;
import tavrel.core.yardrun.RunEvent;
import tavrel.core.yardrun.RunPlan;
import tavrel.core.yardrun.Treatment;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.register.Register;

/**
 * The run log: takes events once, in any order, and tells the board. Everything that follows from
 * an event, down to the register, is drawn in the transaction that keeps it.
 */
@Service
class RunLog {

  /** A device's clock may run ahead of ours by this much. */
  private static final Duration AHEAD = Duration.ofMinutes(2);

  /** Events may be this much older than the plan, for a device whose clock runs behind. */
  private static final Duration BEFORE_PLAN = Duration.ofHours(1);

  private static final int MOST_AT_ONCE = 500;

  private final RoundMapper mapper;
  private final Register register;
  private final Apiaries apiaries;
  private final Clock clock;

  RunLog(RoundMapper mapper, Register register, Apiaries apiaries, Clock clock) {
    this.mapper = mapper;
    this.register = register;
    this.apiaries = apiaries;
    this.clock = clock;
  }

  /** The board of a round now. */
  RunBoard board(UUID roundId) {
    Round round = mapper.byId(roundId).orElseThrow(() -> Problem.missing("This round"));
    return RunBoard.of(plan(round), mapper.events(roundId), clock.instant());
  }

  /**
   * Keeps events that are not kept yet, all or none, and tells the board.
   *
   * @throws Problem 404 for an unknown round, 409 where a guard stands against an event
   * @throws InvalidValue where an event cannot be
   */
  @Transactional
  public RunBoard keep(UUID roundId, List<NewEvent> sent, Account who) {
    Round round = mapper.lock(roundId).orElseThrow(() -> Problem.missing("This round"));
    if (round.discardedAt() != null) {
      throw Problem.conflict("This round was thrown away. Nothing can be logged in it.");
    }
    InvalidValue.inRange("events", sent.size(), 0, MOST_AT_ONCE, "at once");
    RunPlan plan = plan(round);
    Log log = new Log(plan, mapper.events(roundId));
    boolean peopleChecked = mapper.peopleCheck(roundId).isPresent();
    Instant now = clock.instant();
    List<RunEvent> fresh =
        sent.stream()
            .map(event -> event.by(who.name()))
            .sorted(RunEvent.BY_TIME)
            .filter(event -> !log.holds(event))
            .toList();
    for (RunEvent event : fresh) {
      check(event, round, log, now);
      Guard.refusal(
              event,
              log.state(event.hiveId()),
              log.planned(event.hiveId()),
              plan.seal(),
              peopleChecked)
          .ifPresent(
              says -> {
                throw Problem.conflict(says);
              });
      log.add(event);
      mapper.addEvent(roundId, event, who.id(), now);
    }
    drawRegister(round, log, fresh);
    RunBoard board = RunBoard.of(plan, log.events(), now);
    finish(round, board, log);
    return board;
  }

  private static void check(RunEvent event, Round round, Log log, Instant now) {
    if (event.at().isAfter(now.plus(AHEAD))
        || event.at().isBefore(round.plannedAt().minus(BEFORE_PLAN))) {
      throw new InvalidValue(
          "at", "lies in the future or before the round was planned; set the device's clock");
    }
    if (log.planned(event.hiveId()) == null) {
      throw new InvalidValue("hiveId", "is not in this round");
    }
    if (event.kind() == EventKind.UNDONE && !log.ids().contains(event.undoes())) {
      throw new InvalidValue("undoes", "names no event of this round");
    }
  }

  private void drawRegister(Round round, Log log, List<RunEvent> fresh) {
    Apiary apiary = apiaries.byId(round.apiaryId());
    Set<UUID> touched =
        fresh.stream().map(RunEvent::hiveId).collect(Collectors.toCollection(LinkedHashSet::new));
    for (UUID hiveId : touched) {
      var treatment = Treatment.of(log.planned(hiveId), log.state(hiveId));
      HourlyWeather weather =
          treatment.map(line -> apiaries.weatherAt(apiary, line.startedAt())).orElse(null);
      register.draw(
          round.id(),
          hiveId,
          treatment,
          apiary.zoneId(),
          weather,
          weather == null ? null : apiaries.weatherSays(),
          apiaries.weatherMadeUp());
    }
  }

  private void finish(Round round, RunBoard board, Log log) {
    Instant last =
        log.events().stream().map(RunEvent::at).max(Comparator.naturalOrder()).orElse(null);
    if (board.finished() && !log.events().isEmpty()) {
      mapper.finish(round.id(), last);
    } else if (round.finishedAt() != null) {
      mapper.finish(round.id(), null);
    }
  }

  RunPlan plan(Round round) {
    return new RunPlan(
        mapper.hives(round.id()).stream().map(RoundHive::planned).toList(),
        round.seal(),
        round.longestShut(),
        RunPlan.USUAL_OPEN_FIRST_AFTER);
  }

  /** A round's log while events are added to it. */
  private static final class Log {

    private final Map<UUID, PlannedHive> planned;
    private final Map<UUID, List<RunEvent>> byHive = new HashMap<>();
    private final Map<UUID, RunEvent> byId = new HashMap<>();

    Log(RunPlan plan, List<RunEvent> events) {
      planned =
          plan.hives().stream().collect(Collectors.toMap(PlannedHive::hiveId, Function.identity()));
      events.forEach(this::add);
    }

    void add(RunEvent event) {
      byId.put(event.id(), event);
      byHive.computeIfAbsent(event.hiveId(), hive -> new ArrayList<>()).add(event);
    }

    /** Whether an event is kept already; the same id for something else is refused. */
    boolean holds(RunEvent event) {
      RunEvent kept = byId.get(event.id());
      if (kept != null && (kept.kind() != event.kind() || !kept.hiveId().equals(event.hiveId()))) {
        throw Problem.conflict("Another event has this id already.");
      }
      return kept != null;
    }

    HiveState state(UUID hiveId) {
      return HiveState.of(byHive.getOrDefault(hiveId, List.of()));
    }

    PlannedHive planned(UUID hiveId) {
      return planned.get(hiveId);
    }

    Set<UUID> ids() {
      return byId.keySet();
    }

    List<RunEvent> events() {
      return List.copyOf(byId.values());
    }
  }
}
