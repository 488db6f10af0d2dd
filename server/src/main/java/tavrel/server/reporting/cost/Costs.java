package tavrel.server.reporting.cost;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.Fact;
import tavrel.core.pace.PaceTimes;
import tavrel.core.seasonplan.Roads;
import tavrel.core.stock.AcidBook;
import tavrel.core.stock.RoundCost;
import tavrel.core.weather.Place;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.outfit.Depot;
import tavrel.server.pace.PaceService;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.run.WorkHours;
import tavrel.server.seasonplan.Crews;
import tavrel.server.stock.Stock;

/** What rounds cost. */
@Service
class Costs {

  private final CostMapper mapper;
  private final Stock stock;
  private final PaceService paceService;
  private final Apiaries apiaries;
  private final Crews crews;
  private final WorkHours workHours;
  private final OwnParameters figures;

  Costs(
      CostMapper mapper,
      Stock stock,
      PaceService paceService,
      Apiaries apiaries,
      Crews crews,
      WorkHours workHours,
      OwnParameters figures) {
    this.mapper = mapper;
    this.stock = stock;
    this.paceService = paceService;
    this.apiaries = apiaries;
    this.crews = crews;
    this.workHours = workHours;
    this.figures = figures;
  }

  /**
   * A round with what it cost.
   *
   * @param roundId the round
   * @param apiaryId where
   * @param apiary its name
   * @param day when
   * @param hives treated
   * @param burns loads burned
   * @param productGrams burned, g of product
   * @param hours worked there, of all people together, h
   * @param cost what is known of it
   * @param known all that is known together
   */
  record CostedRound(
      UUID roundId,
      UUID apiaryId,
      String apiary,
      LocalDate day,
      int hives,
      int burns,
      double productGrams,
      double hours,
      RoundCost cost,
      double known) {}

  /**
   * An apiary's rounds of a year together.
   *
   * @param apiaryId which; null for all apiaries
   * @param apiary its name; empty for all apiaries
   * @param rounds how many
   * @param treatments hives treated, each time
   * @param cost together
   * @param known together
   * @param perTreatment known cost of a hive treated once
   */
  record CostedApiary(
      @Nullable UUID apiaryId,
      String apiary,
      int rounds,
      int treatments,
      RoundCost cost,
      double known,
      double perTreatment) {}

  /**
   * A year.
   *
   * @param year which
   * @param all everything together
   * @param apiaries by name
   * @param rounds latest first
   * @param leftOut what is in no figure
   */
  record CostedYear(
      int year,
      CostedApiary all,
      List<CostedApiary> apiaries,
      List<CostedRound> rounds,
      List<Fact> leftOut) {}

  /**
   * A hive's part of its apiary's rounds of a year.
   *
   * @param hiveId the hive
   * @param hive its name, as last written in the register
   * @param treatments how many
   * @param productGrams burned, g of product
   * @param cost its part
   * @param known of it together
   */
  record CostedHive(
      UUID hiveId,
      String hive,
      int treatments,
      double productGrams,
      RoundCost cost,
      double known) {}

  CostedYear year(int year) {
    List<CostedRound> rounds = rounds(year);
    Map<UUID, List<CostedRound>> byApiary =
        rounds.stream()
            .collect(
                Collectors.groupingBy(
                    CostedRound::apiaryId, LinkedHashMap::new, Collectors.toList()));
    return new CostedYear(
        year,
        together(null, "", rounds),
        byApiary.values().stream()
            .map(own -> together(own.get(0).apiaryId(), own.get(0).apiary(), own))
            .sorted(Comparator.comparing(CostedApiary::apiary))
            .toList(),
        rounds,
        leftOut(rounds));
  }

