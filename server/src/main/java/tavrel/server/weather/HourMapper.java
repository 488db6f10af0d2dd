package tavrel.server.weather;

import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** By what the hours of each apiary are judged. */
@Mapper
interface HourMapper {

  @Select(
      """
      select preset, own_from, own_to, rule_sheet_id
      from apiary_hours
      where apiary_id = #{apiaryId}
      """)
  Optional<HourChoice> of(UUID apiaryId);

  @Insert(
      """
      merge into apiary_hours (apiary_id, preset, own_from, own_to, rule_sheet_id)
      key (apiary_id)
      values (#{apiaryId}, #{choice.preset}, #{choice.ownFrom}, #{choice.ownTo}, #{choice.ruleSheetId})
      """)
  void keep(UUID apiaryId, HourChoice choice);
}
