package tavrel.server.rulesheet;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import tavrel.core.rulesheet.RuleSheet;

/** Rule sheets kept. */
@Mapper
interface RuleSheetMapper {

  String COLUMNS =
      """
      id, name, example, copied_by, copied_on, grams_of, max_per_box, max_per_hive, max_rounds_per_series,
      max_rounds_per_year, min_days_between, brood, supers, waiting_days, min_seal_minutes, min_celsius, max_celsius,
      registered_product, note, version, replaces
      """;

  @Select(
      "select "
          + COLUMNS
          + " from rule_sheet order by example, case when not example then created_at end desc, id")
  List<RuleSheet> all();

  @Select("select " + COLUMNS + " from rule_sheet where id = #{id}")
  Optional<RuleSheet> byId(UUID id);

  @Select("select " + COLUMNS + " from rule_sheet where replaces = #{id}")
  Optional<RuleSheet> replacing(UUID id);

  @Insert(
      """
      insert into rule_sheet (
        id, name, example, copied_by, copied_on, grams_of, max_per_box, max_per_hive, max_rounds_per_series,
        max_rounds_per_year, min_days_between, brood, supers, waiting_days, min_seal_minutes, min_celsius, max_celsius,
        registered_product, note, version, replaces, created_at)
      values (
        #{sheet.id}, #{sheet.name}, #{sheet.example}, #{sheet.copiedBy}, #{sheet.copiedOn}, #{sheet.gramsOf},
        #{sheet.maxPerBox}, #{sheet.maxPerHive}, #{sheet.maxRoundsPerSeries}, #{sheet.maxRoundsPerYear},
        #{sheet.minDaysBetween}, #{sheet.brood}, #{sheet.supers}, #{sheet.waitingDays}, #{sheet.minSealMinutes},
        #{sheet.minCelsius}, #{sheet.maxCelsius}, #{sheet.registeredProduct}, #{sheet.note}, #{sheet.version},
        #{sheet.replaces}, #{at})
      """)
  void add(RuleSheet sheet, Instant at);
}
