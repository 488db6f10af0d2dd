package tavrel.server.register;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.cursor.Cursor;
import org.jspecify.annotations.Nullable;
import tavrel.core.weather.HourlyWeather;
import tavrel.core.yardrun.Treatment;

/** The register's lines kept. */
@Mapper
interface RegisterMapper {

  String LINES =
      """
      select t.round_id, t.hive_id, t.on_day as "day", a.zone, a.name as apiary, rh.hive_name as hive, t.started_at, t.removed_at,
             t.opened_at, t.loads, t.acid, t.product as product_grams, r.product, r.lot, r.tool, t.people, rh.supers,
             rh.supers_plan, s.waiting_days, s.name as rule_sheet, rh.verdict, rh.label_says, case when rh.verdict = 'NOT_ON_LABEL' then r.off_label_reason end as off_label_reason,
             t.celsius, t.wind_ms, t.wind_from, t.weather_from, t.made_up as weather_made_up, t.remarks
      from treatment t
      join round r on r.id = t.round_id
      join round_hive rh on rh.round_id = t.round_id and rh.hive_id = t.hive_id
      join apiary a on a.id = r.apiary_id
      join rule_sheet s on s.id = r.rule_sheet_id
      where t.on_day between #{from} and #{to}
        and (cast(#{apiaryId} as uuid) is null or r.apiary_id = #{apiaryId})
      order by t.on_day desc, t.started_at desc, t.hive_id
      """;

  @Select(LINES + "limit #{limit} offset #{offset}")
  List<TreatmentLine> page(
      LocalDate from, LocalDate to, @Nullable UUID apiaryId, int limit, int offset);

  @Select(LINES)
  @Options(fetchSize = 500)
  Cursor<TreatmentLine> every(LocalDate from, LocalDate to, @Nullable UUID apiaryId);

  @Select(
      """
      select count(*) as lines, coalesce(sum(t.acid), 0) as acid, coalesce(sum(t.product), 0) as product_grams,
             count(distinct t.round_id) as rounds, count(distinct t.hive_id) as hives
      from treatment t
      join round r on r.id = t.round_id
      where t.on_day between #{from} and #{to}
        and (cast(#{apiaryId} as uuid) is null or r.apiary_id = #{apiaryId})
      """)
  RegisterTotals totals(LocalDate from, LocalDate to, @Nullable UUID apiaryId);

  @Select("select distinct year(on_day) from treatment order by 1 desc")
  List<Integer> years();

  @Delete("delete from treatment where round_id = #{roundId} and hive_id = #{hiveId}")
  void remove(UUID roundId, UUID hiveId);

  @Insert(
      """
      insert into treatment (
        round_id, hive_id, on_day, started_at, removed_at, opened_at, loads, acid, product, people, remarks, celsius, wind_ms,
        wind_from, weather_from, made_up)
      values (
        #{roundId}, #{hiveId}, #{day}, #{treatment.startedAt}, #{treatment.removedAt}, #{treatment.openedAt}, #{treatment.loads},
        #{treatment.acid}, #{treatment.product}, #{people}, #{remarks}, #{weather.celsius}, #{weather.windMs},
        #{weather.windFrom}, #{weatherFrom}, #{madeUp})
      """)
  void add(
      UUID roundId,
      UUID hiveId,
      LocalDate day,
      Treatment treatment,
      String people,
      String remarks,
      @Nullable HourlyWeather weather,
      @Nullable String weatherFrom,
      boolean madeUp);
}
