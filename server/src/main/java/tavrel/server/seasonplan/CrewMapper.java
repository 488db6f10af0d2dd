package tavrel.server.seasonplan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import tavrel.core.seasonplan.Roads;

/** Depot, crews and measured ways kept. */
@Mapper
interface CrewMapper {

  /** A crew as its row has it. */
  record Kept(
      UUID id,
      String name,
      String leavesFrom,
      String backBy,
      int longestMinutes,
      int burners,
      int helpers,
      int cloths,
      @Nullable Double minutesPerHive) {

    OutfitCrew with(List<UUID> tools, List<LocalDate> off, List<UUID> members) {
      return new OutfitCrew(
          id,
          name,
          LocalTime.parse(leavesFrom),
          LocalTime.parse(backBy),
          longestMinutes,
          burners,
          helpers,
          cloths,
          tools,
          minutesPerHive,
          off,
          members);
    }
  }

  @Select(
      """
      select id, name, leaves_from, back_by, longest_minutes, burners, helpers, cloths, minutes_per_hive
      from road_crew
      where not retired
      order by place, name
      """)
  List<Kept> crews();

  @Select("select tool_id from road_crew_tool where crew_id = #{crewId} order by number")
  List<UUID> tools(UUID crewId);

  @Select("select on_day from road_crew_off where crew_id = #{crewId} order by on_day")
  List<LocalDate> off(UUID crewId);

  @Insert(
      """
      merge into road_crew (
        id, name, place, leaves_from, back_by, longest_minutes, burners, helpers, cloths, minutes_per_hive, retired)
      key (id)
      values (
        #{crew.id}, #{crew.name},
        coalesce((select place from road_crew where id = #{crew.id}), (select count(*) from road_crew)),
        #{leavesFrom}, #{backBy}, #{crew.longestMinutes}, #{crew.burners}, #{crew.helpers}, #{crew.cloths},
        #{crew.minutesPerHive}, false)
      """)
  void keepCrew(OutfitCrew crew, String leavesFrom, String backBy);

  @Delete("delete from road_crew_tool where crew_id = #{crewId}")
  void forgetTools(UUID crewId);

  @Insert(
      "insert into road_crew_tool (crew_id, tool_id, number) values (#{crewId}, #{toolId}, #{number})")
  void addTool(UUID crewId, UUID toolId, int number);

  @Delete("delete from road_crew_off where crew_id = #{crewId}")
  void forgetOff(UUID crewId);

  @Insert("insert into road_crew_off (crew_id, on_day) values (#{crewId}, #{day})")
  void addOff(UUID crewId, LocalDate day);

  /** Somebody who goes with a crew. */
  record Member(UUID crewId, UUID accountId) {}

  @Select(
      """
      select m.crew_id, m.account_id
      from road_crew_member m
      join road_crew c on c.id = m.crew_id
      where not c.retired
      order by m.crew_id, m.account_id
      """)
  List<Member> members();

  @Delete("delete from road_crew_member where crew_id = #{crewId}")
  void forgetMembers(UUID crewId);

  @Insert("insert into road_crew_member (crew_id, account_id) values (#{crewId}, #{accountId})")
  void addMember(UUID crewId, UUID accountId);

  @Update("update road_crew set retired = true where id = #{id}")
  int retire(UUID id);

  @Select("select one, other, km, minutes from measured_way order by one, other")
  List<Roads.Measured> ways();

  @Insert(
      """
      merge into measured_way (one, other, km, minutes)
      key (one, other)
      values (#{one}, #{other}, #{km}, #{minutes})
      """)
  void keepWay(Roads.Measured way);

  @Delete(
      """
      delete from measured_way
      where (one = #{one} and other = #{other}) or (one = #{other} and other = #{one})
      """)
  void forgetWay(UUID one, UUID other);

  @Select("select calendar_key from road_crew where id = #{id} and not retired")
  @Nullable String calendarKey(UUID id);

  @Update("update road_crew set calendar_key = #{key} where id = #{id}")
  void keepCalendarKey(UUID id, @Nullable String key);

  @Select("select id from road_crew where calendar_key = #{key} and not retired")
  Optional<UUID> crewOfCalendar(String key);
}
