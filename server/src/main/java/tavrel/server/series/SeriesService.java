package tavrel.server.series;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Hive;
import tavrel.core.rulesheet.Judgement;
import tavrel.core.spacing.RoundState;
import tavrel.core.spacing.Schedule;
import tavrel.core.spacing.SeriesDays;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.Hives;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.run.Rounds;
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

/** Series of rounds: adopted from the bench, followed round by round, re-spaced after a miss. */
@Service
public class SeriesService {

  private final SeriesMapper mapper;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final Rounds rounds;
  private final SeriesJudge judge;
  private final SeriesBasis seriesBasis;
  private final Clock clock;
  private final KeptWhileUnchanged<Instant, List<Series>> goingOn;

  SeriesService(
      SeriesMapper mapper,
      Apiaries apiaries,
      Hives allHives,
      Rounds rounds,
      SeriesJudge judge,
      SeriesBasis seriesBasis,
      Changes changes,
      Clock clock) {
    goingOn =
        new KeptWhileUnchanged<>(
            changes,
            minute -> mapper.open(null).stream().map(this::whole).toList(),
            "series",
            "run",
            "hive",
            "apiary");
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.rounds = rounds;
    this.judge = judge;
    this.seriesBasis = seriesBasis;
    this.clock = clock;
  }

  /** Series that go on, of one apiary or all. */
  public List<Series> open(@Nullable UUID apiaryId) {
    return apiaryId != null
        ? mapper.open(apiaryId).stream().map(this::whole).toList()
        : goingOn.of(clock.instant().truncatedTo(ChronoUnit.MINUTES));
  }

  /** One series. */
  Series byId(UUID id) {
    return whole(kept(id));
  }

  /**
   * Adopts a series. The same id again changes nothing.
   *
   * @throws InvalidValue if a day lies in the past, a hive is unknown, or off-label days have no
   *     reason
   * @throws Problem 409 if a hive is in another open series
   */
  @Transactional
  public Series adopt(UUID id, NewSeries wanted, Account who) {
    if (mapper.byId(id).isPresent()) {
      return byId(id);
    }
    Apiary apiary = apiaries.byId(wanted.apiaryId());
    LocalDate today = apiaries.today(apiary);
    new Schedule(wanted.days()).within(today, today.plusDays(SeriesDays.AHEAD));
    refuseStrangers(wanted, apiary);
    refuseTaken(wanted, apiary);
    Judgement worst =
        judge
            .of(apiary, wanted.hiveIds(), wanted.bench().ruleSheetId(), others(apiary.id(), id))
            .on(wanted.days(), wanted.offLabelReason());
    boolean off = SeriesJudge.isOff(worst);
    mapper.add(
        new SeriesMapper.Kept(
            id,
            apiary.id(),
            wanted.name(),
            wanted.bench().ruleSheetId(),
            wanted.bench().gramsPerBox(),
            wanted.tool(),
            off ? wanted.offLabelReason() : null,
            worst == null ? null : worst.verdict(),
            Judgement.decidedBy(worst),
            wanted.benchHiveId(),
            seriesBasis.write(wanted.bench()),
            today,
            who.name(),
            null),
        clock.instant());
    wanted.hiveIds().stream().distinct().forEach(hive -> mapper.addHive(id, hive));
    for (int i = 0; i < wanted.days().size(); i++) {
      mapper.addRound(id, i + 1, wanted.days().get(i));
    }
    return byId(id);
  }

  /**
   * A series as the season plan agreed it.
   *
   * @param id key; that of a series that goes on, or a new one
   * @param apiaryId where
   * @param name what the keeper calls it
   * @param ruleSheetId the sheet to judge it by, or null
   * @param gramsPerBox acid dihydrate a box, g
   * @param tool the tool's name
   * @param offLabelReason why, where its days are not on the label; otherwise null
   * @param rounds how many it has
   * @param wantedGap wanted days between them
   * @param days by number; rounds that found no day are missing
   */
  public record Agreed(
      UUID id,
      UUID apiaryId,
      String name,
      @Nullable UUID ruleSheetId,
      double gramsPerBox,
      String tool,
      @Nullable String offLabelReason,
      int rounds,
      int wantedGap,
      Map<Integer, LocalDate> days) {}

  /** Whether there was such a series and it was ended. */
  public boolean isEnded(UUID id) {
    return mapper.byId(id).filter(kept -> kept.endedAt() != null).isPresent();
  }

