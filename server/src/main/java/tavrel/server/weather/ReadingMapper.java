package tavrel.server.weather;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import tavrel.core.weather.ForecastCheck;
import tavrel.core.weather.Reading;

/** Thermometer readings kept. */
@Mapper
interface ReadingMapper {

  @Select("select count(*) from weather_reading where id = #{id}")
  int holds(UUID id);

  @Insert(
      """
      insert into weather_reading (id, apiary_id, at, celsius, wind, wind_from, rain, done_by, foretold_celsius,
                                   foretold_workable, read_workable)
      values (#{id}, #{apiaryId}, #{reading.at}, #{reading.celsius}, #{reading.wind}, #{reading.windFrom},
              #{reading.rain}, #{reading.by}, #{check.foretold}, #{check.foretoldWorkable}, #{check.readWorkable})
      """)
  void add(UUID id, UUID apiaryId, Reading reading, @Nullable ForecastCheck check);

  /** What had been foretold of an apiary's readings since a moment, in order. */
  @Select(
      """
      select at, foretold_celsius as foretold, celsius as "read", foretold_workable, read_workable
      from weather_reading
      where apiary_id = #{apiaryId} and at >= #{since} and foretold_celsius is not null
      order by at, id
      """)
  List<ForecastCheck> checks(UUID apiaryId, Instant since);

  /** Readings from one moment to before another, in order. */
  @Select(
      """
      select at, celsius, wind, wind_from, rain, done_by as "by"
      from weather_reading
      where apiary_id = #{apiaryId} and at >= #{from} and at < #{to}
      order by at, id
      """)
  List<Reading> between(UUID apiaryId, Instant from, Instant to);
}
