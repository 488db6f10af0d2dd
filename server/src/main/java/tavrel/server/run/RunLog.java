package tavrel.server.run;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.rulesheet.Verdict;
import tavrel.core.run.CrewLog;
import tavrel.core.run.EventKind;
import tavrel.core.run.Guard;
import tavrel.core.run.HiveState;
import tavrel.core.run.Part;
import tavrel.core.run.PlannedHive;
import tavrel.core.run.RunBoard;
import tavrel.core.run.RunEvent;
import tavrel.core.run.RunPlan;
import tavrel.core.run.RunReview;
import tavrel.core.run.SealTime;
import tavrel.core.run.Treatment;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.register.Register;
import tavrel.server.register.RoundLine;
import tavrel.server.rulesheet.RuleSheets;
import tavrel.server.store.MachineTime;
import tavrel.server.weather.WeatherThere;
import tavrel.server.weather.YardWeather;

/**
 * The run log: takes events once, in any order, and tells the board. Everything that follows from
 * an event, down to the register, is drawn in the transaction that keeps it.
 */
@Service
class RunLog {

  private static final int MOST_AT_ONCE = 500;

  private record Kept(FoldedLog log, RunBoard board, List<RunEvent> events) {}

  private final RoundMapper mapper;
  private final LineUps lineUps;
  private final Register register;
  private final RuleSheets ruleSheets;
  private final Apiaries apiaries;
  private final YardWeather weather;
  private final Clock clock;
  private final TransactionTemplate transaction;
  private final ApplicationEventPublisher told;

  /**
   * Dose sheets never change once a round is planned; line-up and warmth do, see {@link #forget}.
   */
  private final Cache<UUID, RunPlan> plans = Caffeine.newBuilder().maximumSize(64).build();

  /** Logs of rounds in work, each as of its last commit: a press need not read it all again. */
  private final Cache<UUID, FoldedLog> logs = Caffeine.newBuilder().maximumSize(64).build();

  /** One parcel at a time goes into a round's log; rounds do not wait for each other. */
  private final LoadingCache<UUID, Lock> writing =
      Caffeine.newBuilder().weakValues().build(roundId -> new ReentrantLock());

  RunLog(
      RoundMapper mapper,
      LineUps lineUps,
      Register register,
      RuleSheets ruleSheets,
      Apiaries apiaries,
      YardWeather weather,
      Clock clock,
      TransactionTemplate transaction,
      ApplicationEventPublisher told) {
    this.mapper = mapper;
    this.lineUps = lineUps;
    this.register = register;
    this.ruleSheets = ruleSheets;
    this.apiaries = apiaries;
    this.weather = weather;
    this.clock = clock;
    this.transaction = transaction;
    this.told = told;
  }

  /** The board of a round now, as who plays this part should see it. */
  RunBoard board(UUID roundId, Part part) {
    Round round = mapper.byId(roundId).orElseThrow(() -> Problem.missing(Missing.ROUND));
    FoldedLog log = logs.get(roundId, this::read);
    return RunBoard.of(
        plan(round), log.states(), log.ofCrew(), clock.instant(), part, lineUps.workableTo(round));
  }

  /** A run looked back on, or null where nothing has happened yet. */
  @Nullable RunReview review(Round round) {
    return RunReview.of(plan(round), logs.get(round.id(), this::read).events());
  }

  /** The people check that holds now: the latest, unless the rest was put off after it. */
  @Nullable ConfirmedPeopleCheck peopleCheck(UUID roundId) {
    ConfirmedPeopleCheck check = mapper.peopleCheck(roundId).orElse(null);
    CrewLog crew = CrewLog.of(logs.get(roundId, this::read).ofCrew());
    return check != null && crew.stillHolds(check.at()) ? check : null;
  }

  /** What was reckoned or measured for a run has changed. */
  void forget(UUID roundId) {
    plans.invalidate(roundId);
    told.publishEvent(new RunMoved(roundId, List.of()));
  }

  /**
   * Keeps events that are not kept yet, all or none, and tells the board with the hives that they
   * concern. One parcel at a time for each round; the log in memory moves on with the commit.
   *
   * @param part as whom the board is told
   * @param deviceAhead how far the device's clock is ahead of ours, or null where nobody knows
   * @throws Problem 404 for an unknown round, 409 where a guard stands against an event
   * @throws InvalidValue where an event cannot be
   */
  RunBoard keep(
      UUID roundId, List<NewEvent> sent, Account who, Part part, @Nullable Duration deviceAhead) {
    InvalidValue.inRange("events", sent.size(), 0, MOST_AT_ONCE, "at once");
    int ourLag = (int) Duration.between(clock.instant(), MachineTime.now()).toSeconds();
    List<RunEvent> events =
        sent.stream().map(each -> each.by(who.name(), deviceAhead, ourLag)).toList();
    Lock lock = writing.get(roundId);
    Kept kept;
    lock.lock();
    try {
      kept =
          Objects.requireNonNull(
              transaction.execute(
                  begun -> keep(logs.get(roundId, this::read), roundId, events, who, part)));
      logs.put(roundId, kept.log());
    } finally {
      lock.unlock();
    }
    if (!kept.events().isEmpty()) {
      told.publishEvent(new RunMoved(roundId, kept.events()));
    }
    return kept.board();
  }

