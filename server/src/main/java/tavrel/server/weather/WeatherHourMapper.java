package tavrel.server.weather;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import tavrel.core.weather.HourlyWeather;
import tavrel.core.weather.SourceKind;

/** Hourly weather from files kept. */
@Mapper
interface WeatherHourMapper {

  /** What hours of one file share. */
  record Source(boolean fromFolder, String file, Instant madeAt) {

    SourceKind kind() {
      return fromFolder ? SourceKind.FOLDER : SourceKind.FILE;
    }
  }

  /** An hour, with its file. */
  record Kept(
      Instant hour,
      double celsius,
      double windMs,
      @Nullable Integer windFrom,
      double rainMm,
      double cloud,
      boolean thunderOrIce,
      String file,
      Instant madeAt,
      boolean fromFolder) {

    HourlyWeather weather() {
      return new HourlyWeather(hour, celsius, windMs, windFrom, rainMm, cloud, thunderOrIce);
    }

    Source source() {
      return new Source(fromFolder, file, madeAt);
    }
  }

  @Select(
      """
      select begins as "hour", celsius, wind_ms, wind_from, rain_mm, cloud, thunder_or_ice, file, made_at, from_folder
      from weather_hour
      where apiary_id = #{apiaryId} and begins >= #{from} and begins < #{to}
      order by begins
      """)
  List<Kept> between(UUID apiaryId, Instant from, Instant to);

  /** Keeps an hour, unless what is kept of it was told later. */
  default void keep(UUID apiaryId, HourlyWeather hour, Source source) {
    outdated(apiaryId, hour.hour(), source.madeAt());
    add(apiaryId, hour, source);
  }

  @Delete(
      """
      delete from weather_hour
      where apiary_id = #{apiaryId} and begins = #{begins} and made_at <= #{madeAt}
      """)
  void outdated(UUID apiaryId, Instant begins, Instant madeAt);

  @Insert(
      """
      insert into weather_hour (
        apiary_id, begins, celsius, wind_ms, wind_from, rain_mm, cloud, thunder_or_ice, file, made_at, from_folder)
      select #{apiaryId}, #{hour.hour}, #{hour.celsius}, #{hour.windMs}, #{hour.windFrom}, #{hour.rainMm}, #{hour.cloud},
             #{hour.thunderOrIce}, #{source.file}, #{source.madeAt}, #{source.fromFolder}
      where not exists (
        select 1 from weather_hour where apiary_id = #{apiaryId} and begins = #{hour.hour})
      """)
  void add(UUID apiaryId, HourlyWeather hour, Source source);

  @Delete("delete from weather_hour where apiary_id = #{apiaryId}")
  int forget(UUID apiaryId);
}
