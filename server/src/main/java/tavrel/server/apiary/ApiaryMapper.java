package tavrel.server.apiary;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.ConstructorArgs;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;

/** Apiaries and their hives kept. */
@Mapper
public interface ApiaryMapper {

  @Select("select id, name, latitude, longitude, zone from apiary order by name_key")
  List<Apiary> all();

  @Select("select id, name, latitude, longitude, zone from apiary where id = #{id}")
  Optional<Apiary> byId(UUID id);

  @Select("select id, name, latitude, longitude, zone from apiary where name_key = lower(#{name})")
  Optional<Apiary> byName(String name);

  @Select(
      """
      select apiary_id, count(*) as hives
      from hive
      group by apiary_id
      """)
  List<HiveCount> hiveCounts();

  @Select("select count(*) from hive where apiary_id = #{apiaryId}")
  int hiveCount(UUID apiaryId);

  @Insert(
      """
      insert into apiary (id, name, latitude, longitude, zone, created_at)
      values (#{apiary.id}, #{apiary.name}, #{apiary.latitude}, #{apiary.longitude}, #{apiary.zone}, #{at})
      """)
  void add(Apiary apiary, Instant at);

  @Update(
      """
      update apiary
      set name = #{name}, latitude = #{latitude}, longitude = #{longitude}, zone = #{zone}
      where id = #{id}
      """)
  void change(Apiary apiary);

  @Select(
      "select id, name, place, boxes, supers, floor from hive where apiary_id = #{apiaryId} order by place, name_key")
  @ConstructorArgs({
    @Arg(column = "id", javaType = UUID.class, id = true),
    @Arg(column = "name", javaType = String.class),
    @Arg(column = "place", javaType = int.class),
    @Arg(column = "boxes", javaType = List.class, typeHandler = BoxesTypeHandler.class),
    @Arg(column = "supers", javaType = int.class),
    @Arg(column = "floor", javaType = Floor.class)
  })
  List<Hive> hives(UUID apiaryId);

  @Insert(
      """
      insert into hive (id, apiary_id, name, place, boxes, supers, floor, created_at)
      values (#{hive.id}, #{apiaryId}, #{hive.name}, #{hive.place},
              #{hive.boxes, typeHandler=tavrel.server.apiary.BoxesTypeHandler}, #{hive.supers}, #{hive.floor}, #{at})
      """)
  void addHive(Hive hive, UUID apiaryId, Instant at);

  @Update(
      """
      update hive
      set place = #{place}, boxes = #{boxes, typeHandler=tavrel.server.apiary.BoxesTypeHandler},
          supers = #{supers}, floor = #{floor}
      where id = #{id}
      """)
  void changeHive(Hive hive);
}
