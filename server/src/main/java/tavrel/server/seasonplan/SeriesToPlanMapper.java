package tavrel.server.seasonplan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;

/** What is planned, and where each round stands. */
@Mapper
interface SeriesToPlanMapper {

  /** A round's place. */
  record KeptVisit(
      UUID seriesId,
      int number,
      @Nullable UUID crewId,
      @Nullable LocalDate day,
      boolean pinned,
      @Nullable UUID agreedCrewId,
      @Nullable LocalDate agreedDay) {}

  /** A locked day. */
  record Locked(LocalDate day, String reason) {}

  @Select("select first_day as \"from\", last_day as \"to\" from season_span")
  Optional<DaySpan> span();

  @Insert(
      """
      merge into season_span (only_one, first_day, last_day)
      key (only_one)
      values (true, #{from}, #{to})
      """)
  void keepSpan(DaySpan span);

  @Select(
      """
      select id, apiary_id, name, rounds, least_gap, wanted_gap, most_gap, start_on, last_day, finish_by, broodless,
             rule_sheet_id, grams_per_box, tool, off_label_reason
      from planned_series
      """)
  List<SeriesToPlan> allSeries();

  @Insert(
      """
      merge into planned_series (
        id, apiary_id, name, rounds, least_gap, wanted_gap, most_gap, start_on, last_day, finish_by, broodless,
        rule_sheet_id, grams_per_box, tool, off_label_reason)
      key (id)
      values (
        #{id}, #{apiaryId}, #{name}, #{rounds}, #{leastGap}, #{wantedGap}, #{mostGap}, #{startOn}, #{lastDay},
        #{finishBy}, #{broodless}, #{ruleSheetId}, #{gramsPerBox}, #{tool}, #{offLabelReason})
      """)
  void keep(SeriesToPlan series);

  @Delete("delete from planned_series where id = #{id}")
  int forget(UUID id);

  @Delete("delete from season_visit where series_id = #{seriesId}")
  void forgetVisits(UUID seriesId);

  @Select(
      """
      select series_id, number, crew_id, on_day as "day", pinned, agreed_crew_id, agreed_day
      from season_visit
      """)
  List<KeptVisit> visits();

  @Update(
      """
      merge into season_visit as v
      using (values (cast(#{seriesId} as uuid), cast(#{number} as int))) as n (series_id, number)
      on v.series_id = n.series_id and v.number = n.number
      when matched then update set crew_id = #{crewId}, on_day = #{day}, pinned = #{pinned}
      when not matched then insert (series_id, number, crew_id, on_day, pinned)
        values (#{seriesId}, #{number}, #{crewId}, #{day}, #{pinned})
      """)
  void put(
      UUID seriesId, int number, @Nullable UUID crewId, @Nullable LocalDate day, boolean pinned);

  @Update("update season_visit set agreed_crew_id = crew_id, agreed_day = on_day")
  void agreeAll();

  @Update(
      """
      update season_visit
      set crew_id = agreed_crew_id, on_day = agreed_day, pinned = pinned and agreed_day is not null
      where agreed_day is not null
      """)
  void backToAgreed();

  @Select("select on_day as \"day\", reason from season_locked order by on_day")
  List<Locked> locked();

  @Insert("merge into season_locked (on_day, reason) key (on_day) values (#{day}, #{reason})")
  void lock(LocalDate day, String reason);

  @Delete("delete from season_locked where on_day = #{day}")
  void unlock(LocalDate day);
}
