package tavrel.server.apiaryyear;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Seasons kept. */
@Mapper
interface ApiarySeasonMapper {

  String COLUMNS =
      """
      spring_from, spring, late_summer_from, late_summer, winter_from, winter, laying_stops, laying_starts, shift_days,
      supers_on, supers_off, winter_bees, roll_recovery
      """;

  @Select("select " + COLUMNS + " from apiary_year where apiary_id = #{apiaryId}")
  Optional<ApiarySeason> of(UUID apiaryId);

  @Select("select apiary_id from apiary_year")
  List<UUID> own();

  @Insert(
      """
      merge into apiary_year (
        apiary_id, spring_from, spring, late_summer_from, late_summer, winter_from, winter, laying_stops, laying_starts,
        shift_days, supers_on, supers_off, winter_bees, roll_recovery)
      key (apiary_id)
      values (
        #{apiaryId}, #{season.springFrom}, #{season.spring}, #{season.lateSummerFrom}, #{season.lateSummer},
        #{season.winterFrom}, #{season.winter}, #{season.layingStops}, #{season.layingStarts}, #{season.shiftDays},
        #{season.supersOn}, #{season.supersOff}, #{season.winterBees}, #{season.rollRecovery})
      """)
  void keep(UUID apiaryId, ApiarySeason season);
}
