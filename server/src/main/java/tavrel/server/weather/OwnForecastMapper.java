package tavrel.server.weather;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import tavrel.core.weather.OwnForecast;

/** What people expect of days, in four figures. */
@Mapper
interface OwnForecastMapper {

  @Select("select count(*) from own_forecast where id = #{id}")
  int holds(UUID id);

  @Insert(
      """
      insert into own_forecast (
        id, apiary_id, on_day, low, high, wind_ms, rain_mm, rain_from, rain_to, thunder_or_ice, made_at, done_by)
      values (
        #{id}, #{apiaryId}, #{own.day}, #{own.low}, #{own.high}, #{own.windMs}, #{own.rainMm}, #{own.rainFrom},
        #{own.rainTo}, #{own.thunderOrIce}, #{own.made}, #{own.by})
      """)
  void add(UUID id, UUID apiaryId, OwnForecast own);

  /** Of each day the one made last, by day. */
  @Select(
      """
      select on_day as "day", low, high, wind_ms, rain_mm, rain_from, rain_to, thunder_or_ice, made_at as "made",
             done_by as "by"
      from own_forecast f
      where apiary_id = #{apiaryId} and on_day between #{from} and #{to} and struck_at is null
        and not exists (
          select 1
          from own_forecast later
          where later.apiary_id = f.apiary_id and later.on_day = f.on_day and later.struck_at is null
            and (later.made_at > f.made_at or (later.made_at = f.made_at and later.id > f.id)))
      order by on_day
      """)
  List<OwnForecast> between(UUID apiaryId, LocalDate from, LocalDate to);

  /** Takes back whatever was said of a day. */
  @Update(
      """
      update own_forecast
      set struck_at = #{at}
      where apiary_id = #{apiaryId} and on_day = #{day} and struck_at is null
      """)
  int strike(UUID apiaryId, LocalDate day, Instant at);
}
