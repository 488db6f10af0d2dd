package tavrel.server.reporting.cost;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Rounds that were done, as their costs follow from the register, the log and the gear. */
@Mapper
interface CostMapper {

  /**
   * What one of several tools of a round burned.
   *
   * @param roundId the round
   * @param price of the tool, or null
   * @param burns loads that it burned
   */
  record BurnedBy(UUID roundId, @Nullable Double price, int burns) {}

  /** Burns by tool, of the rounds to which more than one tool came. */
  @Select(
      """
      select b.round_id, g.price, count(*) as burns
      from (
        select distinct k.round_id
        from run_tool k
        join round r on r.id = k.round_id
        where r.on_day between #{from} and #{to}) several
      join tool_burn b on b.round_id = several.round_id
      join tool g on g.id = b.tool_id
      group by b.round_id, g.id, g.price
      """)
  List<BurnedBy> burnedBy(LocalDate from, LocalDate to);

  /**
   * A round done, for its cost.
   *
   * @param roundId the round
   * @param apiaryId the apiary
   * @param apiary its name
   * @param day its day
   * @param hives treated
   * @param burns loads burned
   * @param productGrams of product burned
   * @param began first burn
   * @param ended last opening, or what came last
   * @param people who pressed anything
   * @param toolPrice of the round's tool, or null
   */
  record Done(
      UUID roundId,
      UUID apiaryId,
      String apiary,
      LocalDate day,
      int hives,
      int burns,
      double productGrams,
      Instant began,
      Instant ended,
      int people,
      @Nullable Double toolPrice) {}

  /**
   * A hive's treatment in a round, for its part of the cost.
   *
   * @param roundId the round
   * @param hiveId the hive
   * @param hive its name in the register
   * @param productGrams of product burned
   * @param loads burned
   */
  record HiveDone(UUID roundId, UUID hiveId, String hive, double productGrams, int loads) {}

  @Select(
      """
      select t.round_id, t.hive_id, t.hive_name as hive, t.product_now as product_grams, t.loads
      from treatment t
      join hive h on h.id = t.hive_id
      where t.stands and t.round_id in (
        select r.round_id
        from treatment_round r
        where r.apiary_id = #{apiaryId} and r.on_day between #{from} and #{to})
      order by h.place, h.name_key, t.on_day desc
      """)
  List<HiveDone> hivesDone(UUID apiaryId, LocalDate from, LocalDate to);

  @Select(
      """
      select t.round_id, t.apiary_id, a.name as apiary, min(t.on_day) as "day", sum(t.line_count) as hives,
             sum(t.loads) as burns, sum(t.product) as product_grams, min(t.began) as began, max(t.ended) as ended,
             max(t.people) as people, min(g.price) as tool_price
      from treatment_round t
      join apiary a on a.id = t.apiary_id
      join round r on r.id = t.round_id
      left join tool g on g.id = r.tool_id
      where t.on_day between #{from} and #{to}
      group by t.round_id, t.apiary_id, a.name
      order by min(t.on_day) desc, a.name
      """)
  List<Done> done(LocalDate from, LocalDate to);
}
