package tavrel.server.stock;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.burn.Pack;
import tavrel.core.dose.BoxFactor;
import tavrel.core.dose.MediumBoxes;
import tavrel.core.hive.Hive;
import tavrel.core.stock.AcidBook;
import tavrel.core.stock.AcidBook.StockTake;
import tavrel.core.stock.AcidLot;
import tavrel.core.stock.AcidOrder;
import tavrel.core.stock.SupplyForecast;
import tavrel.core.stock.SupplyKind;
import tavrel.core.stock.SupplyShelf;
import tavrel.core.stock.SupplyShelf.Supply;
import tavrel.server.gear.GearNote;
import tavrel.server.gear.GearService;
import tavrel.server.hive.Hives;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.outfit.OutfitDay;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.people.Account;
import tavrel.server.register.RoundSums;
import tavrel.server.run.RoundsToCome;
import tavrel.server.run.WorkHours;
import tavrel.server.series.Series;
import tavrel.server.series.SeriesService;
import tavrel.server.upkeep.GearUpkeep;

/** Lots of acid and what else is used up: bought, drawn by burns, weighed, to be ordered. */
@Service
public class Stock {

  private final StockMapper mapper;
  private final SeriesService series;
  private final Hives allHives;
  private final RoundsToCome roundsToCome;
  private final RoundSums register;
  private final GearService gear;
  private final GearUpkeep upkeep;
  private final OwnParameters figures;
  private final WorkHours workHours;
  private final OutfitDay day;
  private final Clock clock;
  private final Cache<Boolean, List<Fact>> warnings =
      Caffeine.newBuilder().expireAfterWrite(Duration.ofMinutes(1)).build();

  Stock(
      StockMapper mapper,
      SeriesService series,
      Hives allHives,
      RoundsToCome roundsToCome,
      RoundSums register,
      GearService gear,
      GearUpkeep upkeep,
      OwnParameters figures,
      WorkHours workHours,
      OutfitDay day,
      Clock clock) {
    this.mapper = mapper;
    this.roundsToCome = roundsToCome;
    this.register = register;
    this.gear = gear;
    this.upkeep = upkeep;
    this.series = series;
    this.allHives = allHives;
    this.figures = figures;
    this.workHours = workHours;
    this.day = day;
    this.clock = clock;
  }

  /**
   * What is there and what will be needed.
   *
   * @param lots latest first
   * @param uncovered g of product burned that no lot on record could give
   * @param order what the rounds to come need, and what to order
   * @param toCome rounds to come that were reckoned with
   * @param shelves of everything beside the acid
   * @param supplies what was bought or counted of it, latest first
   * @param foretold pieces that the rounds to come will use up, estimates
   * @param charges packs that do not suffice for a day to come, in sentences
   */
  public record OnHand(
      List<AcidBook.LotState> lots,
      double uncovered,
      AcidOrder order,
      int toCome,
      List<SupplyShelf> shelves,
      List<Supply> supplies,
      List<SupplyForecast> foretold,
      List<Fact> charges) {}

  /** The book of all lots. */
  public AcidBook book() {
    return AcidBook.of(mapper.lots(), mapper.takes(), register.draws());
  }

