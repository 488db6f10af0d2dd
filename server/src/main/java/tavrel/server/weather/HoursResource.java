package tavrel.server.weather;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.weather.LearnedForecast;
import tavrel.core.weather.OwnForecast;
import tavrel.core.weather.TemperaturePreset;
import tavrel.core.weather.Warmth;
import tavrel.core.weather.YardDay;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.pace.PaceService;

/** The hours of an apiary's next days. */
@RestController
@RequestMapping("/api/apiaries/{id}/hours")
class HoursResource {

  /**
   * A preset of warmth to choose.
   *
   * @param preset the preset
   * @param warmth what it asks for
   */
  record OfferedPreset(TemperaturePreset preset, Warmth warmth) {}

  /**
   * The next days.
   *
   * @param apiary the apiary
   * @param choice by what its hours are judged
   * @param presets to choose from
   * @param days each with its hours and windows; empty where nobody has said where it is
   * @param forecasts what somebody said of each day from today on
   * @param folder files of the weather folder, as they were read last
   * @param madeUp whether some of the weather is made up
   * @param learned what readings here have taught about forecasts
   * @param held of hours that were offered and read here how many were worth working in, or null
   *     while too few were
   */
  record NextHours(
      Apiary apiary,
      HourChoice choice,
      List<OfferedPreset> presets,
      List<YardDay> days,
      List<OwnForecast> forecasts,
      List<FolderFile> folder,
      boolean madeUp,
      LearnedForecast learned,
      LearnedForecast.@Nullable OffersHeld held) {}

  private final Apiaries apiaries;
  private final YardWeather weather;
  private final OwnForecasts forecasts;
  private final FolderFiles folder;
  private final PaceService paceService;

  HoursResource(
      Apiaries apiaries,
      YardWeather weather,
      OwnForecasts forecasts,
      FolderFiles folder,
      PaceService paceService) {
    this.apiaries = apiaries;
    this.weather = weather;
    this.forecasts = forecasts;
    this.folder = folder;
    this.paceService = paceService;
  }

  /** The workable hours of the next ten days. */
  @GetMapping
  NextHours next(@PathVariable UUID id) {
    Apiary apiary = apiaries.byId(id);
    LocalDate today = apiaries.today(apiary);
    LearnedForecast learned = weather.learned(apiary);
    List<YardDay> days =
        apiary.place() == null
            ? List.of()
            : IntStream.range(0, YardWeather.DAYS_SHOWN)
                .mapToObj(ahead -> weather.day(apiary, today.plusDays(ahead)))
                .map(day -> paceService.fitted(apiary, day))
                .toList();
    return new NextHours(
        apiary,
        weather.hourChoice(id),
        Arrays.stream(TemperaturePreset.values())
            .map(preset -> new OfferedPreset(preset, preset.warmth()))
            .toList(),
        days,
        forecasts.ahead(apiary),
        folder.all(),
        days.stream().anyMatch(YardDay::madeUp),
        learned,
        learned.chance());
  }

  /** Sets by what an apiary's hours are judged. */
  @PutMapping("/choice")
  NextHours choose(@PathVariable UUID id, @RequestBody HourChoice choice) {
    weather.choose(id, choice);
    return next(id);
  }
}