  /**
   * Refuses days that are not on the label of any hive of an apiary, where no reason is given.
   *
   * @param own id of the series that they are of; the others' days count beside them
   * @throws InvalidValue naming the line of the sheet that says so
   */
  public void refuseOffLabel(
      Apiary apiary,
      UUID own,
      @Nullable UUID ruleSheetId,
      List<LocalDate> days,
      @Nullable String offLabelReason) {
    List<UUID> hives = allHives.in(apiary.id()).stream().map(Hive::id).toList();
    judge.of(apiary, hives, ruleSheetId, others(apiary.id(), own)).on(days, offLabelReason);
  }

  /**
   * Takes over what the season plan agreed: moves the rounds to come of a series that goes on, or
   * begins a new one with all hives of its apiary that are in no other at that time. A round
   * without a day is left out.
   *
   * @throws InvalidValue if the days are not on the label and no reason is given
   * @throws Problem 409 if every hive is in another series at that time
   */
  @Transactional
  public void agree(Agreed agreed, Account who) {
    Apiary apiary = apiaries.byId(agreed.apiaryId());
    List<LocalDate> days = agreed.days().values().stream().sorted().toList();
    if (mapper.byId(agreed.id()).isEmpty()) {
      begin(agreed, apiary, days, who);
      return;
    }
    Series going = byId(agreed.id());
    place(going, going.days().agreed(agreed.days()), agreed.offLabelReason());
  }

  /** Hives that are in another series whose rounds meet those days. */
  private Set<UUID> takenBetween(UUID apiaryId, LocalDate from, LocalDate to) {
    Set<UUID> taken = new HashSet<>();
    for (Series each : open(apiaryId)) {
      List<LocalDate> toCome = each.days().undone();
      if (!toCome.isEmpty()
          && !toCome.get(0).isAfter(to)
          && !toCome.get(toCome.size() - 1).isBefore(from)) {
        taken.addAll(each.hiveIds());
      }
    }
    return taken;
  }

  private void begin(Agreed agreed, Apiary apiary, List<LocalDate> days, Account who) {
    Set<UUID> taken = takenBetween(apiary.id(), days.get(0), days.get(days.size() - 1));
    List<UUID> hives =
        allHives.in(apiary.id()).stream()
            .map(Hive::id)
            .filter(hive -> !taken.contains(hive))
            .toList();
    if (hives.isEmpty()) {
      throw Problem.conflict(Fact.of("refused.everyHiveTaken").text("apiary", apiary.name()));
    }
    Judgement judgement =
        judge
            .of(apiary, hives, agreed.ruleSheetId(), others(apiary.id(), agreed.id()))
            .on(days, agreed.offLabelReason());
    boolean off = SeriesJudge.isOff(judgement);
    mapper.add(
        new SeriesMapper.Kept(
            agreed.id(),
            apiary.id(),
            agreed.name(),
            agreed.ruleSheetId(),
            agreed.gramsPerBox(),
            agreed.tool(),
            off ? agreed.offLabelReason() : null,
            judgement == null ? null : judgement.verdict(),
            Judgement.decidedBy(judgement),
            null,
            null,
            apiaries.today(apiary),
            who.name(),
            null),
        clock.instant());
    hives.forEach(hive -> mapper.addHive(agreed.id(), hive));
    LocalDate before = days.get(0);
    for (int number = 1; number <= agreed.rounds(); number++) {
      LocalDate day = agreed.days().get(number);
      LocalDate wanted = number == 1 ? before : before.plusDays(agreed.wantedGap());
      mapper.addRound(agreed.id(), number, day == null ? wanted : day);
      if (day == null) {
        mapper.move(agreed.id(), number, wanted, true);
      }
      before = day == null ? wanted : day;
    }
  }

  /** Ends a series; rounds done stay in the register. */
  @Transactional
  public void end(UUID id) {
    kept(id);
    mapper.end(id, clock.instant());
  }

  /**
   * The days still to come of a series, as the keeper wants them.
   *
   * @param days ascending; none leaves all rounds to come out
   * @param offLabelReason why, where that is not on the label
   */
  record Rest(List<LocalDate> days, @Nullable String offLabelReason) {}

  /** The hives of a series held against its sheet, for other days to come. */
  public SeriesJudge.HivesHeld heldWithRest(Series series) {
    SeriesJudge.HivesHeld held = held(series);
    return rest -> held.on(series.days().daysWith(rest));
  }

  SeriesJudge.HivesHeld held(Series series) {
    return judge.of(
        apiaries.byId(series.apiaryId()),
        series.hiveIds(),
        series.ruleSheetId(),
        others(series.apiaryId(), series.id()));
  }

