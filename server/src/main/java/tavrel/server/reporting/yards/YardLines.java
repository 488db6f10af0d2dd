package tavrel.server.reporting.yards;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.brood.BroodState;
import tavrel.core.count.HiveSpread;
import tavrel.core.count.Infestation;
import tavrel.core.count.Urgency;
import tavrel.core.count.YardReading;
import tavrel.core.due.Need;
import tavrel.core.due.YardState;
import tavrel.core.seasonplan.Roads;
import tavrel.core.spacing.LatestStart;
import tavrel.core.weather.Place;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiary.Hold;
import tavrel.server.apiary.Holds;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.brood.BroodService;
import tavrel.server.count.Counts;
import tavrel.server.count.HiveSpreads;
import tavrel.server.hive.Hives;
import tavrel.server.outfit.OutfitDay;
import tavrel.server.outlook.Outlook;
import tavrel.server.outlook.Outlooks;
import tavrel.server.parameter.OwnParameters;

/** The yards of an outfit, line by line. */
@Service
class YardLines {

  /** No label waits longer, days. */
  private static final int LONGEST_WAIT = 366;

  /** So many yards are near. */
  private static final int NEAREST = 3;

  private final YardMapper mapper;
  private final Apiaries apiaries;
  private final Holds holds;
  private final Hives allHives;
  private final Outlooks outlooks;
  private final BroodService brood;
  private final Counts counts;
  private final HiveSpreads spreads;
  private final ApiaryYears apiaryYears;
  private final OwnParameters figures;
  private final OutfitDay day;

  YardLines(
      YardMapper mapper,
      Apiaries apiaries,
      Holds holds,
      Hives allHives,
      Outlooks outlooks,
      BroodService brood,
      Counts counts,
      HiveSpreads spreads,
      ApiaryYears apiaryYears,
      OwnParameters figures,
      OutfitDay day) {
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.holds = holds;
    this.allHives = allHives;
    this.outlooks = outlooks;
    this.brood = brood;
    this.counts = counts;
    this.spreads = spreads;
    this.apiaryYears = apiaryYears;
    this.figures = figures;
    this.day = day;
  }

  /** What is shared by all lines, asked for once. */
  private record Whole(
      Map<UUID, List<Hives.Named>> hives,
      Map<UUID, Outlook> outlooks,
      Map<UUID, Hold> holds,
      Map<UUID, YardMapper.Given> given,
      Map<UUID, List<LocalDate>> toCome,
      Map<UUID, String> crews,
      Map<UUID, LocalDate> counted,
      HiveSpread spread,
      List<Apiary> places,
      Roads roads,
      double danger) {}

  /** All yards that are used, or where hives stand, by name. */
  List<YardLine> all() {
    LocalDate today = day.today();
    Whole whole =
        new Whole(
            allHives.living().stream().collect(Collectors.groupingBy(Hives.Named::apiaryId)),
            outlooks.all(),
            holds.standing(),
            mapper.given(today.minusDays(LONGEST_WAIT), today.withDayOfYear(1)).stream()
                .collect(Collectors.toMap(YardMapper.Given::apiaryId, Function.identity())),
            mapper.toCome().stream()
                .collect(
                    Collectors.groupingBy(
                        YardMapper.ToCome::apiaryId,
                        Collectors.mapping(YardMapper.ToCome::day, Collectors.toList()))),
            mapper.stops(today).stream()
                .collect(
                    Collectors.toMap(
                        YardMapper.Stop::apiaryId, YardMapper.Stop::crew, (one, other) -> one)),
            counts.lastCountOfHives(),
            spreads.now(),
            apiaries.all(),
            Roads.of(figures.own(), List.of()),
            figures.danger().share());
    return apiaries.all().stream()
        .filter(apiary -> apiary.isOpen() || whole.hives().containsKey(apiary.id()))
        .map(apiary -> line(apiary, whole))
        .toList();
  }

  /** What was counted this year, month by month. */
  List<YardMapper.SampledMonth> months() {
    LocalDate today = day.today();
    return mapper.months(today.withDayOfYear(1), today);
  }

