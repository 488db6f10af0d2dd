package tavrel.server.reporting.result;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import tavrel.core.dose.MediumBoxes;
import tavrel.core.result.Given;
import tavrel.server.hive.BoxesTypeHandler;

/** Rounds that were done, with what each hive got; given in the order of days. */
@Mapper
interface ResultMapper {

  @Arg(column = "hive_id", javaType = UUID.class)
  @Arg(column = "day", javaType = LocalDate.class)
  @Arg(column = "acid", javaType = double.class)
  @Arg(column = "boxes", javaType = List.class, typeHandler = BoxesTypeHandler.class)
  @Arg(column = "mediums", javaType = MediumBoxes.class)
  @Arg(column = "seal_minutes", javaType = int.class)
  @Arg(column = "tool", javaType = String.class)
  @Arg(column = "celsius", javaType = Double.class)
  @Select(
      """
      select t.hive_id, t.on_day as "day", t.acid_now as acid, rh.boxes, r.mediums, r.seal_minutes, r.tool, t.celsius
      from treatment t
      join round r on r.id = t.round_id
      join round_hive rh on rh.round_id = t.round_id and rh.hive_id = t.hive_id
      where r.apiary_id = #{apiaryId} and t.stands
      order by t.on_day
      """)
  List<Given> given(UUID apiaryId);
}
