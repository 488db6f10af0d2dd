package tavrel.server.apiary;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Apiaries kept. */
@Mapper
interface ApiaryMapper {

  @Select(
      "select id, name, latitude, longitude, altitude, zone, zone_from, closed_on from apiary order by name_key")
  List<Apiary> all();

  @Select(
      "select id, name, latitude, longitude, altitude, zone, zone_from, closed_on from apiary where id = #{id}")
  Optional<Apiary> byId(UUID id);

  @Select(
      "select id, name, latitude, longitude, altitude, zone, zone_from, closed_on from apiary where name_key = lower(#{name})")
  Optional<Apiary> byName(String name);

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
          zone_from = #{zoneFrom}, closed_on = #{closedOn}
      where id = #{id}
      """)
  void change(Apiary apiary);

  /** Holds an apiary against a second change of its hives until this one is done. */
  @Select("select id from apiary where id = #{id} for update")
  Optional<UUID> lock(UUID id);

  /** What one has to know to get there. */
  @Select(
      """
      select gate_code, way_in, landowner, telephone, parking, coverage, rescue, poison_centre, written_by, written_at
      from apiary_card
      where apiary_id = #{apiaryId}
      """)
  Optional<ApiaryCard> card(UUID apiaryId);

  @Update(
      """
      merge into apiary_card (
        apiary_id, gate_code, way_in, landowner, telephone, parking, coverage, rescue, poison_centre, written_by, written_at)
      key (apiary_id)
      values (
        #{apiaryId}, #{card.gateCode}, #{card.wayIn}, #{card.landowner}, #{card.telephone}, #{card.parking},
        #{card.coverage}, #{card.rescue}, #{card.poisonCentre}, #{by}, #{at})
      """)
  void keepCard(UUID apiaryId, ApiaryCard card, String by, Instant at);
}
