package tavrel.server.gear;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import tavrel.core.burn.Pack;
import tavrel.core.burn.TestBurn;
import tavrel.core.burn.Tool;

/** Tools, packs and their burns kept. */
@Mapper
interface GearMapper {

  String TOOL =
      """
      select id, name, family, power, acid_release as "release", end_sign, capacity, preheat_seconds, burn_seconds,
             cool_seconds, reload_seconds, set_celsius, max_celsius, watts, pack_id, dunk_allowed, seals_every,
             margin_percent, price, note, retired
      from tool
      """;

  @Select(TOOL + "order by retired, name_key")
  List<Tool> tools();

  @Select(TOOL + "where id = #{id}")
  Optional<Tool> tool(UUID id);

  @Select(TOOL + "where name_key = lower(#{name})")
  Optional<Tool> toolNamed(String name);

  @Insert(
      """
      merge into tool (
        id, name, family, power, acid_release, end_sign, capacity, preheat_seconds, burn_seconds, cool_seconds,
        reload_seconds, set_celsius, max_celsius, watts, pack_id, dunk_allowed, seals_every, margin_percent, price, note,
        retired)
      key (id)
      values (
        #{id}, #{name}, #{family}, #{power}, #{release}, #{endSign}, #{capacity}, #{preheatSeconds}, #{burnSeconds},
        #{coolSeconds}, #{reloadSeconds}, #{setCelsius}, #{maxCelsius}, #{watts}, #{packId}, #{dunkAllowed},
        #{sealsEvery}, #{marginPercent}, #{price}, #{note}, #{retired})
      """)
  void keepTool(Tool tool);

  String PACK =
      """
      select id, name, volts, amp_hours, cutoff_volts, burns_per_charge, charge_minutes, pieces as "count"
      from pack
      """;

  @Select(PACK + "order by name_key")
  List<Pack> packs();

  @Select(PACK + "where id = #{id}")
  Optional<Pack> pack(UUID id);

  @Select(PACK + "where name_key = lower(#{name})")
  Optional<Pack> packNamed(String name);

  @Insert(
      """
      merge into pack (id, name, volts, amp_hours, cutoff_volts, burns_per_charge, charge_minutes, pieces)
      key (id)
      values (#{id}, #{name}, #{volts}, #{ampHours}, #{cutoffVolts}, #{burnsPerCharge}, #{chargeMinutes}, #{count})
      """)
  void keepPack(Pack pack);

  @Select(
      """
      select id, tool_id, load, seconds, pack, celsius, note, at
      from test_burn
      where struck_at is null
      order by at desc, id
      """)
  List<TestBurn> burns();

  @Select(
      """
      select id, tool_id, load, seconds, pack, celsius, note, at
      from test_burn
      where tool_id = #{toolId} and struck_at is null
      order by at desc, id
      """)
  List<TestBurn> burnsOf(UUID toolId);

  @Select("select count(*) from test_burn where id = #{id}")
  int holdsBurn(UUID id);

  @Insert(
      """
      insert into test_burn (id, tool_id, load, seconds, pack, celsius, note, at, done_by)
      values (#{burn.id}, #{burn.toolId}, #{burn.load}, #{burn.seconds}, #{burn.pack}, #{burn.celsius}, #{burn.note},
              #{burn.at}, #{by})
      """)
  void addBurn(TestBurn burn, String by);

  @Update("update test_burn set struck_at = #{at} where id = #{id} and struck_at is null")
  int strikeBurn(UUID id, Instant at);

  @Select(
      "select id, tool_id, kind, says, at, done_by as \"by\" from gear_note order by at desc, id")
  List<GearNote> notes();

  @Insert(
      """
      merge into gear_note (id, tool_id, kind, says, at, done_by)
      key (id)
      values (#{id}, #{toolId}, #{kind}, #{says}, #{at}, #{by})
      """)
  void keepNote(GearNote note);
}
