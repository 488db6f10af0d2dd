package tavrel.server.hive;

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
import org.jspecify.annotations.Nullable;
import tavrel.core.hive.Hive;
import tavrel.core.life.BeganAs;

/** Hives kept. */
@Mapper
interface HiveMapper {

  @Select(
      """
      select apiary_id, count(*) as hives
      from hive
      where ended_on is null
      group by apiary_id
      """)
  List<HivesPerApiary> perApiary();

  @Select("select count(*) from hive where apiary_id = #{apiaryId} and ended_on is null")
  int count(UUID apiaryId);

  /** Ended ones too. */
  @Select(
      "select id as hive_id, name as hive, apiary_id, ended_on from hive order by apiary_id, place, name_key")
  List<Hives.Named> everyHive();

  /** Hives that live there, in walking order. */
  default List<Hive> hives(UUID apiaryId) {
    return kept(apiaryId).stream().map(HiveRow::hive).toList();
  }

  @Select(
      """
      select id, name, yard_row, place, boxes, supers, floor, material, entrance, shutting, inner_cover, cracks, port,
             supers_plan, stand, divided, since, line
      from hive
      where apiary_id = #{apiaryId} and ended_on is null
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
  record Stands(UUID hiveId, UUID apiaryId, @Nullable LocalDate endedOn) {}

  @Select(
      """
      <script>
      select id as hive_id, apiary_id, ended_on
      from hive
      where id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  List<Stands> standing(Collection<UUID> hiveIds);

  @Select("select apiary_id from hive where id = #{hiveId}")
  Optional<UUID> apiaryOf(UUID hiveId);

  default void addHive(
      Hive hive, UUID apiaryId, BeganAs beganAs, @Nullable UUID motherId, Instant at) {
    insertHive(HiveRow.of(hive), apiaryId, beganAs, motherId, at);
  }

  @Insert(
      """
      insert into hive (
        id, apiary_id, name, yard_row, place, boxes, supers, floor, material, entrance, shutting, inner_cover, cracks,
        port, supers_plan, stand, divided, since, line, began_as, first_apiary_id, first_name, first_boxes, first_supers,
        mother_id, created_at)
      values (
        #{hive.id}, #{apiaryId}, #{hive.name}, #{hive.yardRow}, #{hive.place}, #{hive.boxes}, #{hive.supers},
        #{hive.floor}, #{hive.material}, #{hive.entrance}, #{hive.shutting}, #{hive.innerCover}, #{hive.cracks},
        #{hive.port}, #{hive.supersPlan}, #{hive.stand}, #{hive.divided}, #{hive.since}, #{hive.line},
        #{beganAs}, #{apiaryId}, #{hive.name}, #{hive.boxes}, #{hive.supers}, #{motherId},
        #{at})
      """)
  void insertHive(
      HiveRow hive, UUID apiaryId, BeganAs beganAs, @Nullable UUID motherId, Instant at);

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
