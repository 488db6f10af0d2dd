package tavrel.core.weather;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * What a yard's own readings have taught about forecasts of it: by how much they are off in each
 * part of the day, and how often hours that were offered turned out to be worth working in.
 *
 * <p>Readings of one part of one day are one: on a cold morning all are cold. The mean error of a
 * part is drawn towards zero, by as much as if {@value #AS_IF_NONE} more had shown none: single
 * forecasts miss by about 2 °C, yards differ from what is foretold for them by about 1 °C, and (2 ÷
 * 1)² is 4 (our own simplification). Readings older than a year and a half are left out.
 *
 * @param parts what is known of each part of the day that was read; others are missing
 * @param offered hours that were offered and read
 * @param held how many of them were worth working in
 */
public record LearnedForecast(List<PartLearned> parts, int offered, int held) {

  /** As if so many readings had shown no error. */
  static final int AS_IF_NONE = 4;

  /** Offered hours from which on is told how many held. */
  private static final int ENOUGH = 5;

  /** A correction below this is none, °C: thermometers show no less. */
  private static final double NOTICED = 0.3;

  private static final double MOST = 6;

  /** Checks older than that are left out. */
  public static final Duration REMEMBERED = Duration.ofDays(550);

  /**
   * One part of the day.
   *
   * @param part the part
   * @param readings days on which it was read
   * @param meanError how much warmer it was than foretold, in the mean, °C
   * @param correction what is added to forecasts of it, °C
   */
  public record PartLearned(PartOfDay part, int readings, double meanError, double correction) {}

  /**
   * Of offered hours how many held.
   *
   * @param held that were worth working in
   * @param offered in all
   */
  public record OffersHeld(int held, int offered) {}

  private record Slot(LocalDate day, PartOfDay part) {}

  /** Copies. */
  public LearnedForecast {
    parts = List.copyOf(parts);
  }

  /** Of a yard in which nothing was read. */
  public static LearnedForecast nothing() {
    return new LearnedForecast(List.of(), 0, 0);
  }

  /**
   * What checks teach.
   *
   * @param now older ones than are remembered are left out
   */
  public static LearnedForecast of(Collection<ForecastCheck> checks, ZoneId zone, Instant now) {
    Map<Slot, ForecastCheck> first = new LinkedHashMap<>();
    checks.stream()
        .filter(each -> each.at().isAfter(now.minus(REMEMBERED)))
        .sorted(Comparator.comparing(ForecastCheck::at))
        .forEach(
            each ->
                first.putIfAbsent(
                    new Slot(LocalDate.ofInstant(each.at(), zone), PartOfDay.of(each.at(), zone)),
                    each));
    Map<PartOfDay, double[]> sums = new EnumMap<>(PartOfDay.class);
    first.forEach(
        (slot, check) -> {
          double[] sum = sums.computeIfAbsent(slot.part(), unused -> new double[2]);
          sum[0]++;
          sum[1] += check.error();
        });
    List<ForecastCheck> offered =
        first.values().stream().filter(ForecastCheck::foretoldWorkable).toList();
    return new LearnedForecast(
        sums.entrySet().stream().map(each -> part(each.getKey(), each.getValue())).toList(),
        offered.size(),
        (int) offered.stream().filter(ForecastCheck::readWorkable).count());
  }

  private static PartLearned part(PartOfDay part, double[] sum) {
    double drawn = sum[1] / (sum[0] + AS_IF_NONE);
    double correction =
        Math.abs(drawn) < NOTICED
            ? 0
            : Math.round(Math.max(-MOST, Math.min(MOST, drawn)) * 10) / 10.0;
    return new PartLearned(part, (int) sum[0], sum[1] / sum[0], correction);
  }

  /** How many of the offered hours held; null while too few were read. */
  public @Nullable OffersHeld chance() {
    return offered < ENOUGH ? null : new OffersHeld(held, offered);
  }

  /** What is added to a forecast of an hour, °C. */
  public double correction(Instant hour, ZoneId zone) {
    PartOfDay part = PartOfDay.of(hour, zone);
    return parts.stream()
        .filter(each -> each.part() == part)
        .mapToDouble(PartLearned::correction)
        .findFirst()
        .orElse(0);
  }

  /**
   * A forecast with what was learned. Readings stay as they were read, and what is made up as it
   * was made up.
   */
  public WeatherSource corrected(WeatherSource source, ZoneId zone) {
    boolean needsNone = parts.stream().allMatch(each -> each.correction() == 0);
    return needsNone || source.madeUp() || source.kind() == SourceKind.READING
        ? source
        : new Corrected(source, this, zone);
  }

  private record Corrected(WeatherSource source, LearnedForecast learned, ZoneId zone)
      implements WeatherSource {

    @Override
    public @Nullable HourlyWeather at(Place place, Instant hour) {
      HourlyWeather told = source.at(place, hour);
      return told == null
          ? null
          : new HourlyWeather(
              told.hour(),
              told.celsius() + learned.correction(hour, zone),
              told.windMs(),
              told.windFrom(),
              told.rainMm(),
              told.cloud(),
              told.thunderOrIce());
    }

    @Override
    public SourceKind kind() {
      return source.kind();
    }

    @Override
    public Instant made() {
      return source.made();
    }

    @Override
    public Fact says() {
      return Fact.of("weather.corrected").fact("source", source.says());
    }
  }
}
