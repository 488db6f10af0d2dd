package tavrel.server.parameter;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** The keeper's own figures kept. */
@Mapper
interface OwnParameterMapper {

  /**
   * A figure set otherwise than usual.
   *
   * @param parameter its key
   * @param amount its value
   */
  record Own(String parameter, double amount) {}

  @Select("select parameter, amount from own_parameter")
  List<Own> all();

  @Insert("insert into own_parameter (parameter, amount) values (#{parameter}, #{amount})")
  void keep(String parameter, double amount);

  @Delete("delete from own_parameter where parameter = #{parameter}")
  void forget(String parameter);
}
