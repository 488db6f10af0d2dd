package tavrel.server.tag;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Tags kept. */
@Mapper
interface TagMapper {

  @Select("select code from hive_tag where hive_id = #{hiveId}")
  Optional<String> codeOf(UUID hiveId);

  @Select("select hive_id from hive_tag where code = #{code}")
  Optional<UUID> hiveOf(String code);

  @Insert("insert into hive_tag (hive_id, code, made_at) values (#{hiveId}, #{code}, #{at})")
  void add(UUID hiveId, String code, Instant at);

  @Select("select host from tag_host")
  Optional<String> host();

  @Update(
      """
      merge into tag_host (only_one, host, written_by, written_at)
      key (only_one)
      values (true, #{host}, #{by}, #{at})
      """)
  void keepHost(String host, String by, Instant at);
}
