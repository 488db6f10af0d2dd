package tavrel.server.outfit;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** The depot kept. */
@Mapper
interface DepotMapper {

  @Select("select name, latitude, longitude, zone from depot")
  Optional<Depot> depot();

  @Insert(
      """
      merge into depot (only_one, name, latitude, longitude, zone)
      key (only_one)
      values (true, #{name}, #{latitude}, #{longitude}, #{zone})
      """)
  void keep(Depot depot);
}
