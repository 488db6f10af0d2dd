package tavrel.server.reporting.due;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tavrel.core.Fact;
import tavrel.core.weather.LearnedForecast;
import tavrel.core.weather.OwnHours;
import tavrel.core.weather.Window;
import tavrel.core.weather.YardDay;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.Hives;
import tavrel.server.pace.PaceService;
import tavrel.server.people.Accounts;
import tavrel.server.register.TreatmentDays;
import tavrel.server.weather.YardWeather;

/** What Today says of each yard, as far as it takes a while to reckon. */
@Component
class TodayYards {

  /** Workable hours are looked for so far ahead. */
  private static final int DAYS_AHEAD = 3;

  private final Apiaries apiaries;
  private final Hives allHives;
  private final YardWeather weather;
  private final TreatmentDays treatmentDays;
  private final PaceService paceService;
  private final Accounts accounts;

  TodayYards(
      Apiaries apiaries,
      Hives allHives,
      YardWeather weather,
      TreatmentDays treatmentDays,
      PaceService paceService,
      Accounts accounts) {
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.weather = weather;
    this.treatmentDays = treatmentDays;
    this.paceService = paceService;
    this.accounts = accounts;
  }

  /**
   * One yard.
   *
   * @param apiary the yard
   * @param hives how many stand there
   * @param lastDay day of its latest finished round, or null
   * @param hoursFrom who tells of the weather there
   * @param held how many of the hours offered there held, or null
   * @param windows workable hours of the next days with how many hives fit, by between which hours
   *     somebody works
   */
  record YardToday(
      Apiary apiary,
      int hives,
      @Nullable LocalDate lastDay,
      List<Fact> hoursFrom,
      LearnedForecast.@Nullable OffersHeld held,
      Map<OwnHours, List<Window>> windows) {

    /** What is offered first of the next days, within somebody's own hours. */
    @Nullable Window offered(OwnHours own, Instant now) {
      return Window.offered(windows.getOrDefault(own, List.of()).stream(), now, hives).orElse(null);
    }
  }

  /** All that are used, or where hives stand. */
  List<YardToday> all() {
    Map<UUID, Integer> hives = allHives.counts();
    Set<OwnHours> ways =
        accounts.all().stream()
            .map(account -> accounts.workHours(account.id()))
            .collect(Collectors.toSet());
    List<YardToday> all = new ArrayList<>();
    for (Apiary apiary : apiaries.all()) {
      int standing = hives.getOrDefault(apiary.id(), 0);
      if (apiary.isOpen() || standing > 0) {
        all.add(
            new YardToday(
                apiary,
                standing,
                treatmentDays.lastWithOxalicAcid(apiary.id()).orElse(null),
                weather.toldBy(apiary),
                weather.learned(apiary).chance(),
                windows(apiary, ways)));
      }
    }
    return all;
  }

  private Map<OwnHours, List<Window>> windows(Apiary apiary, Set<OwnHours> ways) {
    LocalDate today = apiaries.today(apiary);
    List<YardDay> days =
        IntStream.range(0, DAYS_AHEAD)
            .mapToObj(ahead -> weather.day(apiary, today.plusDays(ahead)))
            .filter(day -> day != null && !day.windows().isEmpty())
            .toList();
    if (days.isEmpty()) {
      return Map.of();
    }
    UnaryOperator<YardDay> fitter = paceService.fitter(apiary);
    Map<OwnHours, List<Window>> windows = new HashMap<>();
    for (OwnHours own : ways) {
      windows.put(
          own,
          days.stream().flatMap(day -> fitter.apply(day.within(own)).windows().stream()).toList());
    }
    return windows;
  }
}
