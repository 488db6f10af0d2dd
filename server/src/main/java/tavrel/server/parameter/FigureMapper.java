package tavrel.server.parameter;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** The keeper's own figures kept. */
@Mapper
interface FigureMapper {

  /**
   * A figure set otherwise than usual.
   *
   * @param knob its key
   * @param amount its value
   */
  record Own(String knob, double amount) {}

  @Select("select knob, amount from own_figure")
  List<Own> all();

  @Insert("insert into own_figure (knob, amount) values (#{knob}, #{amount})")
  void keep(String knob, double amount);

  @Delete("delete from own_figure where knob = #{knob}")
  void forget(String knob);
}
