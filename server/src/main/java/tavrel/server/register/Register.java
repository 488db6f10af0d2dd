package tavrel.server.register;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Hive;
import tavrel.core.life.HiveLife;
import tavrel.core.life.Kinship;
import tavrel.core.life.Stay;
import tavrel.core.register.CorrectedEntry;
import tavrel.core.register.Correction;
import tavrel.core.register.EntryField;
import tavrel.core.register.HoneyWait;
import tavrel.core.register.YearCount;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.run.Treatment;
import tavrel.core.weather.HourlyWeather;
import tavrel.server.apiary.Apiaries;
import tavrel.server.hive.HiveAt;
import tavrel.server.hive.HiveStays;
import tavrel.server.hive.Hives;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.rulesheet.RuleSheets;
import tavrel.server.words.FactJson;

/** What was done: drawn from the run logs, or typed; put right visibly; kept for the inspector. */
@Service
public class Register {

  private final RegisterMapper mapper;
  private final InHiveMapper inHives;
  private final RuleSheets ruleSheets;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final HiveStays stays;
  private final Clock clock;

  Register(
      RegisterMapper mapper,
      InHiveMapper inHives,
      RuleSheets ruleSheets,
      Apiaries apiaries,
      Hives allHives,
      HiveStays stays,
      Clock clock) {
    this.mapper = mapper;
    this.inHives = inHives;
    this.ruleSheets = ruleSheets;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.stays = stays;
    this.clock = clock;
  }

  /**
   * Where a hive stands in a year.
   *
   * @param hiveId the hive
   * @param hive its name
   * @param ruleSheet the sheet of its latest treatment, by which it is counted
   * @param oxalic its treatments with oxalic acid in the year
   * @param says the same in words
   * @param over whether there are more than the sheet allows
   * @param others its other treatments in the year
   * @param lastDay day of its latest treatment
   * @param honey when supers may go back
   */
  public record HiveStanding(
      UUID hiveId,
      String hive,
      @Nullable String ruleSheet,
      YearCount oxalic,
      Fact says,
      boolean over,
      int others,
      @Nullable LocalDate lastDay,
      HoneyWait honey) {}

  /**
   * A correction to write.
   *
   * @param id made on the device
   * @param field what to put right
   * @param was what the person saw there
   * @param becomes what holds from now on
   * @param why the reason
   */
  public record NewCorrection(UUID id, EntryField field, String was, String becomes, String why) {}

  /** An apiary's hives with what they were given in a year, and their wait for honey. */
  public List<HiveStanding> standing(UUID apiaryId, int year) {
    List<Hive> hives = allHives.in(apiaryId);
    if (hives.isEmpty()) {
      return List.of();
    }
    Kinship kinship = stays.kinship();
    Map<UUID, List<RegisterMapper.GivenLine>> byHive =
        mapper
            .given(
                kinship.withKin(hives.stream().map(Hive::id).toList()),
                LocalDate.of(year - 1, 1, 1),
                LocalDate.of(year, 12, 31))
            .stream()
            .collect(Collectors.groupingBy(RegisterMapper.GivenLine::hiveId));
    List<HiveStanding> standing = new ArrayList<>();
    for (Hive hive : hives) {
      List<RegisterMapper.GivenLine> given =
          kinship.all(
              hive.id(), id -> byHive.getOrDefault(id, List.of()), RegisterMapper.GivenLine::day);
      List<RegisterMapper.GivenLine> clinging =
          kinship.clinging(
              hive.id(), id -> byHive.getOrDefault(id, List.of()), RegisterMapper.GivenLine::day);
      if (!clinging.isEmpty()) {
        int oxalic =
            (int)
                kinship
                    .days(hive.id(), id -> oxalicDays(byHive.getOrDefault(id, List.of())))
                    .stream()
                    .filter(day -> day.getYear() == year)
                    .count();
        standing.add(standing(hive, given, clinging, oxalic, year));
      }
    }
    return List.copyOf(standing);
  }

  private static List<LocalDate> oxalicDays(List<RegisterMapper.GivenLine> given) {
    return given.stream()
        .filter(each -> each.means().oxalic())
        .map(RegisterMapper.GivenLine::day)
        .toList();
  }

  private HiveStanding standing(
      Hive hive,
      List<RegisterMapper.GivenLine> given,
      List<RegisterMapper.GivenLine> clinging,
      int oxalic,
      int year) {
    RegisterMapper.GivenLine last = given.isEmpty() ? null : given.get(given.size() - 1);
    RuleSheet sheet =
        last == null || last.ruleSheetId() == null
            ? null
            : ruleSheets.find(last.ruleSheetId()).orElse(null);
    int others =
        (int)
            given.stream()
                .filter(each -> each.day().getYear() == year && !each.means().oxalic())
                .count();
    YearCount count = new YearCount(oxalic, sheet == null ? null : sheet.maxRoundsPerYear());
    return new HiveStanding(
        hive.id(),
        hive.name(),
        sheet == null ? null : sheet.name(),
        count,
        count.told(),
        count.over(),
        others,
        last == null ? null : last.day(),
        HoneyWait.after(
            clinging.stream()
                .map(each -> new HoneyWait.Given(each.day(), each.waitingDays()))
                .toList()));
  }

