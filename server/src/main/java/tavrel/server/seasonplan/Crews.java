package tavrel.server.seasonplan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HashMap;
import java.util.HashSet;
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
import tavrel.core.InvalidValue;
import tavrel.core.burn.BurnFit;
import tavrel.core.burn.Tool;
import tavrel.core.hive.Hive;
import tavrel.core.pace.Crew;
import tavrel.core.pace.PaceTimes;
import tavrel.core.pace.RunLength;
import tavrel.core.pace.ToolAtWork;
import tavrel.core.pace.UsualWork;
import tavrel.core.ready.YardWork;
import tavrel.core.seasonplan.RoadCrew;
import tavrel.core.seasonplan.Roads;
import tavrel.core.weather.Place;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiary.PlaceZones;
import tavrel.server.gear.GearService;
import tavrel.server.hive.Hives;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.outfit.Depot;
import tavrel.server.outfit.Depots;
import tavrel.server.pace.PaceService;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.people.Account;
import tavrel.server.people.Accounts;

/** The depot, the crews, their tools and the ways that somebody drove. */
@Service
public class Crews {

  private record Length(List<Hive> hives, List<ToolAtWork> tools, UsualWork work) {}

  private final CrewMapper mapper;
  private final Depots depots;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final PlaceZones zones;
  private final GearService gearService;
  private final PaceService paceService;
  private final OwnParameters figures;
  private final Accounts accounts;
  private final SecureRandom random = new SecureRandom();
  private final Cache<Length, Integer> lengths = Caffeine.newBuilder().maximumSize(1_000).build();

  Crews(
      CrewMapper mapper,
      Depots depots,
      Apiaries apiaries,
      Hives allHives,
      PlaceZones zones,
      GearService gearService,
      PaceService paceService,
      OwnParameters figures,
      Accounts accounts) {
    this.mapper = mapper;
    this.depots = depots;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.zones = zones;
    this.gearService = gearService;
    this.paceService = paceService;
    this.figures = figures;
    this.accounts = accounts;
  }

  /** Where crews start and end, if anybody has said so. */
  public Optional<Depot> depot() {
    return depots.depot();
  }

  /**
   * Keeps it.
   *
   * @throws InvalidValue if it cannot be, or its zone is neither said nor told by its place
   */
  @Transactional
  public void keep(DescribedDepot described) {
    Depot kept = depots.depot().orElse(null);
    Place place = new Place(described.latitude(), described.longitude());
    String zone = described.zone();
    if (zone == null && kept != null && kept.place().equals(place)) {
      zone = kept.zone();
    }
    keep(
        new Depot(
            described.name(),
            described.latitude(),
            described.longitude(),
            zone == null ? zones.toldBy(place) : zone));
  }

  /**
   * What somebody says of the depot.
   *
   * @param name what the outfit calls it
   * @param latitude degrees, north positive
   * @param longitude degrees, east positive
   * @param zone the time zone in which crews' hours are told, or null to find it from its place
   */
  public record DescribedDepot(
      String name, double latitude, double longitude, @Nullable String zone) {}

  /** Keeps the depot. */
  @Transactional
  public void keep(Depot depot) {
    depots.keep(depot);
  }

  /** The crews in their order. */
  public List<OutfitCrew> all() {
    Map<UUID, List<UUID>> members =
        mapper.members().stream()
            .collect(
                Collectors.groupingBy(
                    CrewMapper.Member::crewId,
                    Collectors.mapping(CrewMapper.Member::accountId, Collectors.toList())));
    return mapper.crews().stream()
        .map(
            crew ->
                crew.with(
                    mapper.tools(crew.id()),
                    mapper.off(crew.id()),
                    members.getOrDefault(crew.id(), List.of())))
        .toList();
  }

  /**
   * Keeps a crew.
   *
   * @throws InvalidValue if its name is taken, a tool or a person is unknown, or none of its tools
   *     was timed
   */
  @Transactional
  public void keep(OutfitCrew crew) {
    for (OutfitCrew other : all()) {
      if (!other.id().equals(crew.id()) && other.name().equalsIgnoreCase(crew.name())) {
        throw new InvalidValue("name", "takenByAnotherCrew", "is taken by another crew");
      }
    }
    for (UUID id : crew.toolIds()) {
      Tool tool = gearService.tool(id);
      if (crew.minutesPerHive() == null && gearService.fit(tool).basis() == BurnFit.Basis.NOTHING) {
        throw new InvalidValue(
            "toolIds",
            "includeWhoseBurnTime2",
            "include {tool}, whose burn time nobody knows; time a test burn, or say minutes a hive",
            tool.name());
      }
    }
    Set<UUID> people = accounts.all().stream().map(Account::id).collect(Collectors.toSet());
    if (!people.containsAll(crew.memberIds())) {
      throw new InvalidValue(
          "memberIds", "notOfTheOutfit", "names somebody who is not of this outfit");
    }
    mapper.keepCrew(crew, crew.leavesFrom().toString(), crew.backBy().toString());
    mapper.forgetTools(crew.id());
    for (int i = 0; i < crew.toolIds().size(); i++) {
      mapper.addTool(crew.id(), crew.toolIds().get(i), i);
    }
    mapper.forgetOff(crew.id());
    crew.off().forEach(day -> mapper.addOff(crew.id(), day));
    mapper.forgetMembers(crew.id());
    crew.memberIds().forEach(person -> mapper.addMember(crew.id(), person));
  }

