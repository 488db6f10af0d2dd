package tavrel.server.measure;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import tavrel.core.measure.Spoon;

/** Weighed scoops kept. */
@Mapper
interface ScoopMapper {

  /** A row; its weighings are parted by blanks. */
  record Kept(
      UUID id,
      String product,
      @Nullable String lot,
      Spoon spoon,
      String grams,
      Instant at,
      String by) {}

  @Select(
      """
      select id, product, lot, spoon, grams, at, done_by as "by"
      from scoop_weighing
      where struck_at is null
      order by at desc, id
      """)
  List<Kept> all();

  @Select("select count(*) from scoop_weighing where id = #{id}")
  int holds(UUID id);

  @Insert(
      """
      insert into scoop_weighing (id, product, lot, spoon, grams, at, done_by)
      values (#{id}, #{weighing.product}, #{weighing.lot}, #{weighing.spoon}, #{grams}, #{at}, #{by})
      """)
  void add(UUID id, ScoopWeighings.Weighing weighing, String grams, Instant at, String by);

  @Update("update scoop_weighing set struck_at = #{at} where id = #{id} and struck_at is null")
  int strike(UUID id, Instant at);
}
