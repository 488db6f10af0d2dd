package tavrel.core.weather;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.weather.HourReason.Code;

/**
 * What hours are judged by: the keeper's preset of warmth, and what his rule sheet says of the air.
 *
 * @param warmth the preset, or the keeper's own range
 * @param minCelsius the sheet's lowest, °C, or null
 * @param maxCelsius the sheet's highest, °C, or null
 * @param sheet the sheet's name, or null where none is held against
 */
public record HourRule(
    Warmth warmth,
    @Nullable Double minCelsius,
    @Nullable Double maxCelsius,
    @Nullable String sheet) {

  private static final double GOOD_SHARE = 0.97;
  private static final double FAIR_SHARE = 0.90;
  private static final double MARGIN = 3;
  private static final double STILL = 0.5;
  private static final double BREEZY = 5;
  private static final double WINDY = 7;
  private static final double STORM = 10;
  private static final double WET = 0.2;
  private static final double FROST = 0;
  private static final double HOT = 25;
  private static final double TOO_HOT = 35;
  private static final Duration AFTER_SUNRISE = Duration.ofHours(1);

  /** A preset alone, without a rule sheet. */
  public static HourRule of(TemperaturePreset preset) {
    return new HourRule(preset.warmth(), null, null, null);
  }

  /**
   * Judges an hour.
   *
   * @param told its weather and who tells of it
   * @param best reach of the day's best hour
   */
  GradedHour grade(WeatherSource.Told told, Daylight sun, double best) {
    Judged judged = judge(told.weather(), sun, best);
    return new GradedHour(
        told.weather().hour(),
        told.weather(),
        judged.reach(),
        judged.grade(),
        judged.reasons(),
        advice(told.weather().celsius()),
        told.by().says(),
        told.by().madeUp());
  }

  /** Whether such weather at an hour would be worth working in. */
  boolean isWorkable(HourlyWeather hour, Daylight sun, double best) {
    return judge(hour, sun, best).grade().isWorkable();
  }

  private record Judged(double reach, HourGrade grade, List<HourReason> reasons) {}

  private Judged judge(HourlyWeather hour, Daylight sun, double best) {
    double reach = ExpectedReach.of(hour, sun);
    double outside = warmth.outside(hour.celsius());
    double wind = hour.windMs();
    boolean wet = hour.rainMm() > WET;
    boolean broadDay = warmth.onlyEdgesOfDay() && isBroadDay(hour, sun);
    HourReason offLabel = offLabel(hour.celsius());
    List<HourReason> reasons = new ArrayList<>();
    if (offLabel != null) {
      reasons.add(offLabel);
    }
    List<HourReason> dangers = dangers(hour);
    reasons.addAll(dangers);
    if (outside > 0) {
      reasons.add(HourReason.of(Code.OUTSIDE_WARMTH, hour.celsius()));
    }
    if (broadDay) {
      reasons.add(HourReason.of(Code.BROAD_DAY));
    }
    if (reach < GOOD_SHARE * best) {
      reasons.add(HourReason.of(Code.REACH, reach / best));
    }
    if (wind < STILL || wind > BREEZY) {
      reasons.add(HourReason.of(Code.WIND, wind));
    }
    if (wet) {
      reasons.add(HourReason.of(Code.RAIN, hour.rainMm()));
    }
    HourGrade grade =
        !dangers.isEmpty()
            ? HourGrade.UNSAFE
            : offLabel != null
                ? HourGrade.OFF_LABEL
                : wet || broadDay ? HourGrade.POOR : gradeOf(outside, reach / best, wind);
    return new Judged(reach, grade, List.copyOf(reasons));
  }

  /** Why nobody should work in such weather, whatever a sheet or a preset says; mostly nothing. */
  public static List<HourReason> dangers(HourlyWeather hour) {
    List<HourReason> dangers = new ArrayList<>();
    if (hour.windMs() > STORM) {
      dangers.add(HourReason.of(Code.STORM, hour.windMs(), STORM));
    }
    if (hour.celsius() > TOO_HOT) {
      dangers.add(HourReason.of(Code.TOO_HOT, hour.celsius(), TOO_HOT));
    }
    if (hour.thunderOrIce()) {
      dangers.add(HourReason.of(Code.THUNDER_OR_ICE));
    }
    return dangers;
  }

  private static HourGrade gradeOf(double outside, double share, double wind) {
    if (outside > MARGIN || share < FAIR_SHARE || wind > WINDY) {
      return HourGrade.POOR;
    }
    boolean good = outside == 0 && share >= GOOD_SHARE && wind >= STILL && wind <= BREEZY;
    return good ? HourGrade.GOOD : HourGrade.FAIR;
  }

  private @Nullable HourReason offLabel(double celsius) {
    if (minCelsius != null && celsius < minCelsius) {
      return new HourReason(Code.BELOW_LABEL, celsius, minCelsius, sheet);
    }
    if (maxCelsius != null && celsius > maxCelsius) {
      return new HourReason(Code.ABOVE_LABEL, celsius, maxCelsius, sheet);
    }
    return null;
  }

  private static boolean isBroadDay(HourlyWeather hour, Daylight sun) {
    Instant middle = hour.hour().plus(Duration.ofMinutes(30));
    Duration up = sun.sinceRise(middle);
    return sun.isUp(middle) && (up == null || up.compareTo(AFTER_SUNRISE) > 0);
  }

  /** What to mind at such a temperature, or null. */
  private static @Nullable Fact advice(double celsius) {
    if (celsius < FROST) {
      return Fact.of("hour.tightCluster");
    }
    return celsius > HOT ? Fact.of("hour.heat") : null;
  }
}