  /** What the dose sheet has for a hive; null for one that is not in it. */
  @Nullable PlannedHive planned(UUID roundId, UUID hiveId) {
    Round round = mapper.byId(roundId).orElseThrow(() -> Problem.missing(Missing.ROUND));
    return plan(round).hives().stream()
        .filter(hive -> hive.hiveId().equals(hiveId))
        .findFirst()
        .orElse(null);
  }

  private Kept keep(FoldedLog known, UUID roundId, List<RunEvent> sent, Account who, Part part) {
    Round round = mapper.lock(roundId).orElseThrow(() -> Problem.missing(Missing.ROUND));
    if (round.discardedAt() != null) {
      throw Problem.conflict(Fact.of("refused.nothingToLog"));
    }
    RunPlan plan = plan(round);
    Map<UUID, PlannedHive> planned =
        plan.hives().stream().collect(Collectors.toMap(PlannedHive::hiveId, Function.identity()));
    ConfirmedPeopleCheck people = mapper.peopleCheck(roundId).orElse(null);
    Instant now = clock.instant();
    FoldedLog log = known;
    Set<UUID> touched = new LinkedHashSet<>();
    List<RunEvent> fresh = new ArrayList<>();
    List<RunEvent> inOrder = sent.stream().sorted(RunEvent.BY_TIME).toList();
    for (RunEvent event : inOrder) {
      if (log.holds(event)) {
        continue;
      }
      PlannedHive hive = event.hiveId() == null ? null : planned.get(event.hiveId());
      check(event, round, hive, log, now);
      Guard.refusal(
              event,
              hive,
              log.states(),
              CrewLog.of(log.ofCrew()),
              plan,
              people == null ? null : people.at())
          .ifPresent(
              says -> {
                throw Problem.conflict(says);
              });
      log = log.plus(event);
      fresh.add(event);
      if (event.hiveId() != null) {
        touched.add(event.hiveId());
      }
      mapper.addEvent(roundId, event, who.id(), now);
    }
    for (UUID hiveId : touched) {
      drawRegister(
          round, Objects.requireNonNull(planned.get(hiveId)), log.state(hiveId), peopleIn(log));
    }
    RunBoard board =
        RunBoard.of(plan, log.states(), log.ofCrew(), now, part, lineUps.workableTo(round));
    finish(round, board, log);
    return new Kept(
        log,
        board.only(
            sent.stream()
                .map(RunEvent::hiveId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet())),
        List.copyOf(fresh));
  }

  private FoldedLog read(UUID roundId) {
    return FoldedLog.of(mapper.events(roundId));
  }

  private static void check(
      RunEvent event, Round round, @Nullable PlannedHive hive, FoldedLog log, Instant now) {
    Guard.checkMoment(event.at(), round.plannedAt(), now);
    if (hive == null && event.hiveId() != null) {
      throw new InvalidValue("hiveId", "notThisRound", "is not in this round");
    }
    UUID undone = event.undoes();
    if (event.kind() == EventKind.UNDONE && (undone == null || !log.holds(undone))) {
      throw new InvalidValue("undoes", "namesNoEventThis", "names no event of this round");
    }
  }

  private static int peopleIn(FoldedLog log) {
    return (int) log.events().stream().map(RunEvent::by).distinct().count();
  }

  private void drawRegister(Round round, PlannedHive hive, HiveState state, int people) {
    Apiary apiary = apiaries.byId(round.apiaryId());
    Optional<Treatment> treatment = Treatment.of(hive, state);
    WeatherThere there =
        treatment.map(line -> weather.weatherAt(apiary, line.startedAt())).orElse(null);
    register.draw(
        line(round, hive.hiveId()),
        treatment,
        people,
        apiary.zoneId(),
        there == null ? null : there.weather(),
        there == null ? null : there.says(),
        there != null && there.madeUp());
  }

  private RoundLine line(Round round, UUID hiveId) {
    RoundHive hive = mapper.hive(round.id(), hiveId);
    return new RoundLine(
        round.id(),
        round.apiaryId(),
        hiveId,
        hive.hiveName(),
        round.tool(),
        round.product(),
        round.lot(),
        hive.supers(),
        hive.supersPlan(),
        round.ruleSheetId(),
        ruleSheets.byId(round.ruleSheetId()).waitingDays(),
        hive.verdict(),
        hive.labelSays(),
        hive.verdict() == Verdict.NOT_ON_LABEL ? round.offLabelReason() : null);
  }

  private void finish(Round round, RunBoard board, FoldedLog log) {
    if (board.finished()) {
      mapper.finish(
          round.id(),
          log.events().stream().map(RunEvent::at).max(Comparator.naturalOrder()).orElse(null));
    } else if (round.finishedAt() != null) {
      mapper.finish(round.id(), null);
    }
  }

  private RunPlan plan(Round round) {
    return plans.get(round.id(), id -> load(round));
  }

  private RunPlan load(Round round) {
    ConfirmedPeopleCheck people = mapper.peopleCheck(round.id()).orElse(null);
    Double celsius = people == null ? null : people.celsius();
    return new RunPlan(
        mapper.planned(round.id()),
        round.seal(),
        celsius == null ? round.longestShut() : SealTime.longestShut(celsius),
        lineUps.tools(round),
        RunPlan.USUAL_OPEN_FIRST_AFTER,
        lineUps.pace(round.id()));
  }
}
