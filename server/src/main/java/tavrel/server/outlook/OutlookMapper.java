package tavrel.server.outlook;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Outlooks kept. */
@Mapper
interface OutlookMapper {

  /** One as kept: what it was reckoned from, and as JSON what came of it. */
  record Kept(UUID hiveId, String stamp, String outlook) {}

  @Select("select hive_id, stamp, outlook from hive_outlook")
  List<Kept> all();

  @Insert(
      """
      <script>
      merge into hive_outlook (hive_id, stamp, outlook) key (hive_id) values
      <foreach collection="kept" item="each" separator=",">(#{each.hiveId}, #{each.stamp}, #{each.outlook})</foreach>
      </script>
      """)
  void keep(List<Kept> kept);
}