  /** What each hive of an apiary cost in a year, in walking order. */
  List<CostedHive> hives(UUID apiaryId, int year) {
    Apiary apiary = apiaries.byId(apiaryId);
    Map<UUID, CostedRound> rounds =
        rounds(year).stream().collect(Collectors.toMap(CostedRound::roundId, Function.identity()));
    Map<UUID, CostedHive> hives = new LinkedHashMap<>();
    for (CostMapper.HiveDone done :
        mapper.hivesDone(apiary.id(), LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31))) {
      CostedRound round = Objects.requireNonNull(rounds.get(done.roundId()));
      RoundCost part =
          round
              .cost()
              .ofHive(
                  share(done.productGrams(), round.productGrams()),
                  share(done.loads(), round.burns()),
                  round.hives());
      hives.merge(
          done.hiveId(),
          new CostedHive(done.hiveId(), done.hive(), 1, done.productGrams(), part, part.known()),
          Costs::together);
    }
    return List.copyOf(hives.values());
  }

  private static CostedHive together(CostedHive latest, CostedHive earlier) {
    RoundCost cost = latest.cost().plus(earlier.cost());
    return new CostedHive(
        latest.hiveId(),
        latest.hive(),
        latest.treatments() + earlier.treatments(),
        latest.productGrams() + earlier.productGrams(),
        cost,
        cost.known());
  }

  private static double share(double part, double whole) {
    return whole == 0 ? 0 : part / whole;
  }

  private List<CostedRound> rounds(int year) {
    AcidBook book = stock.book();
    Map<UUID, List<AcidBook.Drawn>> drawn = new HashMap<>();
    for (AcidBook.Drawn each : book.draws()) {
      drawn.computeIfAbsent(each.draw().roundId(), id -> new ArrayList<>()).add(each);
    }
    Map<String, Double> own = figures.own();
    PaceTimes usual = paceService.usual().times();
    double besides = (usual.setUp() + usual.clearAway()) / 3_600.0;
    List<CostMapper.Done> all = mapper.done(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31));
    Map<UUID, Double> driven = driven(all, own);
    WorkHours.Halts halts = workHours.between(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31));
    Map<UUID, List<RoundCost.Burned>> byTool = byTool(year);
    List<CostedRound> rounds = new ArrayList<>();
    for (CostMapper.Done done : all) {
      double there = halts.hours(done.roundId(), done.began(), done.ended()) + besides;
      int people = Math.max(1, done.people());
      RoundCost cost =
          RoundCost.of(
              acid(drawn.getOrDefault(done.roundId(), List.of())),
              there,
              people,
              byTool.getOrDefault(
                  done.roundId(), List.of(new RoundCost.Burned(done.burns(), done.toolPrice()))),
              driven.get(done.roundId()),
              own);
      rounds.add(
          new CostedRound(
              done.roundId(),
              done.apiaryId(),
              done.apiary(),
              done.day(),
              done.hives(),
              done.burns(),
              done.productGrams(),
              there * people,
              cost,
              cost.known()));
    }
    return rounds;
  }

  /** Burns by tool where several tools shared a round. */
  private Map<UUID, List<RoundCost.Burned>> byTool(int year) {
    return mapper.burnedBy(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31)).stream()
        .collect(
            Collectors.groupingBy(
                CostMapper.BurnedBy::roundId,
                Collectors.mapping(
                    each -> new RoundCost.Burned(each.burns(), each.price()),
                    Collectors.toList())));
  }

  /**
   * Kilometres by round: each day one drive from the depot to all its apiaries and back, shared
   * alike. Without a depot there are none, nor for an apiary whose place is not known.
   */
  private Map<UUID, Double> driven(List<CostMapper.Done> rounds, Map<String, Double> own) {
    Depot depot = crews.depot().orElse(null);
    if (depot == null) {
      return Map.of();
    }
    Roads roads = Roads.of(own, crews.ways());
    Map<UUID, Place> places = new HashMap<>();
    for (Apiary apiary : apiaries.all()) {
      places.put(apiary.id(), apiary.place());
    }
    Map<LocalDate, List<CostMapper.Done>> byDay =
        rounds.stream()
            .filter(done -> places.get(done.apiaryId()) != null)
            .collect(Collectors.groupingBy(CostMapper.Done::day));
    Map<UUID, Double> driven = new HashMap<>();
    for (List<CostMapper.Done> day : byDay.values()) {
      Map<UUID, Place> stops = new HashMap<>();
      day.forEach(done -> stops.put(done.apiaryId(), places.get(done.apiaryId())));
      double share = roads.tourKm(Depot.ID, depot.place(), stops) / day.size();
      day.forEach(done -> driven.put(done.roundId(), share));
    }
    return driven;
  }

  /** Costs of what a round drew, or null where one of them is not known. */
  private static @Nullable Double acid(List<AcidBook.Drawn> drawn) {
    double sum = 0;
    for (AcidBook.Drawn each : drawn) {
      if (each.cost() == null) {
        return null;
      }
      sum += each.cost();
    }
    return drawn.isEmpty() ? null : sum;
  }

  private static CostedApiary together(
      @Nullable UUID apiaryId, String name, List<CostedRound> rounds) {
    RoundCost cost = new RoundCost(null, null, null, null);
    int treatments = 0;
    for (CostedRound round : rounds) {
      cost = cost.plus(round.cost());
      treatments += round.hives();
    }
    return new CostedApiary(
        apiaryId,
        name,
        rounds.size(),
        treatments,
        cost,
        cost.known(),
        treatments == 0 ? 0 : cost.known() / treatments);
  }

  private static List<Fact> leftOut(List<CostedRound> rounds) {
    List<Fact> says = new ArrayList<>();
    long noAcid = rounds.stream().filter(round -> round.cost().acid() == null).count();
    if (noAcid > 0) {
      says.add(Fact.of("cost.noAcid").count("rounds", noAcid, "round"));
    }
    if (rounds.stream().anyMatch(round -> round.cost().work() == null)) {
      says.add(Fact.of("cost.noWork"));
    }
    long noWear = rounds.stream().filter(round -> round.cost().wear() == null).count();
    if (noWear > 0) {
      says.add(Fact.of("cost.noWear").count("rounds", noWear, "round"));
    }
    if (rounds.stream().anyMatch(round -> round.cost().driving() == null)) {
      says.add(Fact.of("cost.noDriving"));
    }
    says.add(Fact.of("cost.notCounted"));
    return says;
  }
}
