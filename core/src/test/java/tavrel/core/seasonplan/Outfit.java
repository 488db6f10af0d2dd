package tavrel.core.seasonplan;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.weather.HourGrade;
import tavrel.core.weather.Place;
import tavrel.core.weather.Window;

/** Made-up outfits for tests: drawn from a seed, or put together piece by piece. */
final class Outfit {

  static final LocalDate FIRST = LocalDate.of(2026, 8, 18);
  static final ZoneId ZONE = ZoneOffset.ofHours(-2);
  static final Place DEPOT = new Place(47.6, -24.3);

  final List<RoadCrew> crews = new ArrayList<>();
  final List<PlanYard> yards = new ArrayList<>();
  final List<PlannedSeries> allSeries = new ArrayList<>();
  final List<PlacedVisit> standing = new ArrayList<>();
  final List<PlacedVisit> agreed = new ArrayList<>();
  final Map<LocalDate, String> locked = new HashMap<>();
  private final DaySpan span;

  Outfit(int days) {
    this.span = new DaySpan(FIRST, FIRST.plusDays(days - 1L));
  }

  /** Apiaries around the depot with dawn hours on most days, and series of equal gaps. */
  static Outfit drawn(long seed, int yards, int rounds, int crews, int days) {
    Random random = new Random(seed);
    Outfit outfit = new Outfit(days);
    for (int i = 0; i < yards; i++) {
      double latitude = DEPOT.latitude() + 0.15 * random.nextGaussian();
      double longitude = DEPOT.longitude() + 0.2 * random.nextGaussian();
      Map<LocalDate, List<Window>> hours = new HashMap<>();
      for (int day = 0; day < days; day++) {
        if (random.nextInt(6) > 0) {
          LocalTime from = LocalTime.of(5, 0).plusMinutes(random.nextInt(60));
          hours.put(
              FIRST.plusDays(day),
              List.of(
                  window(day, from, from.plusMinutes(150), HourGrade.GOOD),
                  window(day, from.plusMinutes(150), from.plusMinutes(210), HourGrade.FAIR)));
        }
      }
      outfit.yards.add(
          new PlanYard(
              id("yard " + i),
              "Yard " + i,
              new Place(latitude, longitude),
              hours,
              false,
              Map.of()));
    }
    for (int crew = 0; crew < crews; crew++) {
      Map<UUID, Integer> minutes = new HashMap<>();
      outfit.yards.forEach(yard -> minutes.put(yard.id(), 35 + random.nextInt(30)));
      outfit.crews.add(crew("Crew " + crew, minutes));
    }
    for (int i = 0; i < yards; i++) {
      outfit.allSeries.add(
          series(
              i,
              rounds,
              new Gaps(5, 7, 9),
              new DaySpan(FIRST, outfit.span.to()),
              FIRST.plusDays(random.nextInt(8)),
              FIRST.plusDays(days - 5L)));
    }
    return outfit;
  }

  static UUID id(String of) {
    return UUID.nameUUIDFromBytes(of.getBytes(StandardCharsets.UTF_8));
  }

  static RoadCrew crew(String name, Map<UUID, Integer> minutes) {
    return new RoadCrew(
        id(name), name, LocalTime.of(3, 0), LocalTime.of(22, 0), 9 * 60, Set.of(), minutes);
  }

  static PlannedSeries series(
      int yard, int rounds, Gaps gaps, DaySpan days, LocalDate start, LocalDate finishBy) {
    return new PlannedSeries(
        id("course " + yard),
        id("yard " + yard),
        "Series " + yard,
        1,
        rounds,
        gaps,
        days,
        start,
        finishBy,
        null,
        null,
        Map.of(),
        Map.of());
  }

  /** Hours of a day, told by the clock of the zone. */
  static Window window(int day, LocalTime from, LocalTime to, @Nullable HourGrade grade) {
    LocalDate date = FIRST.plusDays(day);
    return Window.of(
        date.atTime(from).atZone(ZONE).toInstant(),
        date.atTime(to).atZone(ZONE).toInstant(),
        grade);
  }

  /** An apiary with the same good dawn every day, so many kilometres east of the depot. */
  Outfit yard(int number, double kmEast) {
    Map<LocalDate, List<Window>> hours = new HashMap<>();
    for (int day = 0; day < span.days(); day++) {
      hours.put(
          FIRST.plusDays(day),
          List.of(window(day, LocalTime.of(5, 0), LocalTime.of(8, 0), HourGrade.GOOD)));
    }
    return yard(number, kmEast, hours, Map.of());
  }

  Outfit yard(
      int number, double kmEast, Map<LocalDate, List<Window>> hours, Map<LocalDate, Fact> closed) {
    double degrees = kmEast / (111.195 * Math.cos(Math.toRadians(DEPOT.latitude())));
    yards.add(
        new PlanYard(
            id("yard " + number),
            "Yard " + number,
            new Place(DEPOT.latitude(), DEPOT.longitude() + degrees),
            hours,
            false,
            closed));
    return this;
  }

  /** A crew that needs an hour anywhere. */
  Outfit crew(String name) {
    Map<UUID, Integer> minutes = new HashMap<>();
    yards.forEach(yard -> minutes.put(yard.id(), 60));
    crews.add(crew(name, minutes));
    return this;
  }

  Outfit series(PlannedSeries series) {
    allSeries.add(series);
    return this;
  }

  Outfit weekly(int yard, int rounds) {
    return series(series(yard, rounds, new Gaps(5, 7, 9), span, FIRST, span.to()));
  }

  SeasonProblem problem() {
    return problem(PlanWeights.USUAL);
  }

  SeasonProblem problem(PlanWeights weights) {
    return new SeasonProblem(
        span,
        id("depot"),
        DEPOT,
        ZONE,
        crews,
        yards,
        allSeries,
        new Roads(1.35, 50, List.of()),
        weights,
        standing,
        agreed,
        locked);
  }

  static PlacedVisit visit(int yard, int number, String crew, int day) {
    return new PlacedVisit(id("course " + yard), number, id(crew), FIRST.plusDays(day), false);
  }
}
