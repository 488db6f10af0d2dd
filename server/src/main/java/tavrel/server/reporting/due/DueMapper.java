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

  /** A treatment of a hive, ended or not, after which honey waits. */
  record Waited(UUID hiveId, LocalDate day, int waitingDays) {}

  @Select(
      """
      select hive_id, on_day as "day", waiting_days
      from treatment
      where stands and waiting_days > 0 and dateadd(day, waiting_days, on_day) > #{since}
      order by on_day
      """)
  List<Waited> waited(LocalDate since);

  @Select(
      """
      select h.apiary_id, h.id as hive_id, h.name as hive, l.on_day as "day"
      from hive_life l
      join hive h on h.id = l.hive_id
      where l.kind = 'ENDED' and l.end_sign = 'FEW_BEES_MANY_MITES' and l.struck_at is null and l.on_day >= #{since}
      """)
  List<DiedOfMites> diedOfMites(LocalDate since);
}
