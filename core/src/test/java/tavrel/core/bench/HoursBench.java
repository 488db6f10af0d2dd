package tavrel.core.bench;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tavrel.core.weather.HourRule;
import tavrel.core.weather.Place;
import tavrel.core.weather.SimulatedStation;
import tavrel.core.weather.Sun;
import tavrel.core.weather.TemperaturePreset;
import tavrel.core.weather.WeatherSource;
import tavrel.core.weather.YardDay;

/** Hours of 150 apiaries for ten days, once the sun's times are known, and with them. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class HoursBench {

  private static final ZoneId ZONE = ZoneOffset.ofHours(-2);
  private static final LocalDate FIRST = LocalDate.of(2026, 8, 18);
  private static final int APIARIES = 150;
  private static final int DAYS = 10;

  private final List<WeatherSource> station =
      List.of(new SimulatedStation(7).toldAt(FIRST.plusDays(1).atStartOfDay(ZONE).toInstant()));
  private final HourRule rule = HourRule.of(TemperaturePreset.COOL_BROAD);
  private final List<Place> places = new ArrayList<>();
  private final List<Sun> suns = new ArrayList<>();

  /** Draws the places and computes their sun. */
  public HoursBench() {
    for (int i = 0; i < APIARIES; i++) {
      Place place = new Place(47 + i / 100.0, -24 - i / 200.0);
      places.add(place);
      for (int day = 0; day < DAYS; day++) {
        suns.add(Sun.of(place, FIRST.plusDays(day), ZONE));
      }
    }
  }

  @Benchmark
  public int hoursOf150ApiariesFor10DaysSunKnown() {
    int windows = 0;
    for (int i = 0; i < APIARIES; i++) {
      for (int day = 0; day < DAYS; day++) {
        LocalDate date = FIRST.plusDays(day);
        windows +=
            YardDay.of(places.get(i), date, ZONE, suns.get(i * DAYS + day), station, rule)
                .windows()
                .size();
      }
    }
    return windows;
  }

  @Benchmark
  public int hoursOf150ApiariesFor10DaysWithTheSun() {
    int windows = 0;
    for (Place place : places) {
      for (int day = 0; day < DAYS; day++) {
        windows += YardDay.of(place, FIRST.plusDays(day), ZONE, station, rule).windows().size();
      }
    }
    return windows;
  }
}
