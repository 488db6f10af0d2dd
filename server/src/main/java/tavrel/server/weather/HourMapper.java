package tavrel.server.weather;

import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import tavrel.core.weather.HourRule;
import tavrel.core.weather.TemperaturePreset;

/** By what the hours of each apiary are judged. */
@Mapper
interface HourMapper {

  /** A row, with what its rule sheet says of the air. */
  record Kept(
      @Nullable TemperaturePreset school,
      @Nullable Double ownFrom,
      @Nullable Double ownTo,
      @Nullable UUID ruleSheetId,
      @Nullable String sheet,
      @Nullable Double minCelsius,
      @Nullable Double maxCelsius) {

    HourChoice choice() {
      return new HourChoice(school, ownFrom, ownTo, ruleSheetId);
    }

    HourRule rule() {
      return new HourRule(choice().warmth(), minCelsius, maxCelsius, sheet);
    }
  }

  @Select(
      """
      select h.school, h.own_from, h.own_to, h.rule_sheet_id, s.name as sheet, s.min_celsius, s.max_celsius
      from apiary_hours h
      left join rule_sheet s on s.id = h.rule_sheet_id
      where h.apiary_id = #{apiaryId}
      """)
  Optional<Kept> of(UUID apiaryId);

  @Select("select count(*) from rule_sheet where id = #{id}")
  int knowsSheet(UUID id);

  @Insert(
      """
      merge into apiary_hours (apiary_id, school, own_from, own_to, rule_sheet_id)
      key (apiary_id)
      values (#{apiaryId}, #{choice.school}, #{choice.ownFrom}, #{choice.ownTo}, #{choice.ruleSheetId})
      """)
  void keep(UUID apiaryId, HourChoice choice);
}
