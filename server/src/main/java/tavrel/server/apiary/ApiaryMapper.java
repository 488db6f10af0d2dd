package tavrel.server.apiary;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import tavrel.core.hive.Hive;

/** Apiaries and their hives kept. */
@Mapper
public interface ApiaryMapper {

  @Select(
      "select id, name, latitude, longitude, altitude, zone, zone_from from apiary order by name_key")
  List<Apiary> all();

  @Select(
      "select id, name, latitude, longitude, altitude, zone, zone_from from apiary where id = #{id}")
  Optional<Apiary> byId(UUID id);

  @Select(
      "select id, name, latitude, longitude, altitude, zone, zone_from from apiary where name_key = lower(#{name})")
  Optional<Apiary> byName(String name);

  @Select(
      """
      select apiary_id, count(*) as hives
      from hive
      group by apiary_id
      """)
  List<HivesPerApiary> hiveCounts();

  /** The depot's zone, else the one in which most hives stand; see {@link OutfitDay}. */
  @Select(
      """
      select zone
      from (
        select zone, 2147483647 as weight
        from depot
        union all
        select a.zone, count(h.id) as weight
        from apiary a
        left join hive h on h.apiary_id = a.id
        group by a.zone)
      order by weight desc, zone
      limit 1
      """)
  Optional<String> outfitZone();

  @Select("select count(*) from hive where apiary_id = #{apiaryId}")
  int hiveCount(UUID apiaryId);

  @Insert(
      """
      insert into apiary (id, name, latitude, longitude, altitude, zone, zone_from, created_at)
      values (#{apiary.id}, #{apiary.name}, #{apiary.latitude}, #{apiary.longitude}, #{apiary.altitude}, #{apiary.zone},
              #{apiary.zoneFrom}, #{at})
      """)
  void add(Apiary apiary, Instant at);

  @Update(
      """
      update apiary
      set name = #{name}, latitude = #{latitude}, longitude = #{longitude}, altitude = #{altitude}, zone = #{zone},
          zone_from = #{zoneFrom}
      where id = #{id}
      """)
  void change(Apiary apiary);

  /** Hives in walking order. */
  default List<Hive> hives(UUID apiaryId) {
    return kept(apiaryId).stream().map(HiveRow::hive).toList();
  }

  @Select(
      """
      select id, name, yard_row, place, boxes, supers, floor, material, entrance, shutting, inner_cover, cracks, port,
             supers_plan, stand, divided, since, line
      from hive
      where apiary_id = #{apiaryId}
      order by place, name_key
      """)
  List<HiveRow> kept(UUID apiaryId);

  @Select(
      """
      select id, name, yard_row, place, boxes, supers, floor, material, entrance, shutting, inner_cover, cracks, port,
             supers_plan, stand, divided, since, line
      from hive
      where id = #{hiveId}
      """)
  Optional<HiveRow> keptHive(UUID hiveId);

  @Select(
      """
      <script>
      select id, name, yard_row, place, boxes, supers, floor, material, entrance, shutting, inner_cover, cracks, port,
             supers_plan, stand, divided, since, line
      from hive
      where id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  List<HiveRow> keptHives(Collection<UUID> hiveIds);

  /** Where a hive stands. */
  record Stands(UUID hiveId, UUID apiaryId) {}

  @Select(
      """
      <script>
      select id as hive_id, apiary_id
      from hive
      where id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  List<Stands> standing(Collection<UUID> hiveIds);

  @Select("select apiary_id from hive where id = #{hiveId}")
  Optional<UUID> apiaryOf(UUID hiveId);

  /** Holds an apiary against a second change of its hives until this one is done. */
  @Select("select id from apiary where id = #{id} for update")
  Optional<UUID> lock(UUID id);

  /** The earliest day on which a hive was counted or treated, or nothing. */
  @Select(
      """
      select min(on_day)
      from (
        select min(on_day) as on_day from mite_count where hive_id = #{hiveId} and struck_at is null
        union all
        select min(on_day) from treatment where hive_id = #{hiveId} and stands)
      """)
  Optional<LocalDate> firstKnown(UUID hiveId);

  default void addHive(Hive hive, UUID apiaryId, Instant at) {
    insertHive(HiveRow.of(hive), apiaryId, at);
  }

  @Insert(
      """
      insert into hive (
        id, apiary_id, name, yard_row, place, boxes, supers, floor, material, entrance, shutting, inner_cover, cracks,
        port, supers_plan, stand, divided, since, line, created_at)
      values (
        #{hive.id}, #{apiaryId}, #{hive.name}, #{hive.yardRow}, #{hive.place}, #{hive.boxes}, #{hive.supers},
        #{hive.floor}, #{hive.material}, #{hive.entrance}, #{hive.shutting}, #{hive.innerCover}, #{hive.cracks},
        #{hive.port}, #{hive.supersPlan}, #{hive.stand}, #{hive.divided}, #{hive.since}, #{hive.line}, #{at})
      """)
  void insertHive(HiveRow hive, UUID apiaryId, Instant at);

  default void changeHive(Hive hive) {
    updateHive(HiveRow.of(hive));
  }

  @Update(
      """
      update hive
      set yard_row = #{yardRow}, place = #{place}, boxes = #{boxes}, supers = #{supers}, floor = #{floor},
          material = #{material}, entrance = #{entrance}, shutting = #{shutting}, inner_cover = #{innerCover},
          cracks = #{cracks}, port = #{port}, supers_plan = #{supersPlan}, stand = #{stand}, divided = #{divided},
          since = #{since}, line = #{line}
      where id = #{id}
      """)
  void updateHive(HiveRow hive);
}
