package tavrel.server.apiary;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Groups of yards kept. */
@Mapper
interface YardGroupMapper {

  /** A yard in a group. */
  record Member(String name, UUID apiaryId) {}

  @Select(
      """
      select g.name, g.apiary_id
      from yard_group g
      join apiary a on a.id = g.apiary_id
      order by lower(g.name), a.name_key
      """)
  List<Member> all();

  @Delete("delete from yard_group where lower(name) = lower(#{name})")
  void forget(String name);

  @Insert(
      """
      <script>
      insert into yard_group (name, apiary_id) values
      <foreach collection="apiaryIds" item="id" separator=",">(#{name}, #{id})</foreach>
      </script>
      """)
  void add(String name, Iterable<UUID> apiaryIds);
}
