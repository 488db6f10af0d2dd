package tavrel.server.weather;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Files in the folder for weather, as they were read last. */
@Mapper
interface FolderFileMapper {

  @Select(
      """
      select name, modified, bytes, read_at, taken, says
      from weather_folder_file
      order by name
      """)
  List<FolderFile> all();

  @Select(
      """
      select name, modified, bytes, read_at, taken, says
      from weather_folder_file
      where name = #{name}
      """)
  Optional<FolderFile> byName(String name);

  @Insert(
      """
      merge into weather_folder_file (name, modified, bytes, read_at, taken, says) key (name)
      values (#{name}, #{modified}, #{bytes}, #{readAt}, #{taken}, #{says})
      """)
  void keep(FolderFile file);

  @Delete("delete from weather_folder_file where name = #{name}")
  void forget(String name);
}
