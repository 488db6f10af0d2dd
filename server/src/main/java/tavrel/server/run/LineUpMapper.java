package tavrel.server.run;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.burn.ToolFamily;
import tavrel.core.run.PlannedPace;

/** Tools and people of runs, kept. */
@Mapper
interface LineUpMapper {

  /** A tool that comes along. */
  record KeptTool(
      int number,
      UUID toolId,
      String name,
      ToolFamily family,
      int coolSeconds,
      int reloadSeconds,
      @Nullable Integer burnsPerPack) {}

  /** One of these tools at one hive. */
  record ToolAtHive(int number, UUID hiveId, @Nullable Integer burnSeconds, @Nullable Fact unfit) {}

  /** Who works, and how long it was reckoned to take. */
  record KeptLineUp(
      int burners,
      int helpers,
      int cloths,
      @Nullable Integer caps,
      boolean preparedAhead,
      @Nullable Integer finish,
      @Nullable Integer mostShut,
      String madeBy,
      Instant madeAt) {}

  @Select(
      """
      select number, tool_id, name, family, cool_seconds, reload_seconds, burns_per_pack
      from run_tool
      where round_id = #{roundId}
      order by number
      """)
  List<KeptTool> tools(UUID roundId);

  @Select(
      """
      select number, hive_id, burn_seconds, unfit
      from run_tool_hive
      where round_id = #{roundId}
      """)
  List<ToolAtHive> toolsAtHives(UUID roundId);

  @Insert(
      """
      insert into run_tool (round_id, number, tool_id, name, family, cool_seconds, reload_seconds, burns_per_pack)
      values (#{roundId}, #{tool.number}, #{tool.toolId}, #{tool.name}, #{tool.family}, #{tool.coolSeconds},
              #{tool.reloadSeconds}, #{tool.burnsPerPack})
      """)
  void addTool(UUID roundId, KeptTool tool);

  @Insert(
      """
      insert into run_tool_hive (round_id, number, hive_id, burn_seconds, unfit)
      values (#{roundId}, #{line.number}, #{line.hiveId}, #{line.burnSeconds}, #{line.unfit})
      """)
  void addToolAtHive(UUID roundId, ToolAtHive line);

  @Delete("delete from run_tool_hive where round_id = #{roundId} and number >= #{from}")
  void dropToolsAtHives(UUID roundId, int from);

  @Delete("delete from run_tool where round_id = #{roundId} and number >= #{from}")
  void dropTools(UUID roundId, int from);

  @Select(
      """
      select burners, helpers, cloths, caps, prepared_ahead, finish, most_shut, made_by, made_at
      from line_up
      where round_id = #{roundId}
      """)
  Optional<KeptLineUp> lineUp(UUID roundId);

  @Insert(
      """
      merge into line_up (round_id, burners, helpers, cloths, caps, prepared_ahead, finish, most_shut, made_by, made_at)
      key (round_id)
      values (#{roundId}, #{kept.burners}, #{kept.helpers}, #{kept.cloths}, #{kept.caps}, #{kept.preparedAhead},
              #{kept.finish}, #{kept.mostShut}, #{kept.madeBy}, #{kept.madeAt})
      """)
  void keep(UUID roundId, KeptLineUp kept);

  @Select(
      """
      select hive_id, shut, out_at as "out", opened
      from line_up_hive
      where round_id = #{roundId}
      """)
  List<PlannedPace.Line> lines(UUID roundId);

  @Insert(
      """
      insert into line_up_hive (round_id, hive_id, shut, out_at, opened)
      values (#{roundId}, #{line.hiveId}, #{line.shut}, #{line.out}, #{line.opened})
      """)
  void addLine(UUID roundId, PlannedPace.Line line);

  @Delete("delete from line_up_hive where round_id = #{roundId}")
  void dropLines(UUID roundId);

  @Select(
      """
      select hive_id, hive_name as name, loads, product_per_load, first_product, larger_loads, larger_product,
             prep_seconds, cloth
      from round_hive
      where round_id = #{roundId}
      order by place
      """)
  List<WorkAtHive> work(UUID roundId);

  /** What one hive of a round asks of tools and people. */
  record WorkAtHive(
      UUID hiveId,
      String name,
      int loads,
      double productPerLoad,
      @Nullable Double firstProduct,
      int largerLoads,
      @Nullable Double largerProduct,
      int prepSeconds,
      boolean cloth) {

    /** Grams of product in all loads. */
    double product() {
      int plain = loads - largerLoads - (firstProduct == null ? 0 : 1);
      return (firstProduct == null ? 0 : firstProduct)
          + (largerProduct == null ? 0 : largerLoads * largerProduct)
          + plain * productPerLoad;
    }
  }

  @Select("select count(*) from run_event where round_id = #{roundId} and kind <> 'CHECKED'")
  int begun(UUID roundId);
}
