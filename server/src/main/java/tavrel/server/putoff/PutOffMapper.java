package tavrel.server.putoff;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** What was put off, kept. */
@Mapper
interface PutOffMapper {

  @Select(
      """
      select id, line, until_day as "until", reason, done_by as "by"
      from put_off
      where ended_at is null and until_day > #{today}
      order by at
      """)
  List<PutOff> until(LocalDate today);

  @Select("select count(*) from put_off where id = #{id}")
  int known(UUID id);

  @Insert(
      """
      insert into put_off (id, line, until_day, reason, done_by, account_id, at)
      values (#{id}, #{put.line}, #{put.until}, #{put.reason}, #{by}, #{accountId}, #{at})
      """)
  void add(UUID id, NewPutOff put, String by, UUID accountId, Instant at);

  @Update("update put_off set ended_at = #{at} where line = #{line} and ended_at is null")
  void end(String line, Instant at);
}
