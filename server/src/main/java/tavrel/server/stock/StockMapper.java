package tavrel.server.stock;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import tavrel.core.stock.AcidBook.StockTake;
import tavrel.core.stock.AcidLot;
import tavrel.core.stock.SupplyShelf.Supply;

/** Lots, weighings and supplies kept. */
@Mapper
interface StockMapper {

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

  @Select(
      """
      select id, kind, on_day as "day", pieces, counted, price
      from supply
      where struck_at is null
      order by on_day
      """)
  List<Supply> supplies();

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
