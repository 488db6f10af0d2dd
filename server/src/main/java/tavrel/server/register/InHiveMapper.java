package tavrel.server.register;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import tavrel.core.register.TreatmentKind;
import tavrel.server.people.Account;

/** What stays in hives for a time, kept. */
@Mapper
interface InHiveMapper {

  @Insert("insert into kept_in_hive (treatment_id, out_by) values (#{treatmentId}, #{outBy})")
  void add(UUID treatmentId, LocalDate outBy);

  /** A line of the register whose means stays in the hive. */
  record Inside(
      UUID treatmentId,
      UUID hiveId,
      TreatmentKind means,
      @Nullable String product,
      LocalDate day,
      LocalDate outBy) {}

  String ROWS =
      """
      select t.id as treatment_id, t.hive_id, t.means, t.product, t.on_day as "day", i.out_by
      from kept_in_hive i
      join treatment t on t.id = i.treatment_id
      """;

  /** All that was not taken out; soonest to come out first. */
  @Select(ROWS + "where i.out_on is null and t.stands order by i.out_by, t.hive_name")
  List<Inside> still();

  /** Those of some lines, taken out or not. */
  @Select(
      """
      <script>
      """
          + ROWS
          + """
      where i.treatment_id in
      <foreach collection="treatmentIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  List<Inside> of(Collection<UUID> treatmentIds);

  @Update(
      """
      <script>
      update kept_in_hive
      set out_on = #{day}, done_by = #{who.name}, account_id = #{who.id}
      where out_on is null and treatment_id in
      <foreach collection="treatmentIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  void takeOut(Collection<UUID> treatmentIds, LocalDate day, Account who);
}
