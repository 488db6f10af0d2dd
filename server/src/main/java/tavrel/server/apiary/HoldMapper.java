package tavrel.server.apiary;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Holds kept. */
@Mapper
interface HoldMapper {

  String ROWS =
      """
      select id, apiary_id, from_day as "from", why, until_day as "until", said_by
      from apiary_hold
      """;

  @Select(ROWS + "where apiary_id = #{apiaryId} order by from_day desc, said_at desc")
  List<Hold> of(UUID apiaryId);

  @Select(ROWS + "where until_day is null")
  List<Hold> standing();

  @Insert(
      """
      insert into apiary_hold (id, apiary_id, from_day, why, said_by, account_id, said_at)
      values (#{id}, #{apiaryId}, #{hold.from}, #{hold.why}, #{by}, #{accountId}, #{at})
      """)
  void add(UUID id, UUID apiaryId, Holds.NewHold hold, String by, UUID accountId, Instant at);

  @Update("update apiary_hold set from_day = #{hold.from}, why = #{hold.why} where id = #{id}")
  void putRight(UUID id, Holds.NewHold hold);

  @Update(
      """
      update apiary_hold
      set until_day = #{day}, lifted_by = #{by}, lifted_at = #{at}
      where id = #{id}
      """)
  void lift(UUID id, LocalDate day, String by, Instant at);
}
