package tavrel.server.reporting.files;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import tavrel.core.hive.Floor;
import tavrel.core.run.EventKind;

/** Rows of files that go out, as they lie in the tables. */
@Mapper
interface FileMapper {

  /**
   * An event of a run.
   *
   * @param id key
   * @param at when it happened
   * @param zone the apiary's zone
   * @param apiary its name
   * @param hive the hive's name on that day, or null for what happened to crew or tool
   * @param kind what happened
   * @param load which load, where it is about one
   * @param tool which of the run's tools, where it is known
   * @param person who pressed
   * @param reason why, where one was given
   * @param undone whether it was taken back
   */
  record EventRow(
      UUID id,
      Instant at,
      String zone,
      String apiary,
      @Nullable String hive,
      EventKind kind,
      @Nullable Integer load,
      @Nullable String tool,
      String person,
      @Nullable String reason,
      boolean undone) {}

  /** An hour of weather from a file. */
  record HourRow(
      Instant begins,
      double celsius,
      double windMs,
      @Nullable Integer windFrom,
      double rainMm,
      double cloud,
      boolean thunderOrIce) {}

  /** In which boxes and under how many supers a hive stood from a day on. */
  record SetUpRow(UUID hiveId, String boxes, int supers) {}

  /** The boxes and supers last put on or off until a day; of several of one day the latest last. */
  @Select(
      """
      select l.hive_id, l.boxes, l.supers
      from (
        select hive_id, max(on_day) as on_day
        from hive_life
        where kind = 'SET_UP' and struck_at is null and on_day <= #{day}
        group by hive_id
      ) latest
      join hive_life l on l.hive_id = latest.hive_id and l.on_day = latest.on_day
      where l.kind = 'SET_UP' and l.struck_at is null
      order by l.received_at, l.id
      """)
  List<SetUpRow> setUps(LocalDate day);

  /**
   * A hive as it stood on a day.
   *
   * @param apiary the apiary's name
   * @param hive what the hive was called then
   * @param boxes brood boxes with which it began, as a roster writes them
   * @param supers with which it began
   */
  record StoodRow(
      UUID hiveId,
      String apiary,
      String hive,
      int place,
      String boxes,
      int supers,
      Floor floor,
      @Nullable LocalDate since,
      @Nullable String line,
      @Nullable Double latitude,
      @Nullable Double longitude) {}

  /**
   * Hives that stood anywhere on a day, in the boxes of that day; place and floor are the latest.
   */
  @Select(
      """
      select s.hive_id, a.name as apiary, s.name as hive, h.place, h.first_boxes as boxes, h.first_supers as supers, h.floor, h.since, h.line, a.latitude, a.longitude
      from hive_stay s
      join hive h on h.id = s.hive_id
      join apiary a on a.id = s.apiary_id
      where (s.from_day is null or s.from_day <= #{day}) and (s.to_day is null or s.to_day > #{day})
      order by a.name_key, h.place, s.name
      """)
  List<StoodRow> stood(LocalDate day);

  /** Rounds of some days, in their order. */
  @Select("select id from round where on_day between #{first} and #{last} order by on_day, id")
  List<UUID> rounds(LocalDate first, LocalDate last);

  /** Events of a round, in their order. */
  @Select(
      """
      select e.id, e.at, a.zone, a.name as apiary, h.hive_name as hive, e.kind, e.load, coalesce(t.name, r.tool) as tool,
             e.done_by as person, e.reason,
             e.id in (select u.id from undone_event u where u.round_id = #{roundId}) as undone
      from run_event e
      join round r on r.id = e.round_id
      join apiary a on a.id = r.apiary_id
      left join round_hive h on h.round_id = e.round_id and h.hive_id = e.hive_id
      left join run_tool t on t.round_id = e.round_id and t.number = e.tool
      where e.round_id = #{roundId} and e.kind <> 'UNDONE'
      order by e.at, e.id
      """)
  List<EventRow> events(UUID roundId);

  @Select(
      """
      select begins, celsius, wind_ms, wind_from, rain_mm, cloud, thunder_or_ice
      from weather_hour
      where apiary_id = #{apiaryId}
      order by begins
      """)
  List<HourRow> hours(UUID apiaryId);
}
