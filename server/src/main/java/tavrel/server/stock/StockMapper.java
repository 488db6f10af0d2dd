package tavrel.server.stock;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import tavrel.core.stock.AcidBook.Draw;
import tavrel.core.stock.AcidBook.StockTake;
import tavrel.core.stock.AcidLot;
import tavrel.core.stock.SupplyShelf.Supply;

/** Lots, weighings and supplies kept; burns read. */
@Mapper
interface StockMapper {

  /**
   * A round that is planned and not finished.
   *
   * @param day its day
   * @param grams of product that it still needs
   * @param tool name of its tool
   * @param burns that it still needs
   */
  record Planned(LocalDate day, double grams, String tool, int burns) {}

  /** A round done: from the first burn to the last opening, and its burns. */
  record Worked(UUID roundId, Instant began, Instant ended, int burns) {}

  @Select(
      """
      select round_id, min(began) as began, max(ended) as ended, sum(loads) as burns
      from treatment_round
      where on_day >= #{since}
      group by round_id
      """)
  List<Worked> workedSince(LocalDate since);

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
      select id, name, product, bought_on, grams, strength, price, supplier
      from acid_lot
      where struck_at is null
      order by bought_on, name
      """)
  List<AcidLot> lots();

  @Select(
      """
      select t.id, t.lot_id, t.on_day as "day", t.grams
      from stock_take t
      join acid_lot l on l.id = t.lot_id
      where t.struck_at is null and l.struck_at is null
      order by t.on_day
      """)
  List<StockTake> takes();

  /** What was burned, by round and lot: the sums are small beside the register. */
  @Select(
      """
      select round_id, on_day as "day", began as at, product as grams, nullif(lot, '') as lot
      from treatment_round
      order by began
      """)
  List<Draw> draws();

  @Select(
      """
      select r.on_day as "day",
             sum(coalesce(h.first_product, 0) + h.larger_loads * coalesce(h.larger_product, 0)
                 + (h.loads - h.larger_loads - case when h.first_product is null then 0 else 1 end) * h.product_per_load) as grams,
             r.tool, sum(h.loads) as burns
      from round r
      join round_hive h on h.round_id = r.id
      where r.discarded_at is null and r.finished_at is null
        and not exists (select 1 from treatment t where t.round_id = r.id and t.hive_id = h.hive_id)
      group by r.id, r.on_day, r.tool
      """)
  List<Planned> planned();

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

  @Select(
      """
      select id, kind, on_day as "day", pieces, counted, price
      from supply
      where struck_at is null
      order by on_day
      """)
  List<Supply> supplies();

  @Select("select at from gear_note where kind = 'SEALS_CHANGED'")
  List<Instant> sealsChanged();

  @Select("select at from gear_note where kind = 'FILTERS_CHANGED'")
  List<Instant> filtersChanged();

  @Select("select count(*) from acid_lot where id = #{id}")
  int hasLot(UUID id);

  @Select("select count(*) from stock_take where id = #{id}")
  int hasTake(UUID id);

  @Select("select count(*) from supply where id = #{id}")
  int hasSupply(UUID id);

  @Insert(
      """
      insert into acid_lot (id, name, product, bought_on, grams, strength, price, supplier, done_by, account_id,
                            received_at)
      values (#{lot.id}, #{lot.name}, #{lot.product}, #{lot.boughtOn}, #{lot.grams}, #{lot.strength}, #{lot.price},
              #{lot.supplier}, #{by}, #{accountId}, #{at})
      """)
  void addLot(AcidLot lot, String by, UUID accountId, Instant at);

  @Insert(
      """
      insert into stock_take (id, lot_id, on_day, grams, done_by, account_id, received_at)
      values (#{take.id}, #{take.lotId}, #{take.day}, #{take.grams}, #{by}, #{accountId}, #{at})
      """)
  void addTake(StockTake take, String by, UUID accountId, Instant at);

  @Insert(
      """
      insert into supply (id, kind, on_day, pieces, counted, price, done_by, account_id, received_at)
      values (#{supply.id}, #{supply.kind}, #{supply.day}, #{supply.pieces}, #{supply.counted}, #{supply.price}, #{by},
              #{accountId}, #{at})
      """)
  void addSupply(Supply supply, String by, UUID accountId, Instant at);

  @Update("update acid_lot set struck_at = #{at} where id = #{id} and struck_at is null")
  int strikeLot(UUID id, Instant at);

  @Update("update stock_take set struck_at = #{at} where id = #{id} and struck_at is null")
  int strikeTake(UUID id, Instant at);

  @Update("update supply set struck_at = #{at} where id = #{id} and struck_at is null")
  int strikeSupply(UUID id, Instant at);
}
