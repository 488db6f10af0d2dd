package tavrel.core.weather;

import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * Who tells of the weather: a thermometer, the keeper's own forecast, a file, or the simulated
 * station of the demo.
 */
public interface WeatherSource {

  /** Weather of an hour told by somebody. */
  record Told(HourlyWeather weather, WeatherSource by) {}

  /** A reading before everything, then the forecast made last, then by rank; made-up ones last. */
  Comparator<WeatherSource> BEST_FIRST =
      Comparator.<WeatherSource, Boolean>comparing(WeatherSource::madeUp)
          .thenComparing(source -> source.kind() != SourceKind.READING)
          .thenComparing(WeatherSource::made, Comparator.reverseOrder())
          .thenComparing(WeatherSource::kind);

  /**
   * Weather of an hour, or null where it says nothing of it.
   *
   * @param place where
   * @param hour its beginning
   */
  @Nullable HourlyWeather at(Place place, Instant hour);

  /** What kind of source it is. */
  SourceKind kind();

  /** When it told so. */
  Instant made();

  /** What it is, as it is told beside its figures. */
  Fact says();

  /**
   * Whether its figures are made up. Such figures may be shown, named as what they are, but decide
   * nothing: no verdict, no alarm, no side to stand on.
   */
  default boolean madeUp() {
    return kind() == SourceKind.STATION;
  }

  /** Sources by {@link #BEST_FIRST}. */
  static List<WeatherSource> ranked(Collection<? extends WeatherSource> sources) {
    return sources.stream().<WeatherSource>map(source -> source).sorted(BEST_FIRST).toList();
  }

  /**
   * What the first source that says anything of an hour tells; nothing if none does.
   *
   * @param ranked best first
   */
  static Optional<Told> best(List<WeatherSource> ranked, Place place, Instant hour) {
    for (WeatherSource source : ranked) {
      HourlyWeather weather = source.at(place, hour);
      if (weather != null) {
        return Optional.of(new Told(weather, source));
      }
    }
    return Optional.empty();
  }
}
