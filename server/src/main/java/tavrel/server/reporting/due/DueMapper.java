package tavrel.server.reporting.due;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** What of other rooms makes something due. */
@Mapper
interface DueMapper {

  /** A colony that died of mites. */
  record DiedOfMites(UUID apiaryId, UUID hiveId, String hive, LocalDate day) {}

  /**
   * A hive whose honey waits.
   *
   * @param waitsUntil the first day on which it may be taken again
   */
  record HoneyWaits(UUID apiaryId, UUID hiveId, String hive, LocalDate waitsUntil) {}

  @Select(
      """
      select h.apiary_id, h.id as hive_id, h.name as hive,
             max(dateadd(day, t.waiting_days, t.on_day)) as waits_until
      from treatment t
      join hive h on h.id = t.hive_id
      where t.stands and h.ended_on is null and t.waiting_days > 0
        and dateadd(day, t.waiting_days, t.on_day) > #{since}
      group by h.apiary_id, h.id, h.name
      order by h.name
      """)
  List<HoneyWaits> honeyWaits(LocalDate since);

  @Select(
      """
      select h.apiary_id, h.id as hive_id, h.name as hive, l.on_day as "day"
      from hive_life l
      join hive h on h.id = l.hive_id
      where l.kind = 'ENDED' and l.end_sign = 'FEW_BEES_MANY_MITES' and l.struck_at is null and l.on_day >= #{since}
      """)
  List<DiedOfMites> diedOfMites(LocalDate since);
}
