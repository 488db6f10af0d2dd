package tavrel.server.register;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import tavrel.server.people.Account;

/** What stays in hives for a time, kept. */
@Mapper
interface InHiveMapper {

  @Insert("insert into treatment_in_hive (treatment_id, out_by) values (#{treatmentId}, #{outBy})")
  void add(UUID treatmentId, LocalDate outBy);

  /** All that is there still, in hives that live; by hive and by when it comes out. */
  @Select(
      """
      select t.id as treatment_id, t.hive_id, h.name as hive, h.apiary_id, t.means, t.product, t.on_day as "day", i.out_by
      from treatment_in_hive i
      join treatment t on t.id = i.treatment_id
      join hive h on h.id = t.hive_id
      where i.out_on is null and t.stands and h.ended_on is null
      order by i.out_by, h.place, h.name
      """)
  List<InHives.StillIn> still();

  /** When some of it came out, or is to; those that are out too. */
  @Select(
      """
      <script>
      select t.id as treatment_id, t.hive_id, h.name as hive, h.apiary_id, t.means, t.product, t.on_day as "day", i.out_by
      from treatment_in_hive i
      join treatment t on t.id = i.treatment_id
      join hive h on h.id = t.hive_id
      where i.treatment_id in
      <foreach collection="treatmentIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  List<InHives.StillIn> of(Collection<UUID> treatmentIds);

  @Update(
      """
      <script>
      update treatment_in_hive
      set out_on = #{day}, done_by = #{who.name}, account_id = #{who.id}
      where out_on is null and treatment_id in
      <foreach collection="treatmentIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  void takeOut(Collection<UUID> treatmentIds, LocalDate day, Account who);
}