  /** What is there and what will be needed. */
  public OnHand onHand() {
    AcidBook book = book();
    List<SupplyForecast.ToCome> toCome = toCome(book);
    List<Supply> supplies = mapper.supplies();
    Map<SupplyKind, List<LocalDate>> used =
        Map.of(
            SupplyKind.SEALS,
            changed(GearNote.Kind.SEALS_CHANGED),
            SupplyKind.FILTERS,
            changed(GearNote.Kind.FILTERS_CHANGED));
    List<AcidBook.LotState> lots = new ArrayList<>(book.lots());
    Collections.reverse(lots);
    List<Supply> latest = new ArrayList<>(supplies);
    Collections.reverse(latest);
    List<SupplyShelf> shelves =
        Arrays.stream(SupplyKind.values())
            .map(
                kind ->
                    SupplyShelf.of(
                        kind,
                        supplies.stream().filter(each -> each.kind() == kind).toList(),
                        used.getOrDefault(kind, List.of())))
            .toList();
    Map<SupplyKind, Integer> counted =
        supplies.stream()
            .map(Supply::kind)
            .distinct()
            .collect(
                Collectors.toMap(
                    Function.identity(),
                    kind ->
                        shelves.stream()
                            .filter(shelf -> shelf.kind() == kind)
                            .mapToInt(SupplyShelf::onHand)
                            .sum()));
    GearUpkeep.AllGear all = upkeep.all();
    List<SupplyForecast.ToolNow> tools = tools(all);
    return new OnHand(
        lots,
        book.uncovered(),
        AcidOrder.of(book.left(), needs(toCome), figures.own()),
        toCome.size(),
        shelves,
        latest,
        Stream.of(
                SupplyForecast.seals(toCome, tools, counted.get(SupplyKind.SEALS)),
                SupplyForecast.filters(
                    toCome, all.filters(), hoursPerBurn(), counted.get(SupplyKind.FILTERS)))
            .filter(Objects::nonNull)
            .toList(),
        SupplyForecast.shortOfCharges(toCome, tools));
  }

  private static List<SupplyForecast.ToolNow> tools(GearUpkeep.AllGear gear) {
    Map<UUID, Pack> packs =
        gear.packs().stream().collect(Collectors.toMap(Pack::id, Function.identity()));
    return gear.tools().stream()
        .filter(known -> !known.tool().retired())
        .map(
            known -> {
              Pack pack = known.tool().packId() == null ? null : packs.get(known.tool().packId());
              return new SupplyForecast.ToolNow(
                  known.tool().name(),
                  known.tool().sealsEvery(),
                  known.wear().burnsOnSeals(),
                  pack == null ? null : pack.name(),
                  pack == null ? null : pack.burnsPerCharge(),
                  pack == null ? 0 : pack.count());
            })
        .toList();
  }

  /** Of the last year's rounds. */
  private double hoursPerBurn() {
    LocalDate since = day.today().minusYears(1);
    WorkHours.Halts halts = workHours.between(since, day.today().plusDays(1));
    double hours = 0;
    int burns = 0;
    for (RoundSums.Worked worked : register.workedFrom(since)) {
      hours += halts.hours(worked.roundId(), worked.began(), worked.ended());
      burns += worked.burns();
    }
    return SupplyForecast.hoursPerBurn(hours, burns);
  }

  private static List<AcidOrder.Need> needs(List<SupplyForecast.ToCome> toCome) {
    return toCome.stream().map(each -> new AcidOrder.Need(each.day(), each.grams())).toList();
  }

  /**
   * What presses; nothing where no lot is on record. Asked for with every look at Today, so it may
   * be a minute old.
   */
  public List<Fact> warnings() {
    return warnings.get(true, now -> pressing());
  }

  private List<Fact> pressing() {
    if (mapper.lots().isEmpty()) {
      return List.of();
    }
    AcidBook book = book();
    return AcidOrder.of(book.left(), needs(toCome(book)), figures.own())
        .warning(day.today())
        .map(List::of)
        .orElse(List.of());
  }

