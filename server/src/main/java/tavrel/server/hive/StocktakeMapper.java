package tavrel.server.hive;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Stocktakes kept. */
@Mapper
interface StocktakeMapper {

  String ROWS =
      """
      select id, on_day as "day", written, found, dead, gone, unread, added, done_by, struck_by
      from stocktake
      """;

  @Select(ROWS + "where apiary_id = #{apiaryId} order by on_day desc, at desc")
  List<Stocktakes.Stocktake> of(UUID apiaryId);

  @Select(ROWS + "where id = #{id}")
  Optional<Stocktakes.Stocktake> byId(UUID id);

  @Insert(
      """
      insert into stocktake (
        id, apiary_id, on_day, written, found, dead, gone, unread, added, done_by, account_id, at)
      values (
        #{taken.id}, #{apiaryId}, #{taken.day}, #{taken.written}, #{taken.found}, #{taken.dead}, #{taken.gone},
        #{taken.unread}, #{taken.added}, #{taken.doneBy}, #{accountId}, #{at})
      """)
  void add(Stocktakes.Stocktake taken, UUID apiaryId, UUID accountId, Instant at);

  @Update(
      "update stocktake set struck_by = #{by}, struck_at = #{at} where id = #{id} and struck_at is null")
  void strike(UUID id, String by, Instant at);
}
