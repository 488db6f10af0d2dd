package tavrel.server.weather;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import tavrel.core.weather.HourlyWeather;

/** Hourly weather from files kept. */
@Mapper
interface WeatherHourMapper {

  /** An hour, with its file. */
  record Kept(
      Instant hour,
      double celsius,
      double windMs,
      int windFrom,
      double rainMm,
      double cloud,
      String file) {

    HourlyWeather weather() {
      return new HourlyWeather(hour, celsius, windMs, windFrom, rainMm, cloud);
    }
  }

  @Select(
      """
      select begins as "hour", celsius, wind_ms, wind_from, rain_mm, cloud, file
      from weather_hour
      where apiary_id = #{apiaryId} and begins >= #{from} and begins < #{to}
      order by begins
      """)
  List<Kept> between(UUID apiaryId, Instant from, Instant to);

  @Insert(
      """
      merge into weather_hour (apiary_id, begins, celsius, wind_ms, wind_from, rain_mm, cloud, file)
      key (apiary_id, begins)
      values (#{apiaryId}, #{hour.hour}, #{hour.celsius}, #{hour.windMs}, #{hour.windFrom}, #{hour.rainMm},
              #{hour.cloud}, #{file})
      """)
  void keep(UUID apiaryId, HourlyWeather hour, String file);

  @Delete("delete from weather_hour where apiary_id = #{apiaryId}")
  int forget(UUID apiaryId);
}
