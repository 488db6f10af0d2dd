package tavrel.server.result;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import tavrel.core.dose.MediumBoxes;
import tavrel.core.hive.BroodBox;
import tavrel.server.apiary.BoxesTypeHandler;

/** Rounds that were done, with what each hive got. */
@Mapper
interface ResultMapper {

  /**
   * What a hive got in a round.
   *
   * @param acid grams of acid dihydrate in the loads that burned
   * @param boxes its brood boxes on that day
   * @param mediums how they were counted
   * @param sealMinutes seal period
   * @param tool the tool's name
   * @param celsius air temperature, °C, or null where it is not known
   */
  record Given(
      UUID hiveId,
      LocalDate day,
      double acid,
      List<BroodBox> boxes,
      MediumBoxes mediums,
      int sealMinutes,
      String tool,
      @Nullable Double celsius) {}

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
