package tavrel.server.winter;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import tavrel.core.result.DeathSign;
import tavrel.core.result.WinterOutcome;

/** Outcomes kept; of one hive and winter the latest holds. */
@Mapper
interface WinterOutcomeMapper {

  /** What was last said of a hive. */
  record Said(
      UUID hiveId, WinterOutcome outcome, @Nullable DeathSign sign, @Nullable String note) {}

  @Select(
      """
      <script>
      select w.hive_id, w.outcome, w.sign, w.note
      from winter_outcome w
      where w.winter = #{winter} and w.hive_id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      order by w.received_at, w.id
      </script>
      """)
  List<Said> said(Collection<UUID> hiveIds, int winter);

  @Insert(
      """
      merge into winter_outcome (id, hive_id, winter, on_day, outcome, sign, note, done_by, account_id, received_at)
      key (id)
      values (#{id}, #{hiveId}, #{winter}, #{day}, #{outcome}, #{sign}, #{note}, #{by}, #{accountId}, #{at})
      """)
  void add(
      UUID id,
      UUID hiveId,
      int winter,
      LocalDate day,
      WinterOutcome outcome,
      @Nullable DeathSign sign,
      @Nullable String note,
      String by,
      UUID accountId,
      Instant at);
}