  private YardLine line(Apiary apiary, Whole whole) {
    LocalDate today = apiaries.today(apiary);
    double limit = apiaryYears.of(apiary).limits().on(today).share();
    List<Hives.Named> hives = whole.hives().getOrDefault(apiary.id(), List.of());
    List<Outlook> known =
        hives.stream()
            .map(hive -> whole.outlooks().get(hive.hiveId()))
            .filter(Objects::nonNull)
            .toList();
    List<LatestStart> readings =
        known.stream().map(Outlook::reading).filter(Objects::nonNull).toList();
    List<Infestation> samples =
        known.stream()
            .map(Outlook::sample)
            .filter(Objects::nonNull)
            .filter(each -> !each.last().isBefore(today.minusDays(Urgency.RECENT_DAYS)))
            .toList();
    YardReading yard = YardReading.of(samples, limit, whole.spread());
    YardMapper.Given given = whole.given().get(apiary.id());
    LocalDate waits = given == null ? null : given.waitsUntil();
    List<LocalDate> toCome = whole.toCome().getOrDefault(apiary.id(), List.of());
    return new YardLine(
        apiary,
        hives.size(),
        whole.holds().get(apiary.id()),
        YardState.of(readings, hives.size(), whole.danger(), limit),
        samples.size(),
        mean(samples, Infestation::share),
        yard == null ? null : yard.interval(),
        mean(readings, LatestStart::expected),
        limit,
        (int) readings.stream().filter(each -> each.expected() > whole.danger()).count(),
        (int) readings.stream().filter(LatestStart::asksForWork).count(),
        begin(hives, whole.outlooks(), today),
        broodless(apiary),
        known.stream()
            .map(Outlook::labelLeft)
            .filter(Objects::nonNull)
            .min(Comparator.naturalOrder())
            .orElse(null),
        waits != null && waits.isAfter(today) ? waits : null,
        given == null ? 0 : given.rounds(),
        toCome.size(),
        toCome.stream().min(LocalDate::compareTo).orElse(null),
        whole.crews().get(apiary.id()),
        near(apiary, whole),
        lastSeen(hives, known, whole.counted()));
  }

  private static YardLine.@Nullable Begin begin(
      Collection<Hives.Named> hives, Map<UUID, Outlook> outlooks, LocalDate today) {
    return hives.stream()
        .flatMap(hive -> begin(hive.hive(), outlooks.get(hive.hiveId()), today))
        .min(
            Comparator.comparing(YardLine.Begin::by)
                .thenComparing(Comparator.comparingDouble(YardLine.Begin::weekCosts).reversed()))
        .orElse(null);
  }

  private static Stream<YardLine.Begin> begin(
      String hive, @Nullable Outlook outlook, LocalDate today) {
    LatestStart reading = outlook == null ? null : outlook.reading();
    return outlook == null || reading == null
        ? Stream.empty()
        : Need.ahead(reading, outlook.deadline(), today).stream()
            .map(need -> new YardLine.Begin(need.by(), hive, need.costs()));
  }

  private static List<YardLine.Near> near(Apiary apiary, Whole whole) {
    Place here = apiary.place();
    if (here == null) {
      return List.of();
    }
    return whole.places().stream()
        .filter(other -> !other.id().equals(apiary.id()) && other.isOpen())
        .flatMap(other -> near(apiary.id(), here, other, whole.roads()))
        .sorted(Comparator.comparingDouble(YardLine.Near::km))
        .limit(NEAREST)
        .toList();
  }

  private static Stream<YardLine.Near> near(UUID from, Place here, Apiary other, Roads roads) {
    Place there = other.place();
    return there == null
        ? Stream.empty()
        : Stream.of(
            new YardLine.Near(
                other.id(), other.name(), roads.way(from, here, other.id(), there).km()));
  }

  private int broodless(Apiary apiary) {
    return (int)
        brood.today(apiary).values().stream().filter(state -> state != BroodState.CAPPED).count();
  }

  private static @Nullable LocalDate lastSeen(
      Collection<Hives.Named> hives, List<Outlook> known, Map<UUID, LocalDate> counted) {
    return Stream.concat(
            hives.stream().map(hive -> counted.get(hive.hiveId())),
            known.stream().map(Outlook::lastKnown))
        .filter(Objects::nonNull)
        .max(LocalDate::compareTo)
        .orElse(null);
  }

  private static <T> @Nullable Double mean(List<T> of, ToDoubleFunction<T> value) {
    return of.isEmpty() ? null : of.stream().mapToDouble(value).average().orElse(0);
  }
}