  /** Days to come of the other series of an apiary, by hive. */
  private Map<UUID, List<LocalDate>> others(UUID apiaryId, UUID seriesId) {
    Map<UUID, List<LocalDate>> others = new HashMap<>();
    for (Series each : open(apiaryId)) {
      if (!each.id().equals(seriesId)) {
        each.hiveIds()
            .forEach(
                hive ->
                    others.computeIfAbsent(hive, key -> new ArrayList<>()).addAll(each.toCome()));
      }
    }
    return others;
  }

  /**
   * Gives a series other days to come. The same again changes nothing.
   *
   * @throws InvalidValue if a day is past, stands before a round done, or is off the label without
   *     a reason
   */
  @Transactional
  public Series replan(UUID id, Rest rest) {
    Series series = byId(id);
    return place(series, series.days().withRest(rest.days()), rest.offLabelReason());
  }

  /** Moves, leaves out and adds rounds, and keeps what the sheet says of all days then. */
  Series place(Series series, List<SeriesDays.Placed> placed, @Nullable String offLabelReason) {
    int last = series.rounds().size();
    for (SeriesDays.Placed round : placed) {
      if (round.number() > last) {
        mapper.addRound(series.id(), round.number(), round.day());
      } else {
        mapper.move(series.id(), round.number(), round.day(), round.leftOut());
      }
    }
    Series now = byId(series.id());
    Judgement judgement = held(now).on(now.days().days(), offLabelReason);
    mapper.judge(
        series.id(),
        judgement == null ? null : judgement.verdict(),
        Judgement.decidedBy(judgement),
        offLabelReason);
    return byId(series.id());
  }

  private void refuseStrangers(NewSeries wanted, Apiary apiary) {
    Set<UUID> here = allHives.in(apiary.id()).stream().map(Hive::id).collect(Collectors.toSet());
    if (!here.containsAll(wanted.hiveIds()) || !here.contains(wanted.benchHiveId())) {
      throw new InvalidValue(
          "hiveIds",
          "namesHiveDoesNot",
          "names a hive that does not stand in {apiary}",
          apiary.name());
    }
  }

  private void refuseTaken(NewSeries wanted, Apiary apiary) {
    List<String> taken =
        mapper.taken(apiary.id()).stream()
            .filter(each -> wanted.hiveIds().contains(each.hiveId()))
            .map(each -> allHives.byId(each.hiveId()).name() + " (" + each.series() + ")")
            .toList();
    if (!taken.isEmpty()) {
      throw Problem.conflict(
          Fact.of("refused.inAnotherSeries").text("hives", String.join(", ", taken)));
    }
  }

  Series whole(SeriesMapper.Kept kept) {
    Apiary apiary = apiaries.byId(kept.apiaryId());
    LocalDate today = apiaries.today(apiary);
    Map<Integer, Rounds.InSeries> planned = new HashMap<>();
    rounds.inSeries(kept.id()).forEach(round -> planned.put(round.number(), round));
    return new Series(
        kept.id(),
        kept.apiaryId(),
        apiary.name(),
        kept.name(),
        kept.ruleSheetId(),
        kept.gramsPerBox(),
        kept.tool(),
        kept.verdict(),
        kept.labelSays(),
        kept.offLabelReason(),
        kept.adoptedOn(),
        kept.adoptedBy(),
        hivesOf(kept),
        mapper.rounds(kept.id()).stream()
            .map(round -> stands(round, planned.get(round.number()), today))
            .toList(),
        today);
  }

  private List<Series.SeriesHive> hivesOf(SeriesMapper.Kept kept) {
    Set<UUID> own = mapper.hiveIds(kept.id());
    return allHives.in(kept.apiaryId()).stream()
        .filter(hive -> own.contains(hive.id()))
        .map(hive -> new Series.SeriesHive(hive.id(), hive.name()))
        .toList();
  }

  private static Series.SeriesRound stands(
      SeriesMapper.KeptRound round, Rounds.@Nullable InSeries planned, LocalDate today) {
    RoundState state =
        planned == null
            ? RoundState.unplanned(round.day(), round.leftOut(), today)
            : planned.finished() ? RoundState.DONE : RoundState.OPEN;
    return new Series.SeriesRound(
        round.number(),
        planned == null ? round.day() : planned.day(),
        round.firstDay(),
        state,
        planned == null ? null : planned.id());
  }

  SeriesMapper.Kept kept(UUID id) {
    return mapper.byId(id).orElseThrow(() -> Problem.missing(Missing.SERIES));
  }
}