  /**
   * Rounds planned as their sheets say; rounds of series by grams a box of the hives as they stand,
   * with one load a hive.
   */
  private List<SupplyForecast.ToCome> toCome(AcidBook book) {
    List<SupplyForecast.ToCome> toCome =
        roundsToCome.all().stream()
            .map(
                each ->
                    new SupplyForecast.ToCome(each.day(), each.grams(), each.tool(), each.burns()))
            .collect(Collectors.toCollection(ArrayList::new));
    double strength =
        book.lots().stream()
            .filter(each -> each.left() > 0)
            .findFirst()
            .map(each -> each.lot().strength())
            .orElse(1.0);
    Map<UUID, Map<UUID, Hive>> standing = new HashMap<>();
    for (Series each : series.open(null)) {
      Map<UUID, Hive> hives =
          standing.computeIfAbsent(
              each.apiaryId(),
              id ->
                  allHives.in(id).stream()
                      .collect(Collectors.toMap(Hive::id, Function.identity())));
      double boxes =
          each.hiveIds().stream()
              .map(hives::get)
              .filter(Objects::nonNull)
              .mapToDouble(hive -> BoxFactor.sum(hive.boxes(), MediumBoxes.BY_COMB))
              .sum();
      each.rounds().stream()
          .filter(round -> round.state().isToCome())
          .forEach(
              round ->
                  toCome.add(
                      new SupplyForecast.ToCome(
                          round.day(),
                          each.gramsPerBox() * boxes / strength,
                          each.tool(),
                          each.hiveIds().size())));
    }
    return toCome;
  }

  /** Keeps a lot; the same id twice is the same lot. */
  @Transactional
  public void add(AcidLot lot, Account who) {
    notAhead("boughtOn", lot.boughtOn());
    if (mapper.hasLot(lot.id()) == 0) {
      warnings.invalidateAll();
      mapper.addLot(lot, who.name(), who.id(), clock.instant());
    }
  }

  /**
   * Refuses a lot that nobody wrote down.
   *
   * @throws Problem 404
   */
  public void refuseUnknown(UUID lotId) {
    if (mapper.hasLot(lotId) == 0) {
      throw Problem.missing(Missing.LOT);
    }
  }

  /** Keeps a weighing; the same id twice is the same weighing. */
  @Transactional
  public void add(StockTake take, Account who) {
    notAhead("day", take.day());
    AcidLot lot =
        mapper.lots().stream()
            .filter(each -> each.id().equals(take.lotId()))
            .findFirst()
            .orElseThrow(() -> Problem.missing(Missing.LOT));
    if (take.grams() > lot.grams()) {
      throw new InvalidValue(
          "grams",
          "moreThanWasBought",
          "is more than was bought of this lot; was the tin weighed, too?");
    }
    if (take.day().isBefore(lot.boughtOn())) {
      throw new InvalidValue("day", "liesBeforeLotWas", "lies before the lot was bought");
    }
    if (mapper.hasTake(take.id()) == 0) {
      warnings.invalidateAll();
      mapper.addTake(take, who.name(), who.id(), clock.instant());
    }
  }

  /** Keeps pieces bought or counted; the same id twice is the same. */
  @Transactional
  public void add(Supply supply, Account who) {
    notAhead("day", supply.day());
    if (mapper.hasSupply(supply.id()) == 0) {
      warnings.invalidateAll();
      mapper.addSupply(supply, who.name(), who.id(), clock.instant());
    }
  }

  /** Strikes out whatever of the stock has this id. */
  @Transactional
  void strike(UUID id) {
    warnings.invalidateAll();
    int struck =
        mapper.strikeLot(id, clock.instant())
            + mapper.strikeTake(id, clock.instant())
            + mapper.strikeSupply(id, clock.instant());
    if (struck == 0 && mapper.hasLot(id) + mapper.hasTake(id) + mapper.hasSupply(id) == 0) {
      throw Problem.missing(Missing.ENTRY);
    }
  }

  private List<LocalDate> changed(GearNote.Kind kind) {
    ZoneId zone = day.zone();
    return gear.notes().stream()
        .filter(note -> note.kind() == kind)
        .map(GearNote::at)
        .sorted()
        .map(at -> LocalDate.ofInstant(at, zone))
        .toList();
  }

  private void notAhead(String field, LocalDate on) {
    if (on.isAfter(day.today().plusDays(1))) {
      throw new InvalidValue(field, "liesFuture", "lies in the future");
    }
  }
}