  /** Takes a crew off the road; what it did stays. */
  @Transactional
  public void retire(UUID id) {
    if (mapper.retire(id) == 0) {
      throw Problem.missing(Missing.CREW);
    }
  }

  /** Ways that somebody drove. */
  public List<Roads.Measured> ways() {
    return mapper.ways();
  }

  /**
   * Keeps a way, whichever end is named first.
   *
   * @throws Problem 404 if an end is neither the depot nor an apiary
   */
  @Transactional
  public void keep(Roads.Measured way) {
    for (UUID end : List.of(way.one(), way.other())) {
      if (!end.equals(Depot.ID)) {
        apiaries.byId(end);
      }
    }
    mapper.forgetWay(way.one(), way.other());
    mapper.keepWay(way);
  }

  /** Forgets a way; it is reckoned again. */
  @Transactional
  public void forgetWay(UUID one, UUID other) {
    mapper.forgetWay(one, other);
  }

  /** The ways between all places. */
  Roads roads() {
    return Roads.of(figures.own(), mapper.ways());
  }

  /** Crews as the plan knows them, with how long each needs in each apiary. */
  List<RoadCrew> onTheRoad(List<OutfitCrew> crews, List<Apiary> yards) {
    Map<UUID, List<Hive>> hives = new HashMap<>();
    yards.forEach(yard -> hives.put(yard.id(), allHives.in(yard.id())));
    UsualWork usual = paceService.usual();
    return crews.stream()
        .map(
            crew -> {
              List<ToolAtWork> tools = atWork(crew);
              Map<UUID, Integer> minutes = new HashMap<>();
              hives.forEach((yard, there) -> minutes.put(yard, minutes(crew, tools, usual, there)));
              return new RoadCrew(
                  crew.id(),
                  crew.name(),
                  crew.leavesFrom(),
                  crew.backBy(),
                  crew.longestMinutes(),
                  new HashSet<>(crew.off()),
                  minutes);
            })
        .toList();
  }

  private int minutes(OutfitCrew crew, List<ToolAtWork> tools, UsualWork usual, List<Hive> hives) {
    if (hives.isEmpty()) {
      return 0;
    }
    if (tools.isEmpty()) {
      PaceTimes times = usual.times();
      double perHive = crew.minutesPerHive() == null ? 0 : crew.minutesPerHive();
      int fixed = times.setUp() + times.clearAway() + times.seal();
      return (int) Math.ceil(fixed / 60.0 + perHive * hives.size());
    }
    UsualWork work =
        new UsualWork(
            new Crew(crew.burners(), crew.helpers()),
            crew.cloths(),
            usual.caps(),
            usual.preparedAhead(),
            usual.times());
    return lengths.get(
        new Length(hives, tools, work),
        key ->
            (int)
                Math.ceil(
                    RunLength.best(
                                YardWork.asTheyStand(key.hives(), key.tools().get(0), key.work())
                                    .withTools(key.tools()))
                            .pace()
                            .finish()
                        / 60.0));
  }

  private List<ToolAtWork> atWork(OutfitCrew crew) {
    List<Tool> tools =
        crew.toolIds().stream()
            .map(gearService::tool)
            .filter(tool -> gearService.fit(tool).basis() != BurnFit.Basis.NOTHING)
            .toList();
    return tools.stream()
        .map(
            tool ->
                paceService.atWork(
                    tool,
                    (int)
                        tools.stream()
                            .filter(other -> Objects.equals(other.packId(), tool.packId()))
                            .count()))
        .toList();
  }

  /**
   * The key under which a crew's calendar may be read without signing in; made when first asked.
   */
  @Transactional
  public String calendarKey(UUID crewId) {
    if (mapper.crews().stream().noneMatch(crew -> crew.id().equals(crewId))) {
      throw Problem.missing(Missing.CREW);
    }
    String known = mapper.calendarKey(crewId);
    return known == null ? freshKey(crewId) : known;
  }

  /** A new key; whoever has the old one sees nothing more. */
  @Transactional
  public String freshKey(UUID crewId) {
    byte[] bytes = new byte[24];
    random.nextBytes(bytes);
    String key = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    mapper.keepCalendarKey(crewId, key);
    return key;
  }

  /** The crew whose calendar a key opens. */
  Optional<UUID> ofCalendar(String key) {
    return mapper.crewOfCalendar(key);
  }

  @Nullable OutfitCrew byId(UUID id) {
    return all().stream().filter(crew -> crew.id().equals(id)).findFirst().orElse(null);
  }
}
