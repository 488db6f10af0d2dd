package tavrel.server.reporting;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Results;
import org.apache.ibatis.annotations.Select;
import tavrel.core.dose.MediumBoxes;
import tavrel.core.result.Given;
import tavrel.server.hive.BoxesTypeHandler;

/** What each hive got in rounds that were done. */
@Mapper
interface GivenMapper {

  String GIVEN =
      """
      select t.hive_id, t.on_day as "day", t.acid_now as acid, rh.boxes, r.mediums, r.seal_minutes, r.tool, t.celsius
      from treatment t
      join round r on r.id = t.round_id
      join round_hive rh on rh.round_id = t.round_id and rh.hive_id = t.hive_id
      """;

  @Arg(column = "hive_id", javaType = UUID.class)
  @Arg(column = "day", javaType = LocalDate.class)
  @Arg(column = "acid", javaType = double.class)
  @Arg(column = "boxes", javaType = List.class, typeHandler = BoxesTypeHandler.class)
  @Arg(column = "mediums", javaType = MediumBoxes.class)
  @Arg(column = "seal_minutes", javaType = int.class)
  @Arg(column = "tool", javaType = String.class)
  @Arg(column = "celsius", javaType = Double.class)
  @Results(id = "given")
  @Select(GIVEN + "where r.apiary_id = #{apiaryId} and t.stands order by t.on_day")
  List<Given> in(UUID apiaryId);

  @ResultMap("given")
  @Select(
      GIVEN
          + """
      where t.stands and t.on_day between #{from} and #{to}
        and t.hive_id in (select c.hive_id from mite_count c
                          where c.struck_at is null and c.bees is not null and c.on_day between #{from} and #{to})
      order by t.hive_id, t.on_day
      """)
  List<Given> ofSampledHives(LocalDate from, LocalDate to);
}
