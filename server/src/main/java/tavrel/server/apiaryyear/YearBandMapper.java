package tavrel.server.apiaryyear;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import tavrel.core.apiaryyear.YearBand;

/** Bands of apiaries' years kept. */
@Mapper
interface YearBandMapper {

  @Select(
      """
      select id, kind, name, from_day as "from", to_day as "to", yearly
      from year_band
      where apiary_id = #{apiaryId}
      order by from_day, name
      """)
  List<YearBand> of(UUID apiaryId);

  @Select("select count(*) from year_band where id = #{id} and apiary_id <> #{apiaryId}")
  int elsewhere(UUID id, UUID apiaryId);

  @Insert(
      """
      merge into year_band (id, apiary_id, kind, name, from_day, to_day, yearly)
      key (id)
      values (#{band.id}, #{apiaryId}, #{band.kind}, #{band.name}, #{band.from}, #{band.to}, #{band.yearly})
      """)
  void keep(UUID apiaryId, YearBand band);

  @Delete("delete from year_band where id = #{id} and apiary_id = #{apiaryId}")
  void forget(UUID apiaryId, UUID id);

  @Delete("delete from year_band where apiary_id = #{apiaryId}")
  void forgetAll(UUID apiaryId);
}