  /**
   * Puts a hive's line into the register as its log now tells it, or takes it out where the log
   * tells of no treatment. What somebody put right in it stays.
   *
   * @param planned the hive's line on the dose sheet
   * @param peopleInRound how many worked in the round
   * @param zone the apiary's zone
   * @param weather at the start of the first burn, if known
   * @param weatherFrom where it came from
   * @param madeUp whether that weather is made up
   */
  @Transactional
  public void draw(
      RoundLine planned,
      Optional<Treatment> treatment,
      int peopleInRound,
      ZoneId zone,
      @Nullable HourlyWeather weather,
      @Nullable Fact weatherFrom,
      boolean madeUp) {
    UUID roundId = planned.roundId();
    UUID hiveId = planned.hiveId();
    UUID id = mapper.idOf(roundId, hiveId).orElse(null);
    RecordedLine before = id == null ? null : mapper.byId(id).orElseThrow();
    if (treatment.isEmpty()) {
      if (before != null) {
        takeOut(before, peopleInRound);
      }
      return;
    }
    Treatment line = treatment.get();
    LocalDate day = LocalDate.ofInstant(line.startedAt(), zone);
    String people = String.join(", ", line.people());
    String remarks = remarks(line.remarks());
    if (id == null) {
      mapper.add(
          planned, day, line, people, remarks, weather, weatherFrom, madeUp, clock.instant());
    } else {
      mapper.redraw(id, day, line, people, remarks, weather, weatherFrom, madeUp);
      settle(id);
    }
    if (before != null && before.day().getYear() != day.getYear()) {
      mapper.tally(hiveId, before.day().getYear());
    }
    mapper.idOf(roundId, hiveId).ifPresent(mapper::markSpecial);
    mapper.tally(hiveId, day.getYear());
    mapper.tallyRound(roundId, peopleInRound);
  }

  private void takeOut(RecordedLine line, int peopleInRound) {
    if (line.corrected()) {
      mapper.empty(line.id());
    } else {
      mapper.forgetSpecial(line.id());
      mapper.remove(line.id());
    }
    mapper.tally(line.hiveId(), line.day().getYear());
    mapper.tallyRound(Objects.requireNonNull(line.roundId()), peopleInRound);
  }

  /** The latest line of a hive. */
  public Optional<UUID> latestOf(UUID hiveId) {
    return mapper.latestOf(hiveId);
  }

  /**
   * Writes a correction beside a line. The same id twice is the same correction.
   *
   * @throws Problem 404 if there is no such line; 409 if something else holds by now than the
   *     person saw
   * @throws InvalidValue if the field cannot hold the new value or no reason is given
   */
  @Transactional
  public void correct(UUID treatmentId, NewCorrection wanted, Account who) {
    if (mapper.lock(treatmentId).isEmpty()) {
      throw Problem.missing(Missing.LINE);
    }
    RecordedLine line = mapper.byId(treatmentId).orElseThrow();
    List<Correction> before = mapper.corrections(treatmentId);
    if (mapper.holds(wanted.id()) == 0) {
      Correction next =
          new Correction(
              wanted.id(),
              wanted.field(),
              wanted.was(),
              wanted.becomes(),
              wanted.why(),
              who.name(),
              clock.instant());
      new CorrectedEntry(line.fields(), before)
          .refusal(next)
          .ifPresent(
              says -> {
                throw Problem.conflict(Fact.of("refused.lineLeft").fact("why", says));
              });
      mapper.correct(treatmentId, before.size() + 1, next, who.id());
      settle(treatmentId);
      mapper.markSpecial(treatmentId);
      mapper.tally(line.hiveId(), line.day().getYear());
      if (line.roundId() != null) {
        mapper.tallyRound(line.roundId(), null);
      }
    }
  }

  private void settle(UUID id) {
    List<Correction> corrections = mapper.corrections(id);
    if (!corrections.isEmpty()) {
      CorrectedEntry standing =
          new CorrectedEntry(mapper.byId(id).orElseThrow().fields(), corrections);
      mapper.settle(id, standing.acid(), standing.holds(EntryField.LOT), standing.stands());
    }
  }

  /**
   * Writes treatments that were not run here into the register, all or none. The same ids twice are
   * the same treatments.
   *
   * @throws InvalidValue if the day lies in the future
   * @throws Problem 404 if a hive is not there
   */
  @Transactional
  public void add(NewTreatment typed, Account who) {
    Map<UUID, HiveAt> standing = allHives.at(typed.hives().keySet());
    Map<UUID, HiveLife> lives = stays.of(typed.hives().keySet());
    Set<UUID> there = Set.copyOf(mapper.there(typed.hives().values()));
    typed
        .hives()
        .forEach(
            (hiveId, id) -> {
              HiveAt hive = Objects.requireNonNull(standing.get(hiveId));
              checkDay(typed.day(), hive);
              if (!there.contains(id)) {
                UUID apiaryId =
                    Objects.requireNonNull(lives.get(hiveId))
                        .on(typed.day())
                        .map(Stay::apiaryId)
                        .orElseGet(hive.apiary()::id);
                mapper.addTyped(id, hive.hive(), apiaryId, typed, who, clock.instant());
                if (typed.outBy() != null) {
                  inHives.add(id, typed.outBy());
                }
                mapper.markSpecial(id);
                mapper.tally(hiveId, typed.day().getYear());
              }
            });
  }

  private void checkDay(LocalDate day, HiveAt hive) {
    LocalDate today = apiaries.today(hive.apiary());
    hive.refuseOutside("day", day);
    if (day.isAfter(today)) {
      throw new InvalidValue(
          "day", "liesFutureRegisterTells", "lies in the future; the register tells what was done");
    }
    if (day.isBefore(today.minusYears(20))) {
      throw new InvalidValue("day", "liesMoreThanYears", "lies more than 20 years back");
    }
  }

  /** Remarks as they are kept: none, or facts; what is typed later may take their place. */
  private static String remarks(List<Fact> remarks) {
    return remarks.isEmpty()
        ? ""
        : FactJson.write(Fact.of("treatment.remarks").facts("remarks", remarks));
  }
}
