package tavrel.server.count;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import tavrel.core.count.Interval;
import tavrel.core.count.YardWord;

/** Words for yards kept. */
@Mapper
interface YardWordMapper {

  /** A word as its row has it. */
  record Row(
      UUID id,
      UUID apiaryId,
      LocalDate day,
      int hives,
      int bees,
      double share,
      double low,
      double high,
      double k,
      String saidBy) {

    YardWord word() {
      return new YardWord(day, hives, bees, share, new Interval(low, high), k);
    }
  }

  /** Those that stand, of each yard the one said last. */
  @Select(
      """
      select w.id, w.apiary_id, w.on_day as "day", w.hives, w.bees, w.share, w.low, w.high, w.k, w.said_by
      from yard_word w
      where w.struck_at is null
        and not exists (
          select 1 from yard_word later
          where later.apiary_id = w.apiary_id and later.struck_at is null and later.at > w.at)
      """)
  List<Row> standing();

  @Select("select count(*) > 0 from yard_word where id = #{id}")
  boolean isThere(UUID id);

  @Insert(
      """
      insert into yard_word (id, apiary_id, on_day, hives, bees, share, low, high, k, said_by, account_id, at)
      values (
        #{id}, #{apiaryId}, #{word.day}, #{word.hives}, #{word.bees}, #{word.share}, #{word.interval.low},
        #{word.interval.high}, #{word.k}, #{by}, #{accountId}, #{at})
      """)
  void add(UUID id, UUID apiaryId, YardWord word, String by, UUID accountId, Instant at);

  @Update(
      "update yard_word set struck_by = #{by}, struck_at = #{at} where id = #{id} and struck_at is null")
  void strike(UUID id, String by, Instant at);
}
