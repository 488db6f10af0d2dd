package tavrel.server.reporting.register;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Results;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.apache.ibatis.cursor.Cursor;
import tavrel.core.Fact;
import tavrel.core.hive.SupersPlan;
import tavrel.core.register.Correction;
import tavrel.core.register.EntryField;
import tavrel.core.register.TreatmentKind;
import tavrel.core.rulesheet.Verdict;

/** The register's lines with the names of what they are of. */
@Mapper
interface RegisterBookMapper {

  String LINE =
      """
      select t.id, t.on_day as "day", a.zone, t.apiary_id, a.name as apiary, t.hive_id, t.hive_name as hive, t.means,
             t.method, t.amount, t.round_id, t.started_at, t.removed_at, t.opened_at, t.loads, t.acid, t.product_grams,
             t.product, t.lot, t.people, t.supers, t.supers_plan, t.waiting_days, s.name as rule_sheet,
             s.version as sheet_version, t.verdict, t.label_says, t.off_label_reason, t.celsius, t.wind_ms, t.wind_from,
             t.weather_from, t.made_up as weather_made_up, t.remarks, t.written_by, t.written_at,
             t.stands, t.corrected, i.out_by, i.out_on
      from treatment t
      left join kept_in_hive i on i.treatment_id = t.id
      left join apiary a on a.id = t.apiary_id
      left join rule_sheet s on s.id = t.rule_sheet_id
      """;

  String WANTED =
      """
      where t.on_day between #{filter.from} and #{filter.to}
      <if test="filter.apiaryId != null">and t.apiary_id = #{filter.apiaryId}</if>
      <if test="filter.hiveId != null">and t.hive_id = #{filter.hiveId}</if>
      <choose>
        <when test="filter.only.name() == 'OFF_LABEL'">
          and t.id in (select id from treatment_special) and t.verdict = 'NOT_ON_LABEL'
        </when>
        <when test="filter.only.name() == 'CORRECTED'">
          and t.id in (select id from treatment_special) and t.corrected
        </when>
        <when test="filter.only.name() == 'TYPED'">
          and t.id in (select id from treatment_special) and t.round_id is null
        </when>
      </choose>
      """;

  String LATEST_FIRST = " order by t.on_day desc, t.started_at desc, t.id desc ";

  @ResultMap("line")
  @Select(
      "<script>" + LINE + WANTED + LATEST_FIRST + "limit #{limit} offset #{offset}" + "</script>")
  List<TreatmentLine> page(RegisterFilter filter, int limit, int offset);

  @Arg(column = "id", javaType = UUID.class)
  @Arg(column = "day", javaType = LocalDate.class)
  @Arg(column = "zone", javaType = String.class)
  @Arg(column = "apiary_id", javaType = UUID.class)
  @Arg(column = "apiary", javaType = String.class)
  @Arg(column = "hive_id", javaType = UUID.class)
  @Arg(column = "hive", javaType = String.class)
  @Arg(column = "means", javaType = TreatmentKind.class)
  @Arg(column = "method", javaType = String.class)
  @Arg(column = "amount", javaType = String.class)
  @Arg(column = "round_id", javaType = UUID.class)
  @Arg(column = "started_at", javaType = Instant.class)
  @Arg(column = "removed_at", javaType = Instant.class)
  @Arg(column = "opened_at", javaType = Instant.class)
  @Arg(column = "loads", javaType = int.class)
  @Arg(column = "acid", javaType = double.class)
  @Arg(column = "product_grams", javaType = double.class)
  @Arg(column = "product", javaType = String.class)
  @Arg(column = "lot", javaType = String.class)
  @Arg(column = "people", javaType = String.class)
  @Arg(column = "supers", javaType = int.class)
  @Arg(column = "supers_plan", javaType = SupersPlan.class)
  @Arg(column = "waiting_days", javaType = Integer.class)
  @Arg(column = "rule_sheet", javaType = String.class)
  @Arg(column = "sheet_version", javaType = Integer.class)
  @Arg(column = "verdict", javaType = Verdict.class)
  @Arg(column = "label_says", javaType = Fact.class)
  @Arg(column = "off_label_reason", javaType = String.class)
  @Arg(column = "celsius", javaType = Double.class)
  @Arg(column = "wind_ms", javaType = Double.class)
  @Arg(column = "wind_from", javaType = Integer.class)
  @Arg(column = "weather_from", javaType = Fact.class)
  @Arg(column = "weather_made_up", javaType = Boolean.class)
  @Arg(column = "remarks", javaType = Fact.class)
  @Arg(column = "written_by", javaType = String.class)
  @Arg(column = "written_at", javaType = Instant.class)
  @Arg(column = "stands", javaType = boolean.class)
  @Arg(column = "corrected", javaType = boolean.class)
  @Arg(column = "out_by", javaType = LocalDate.class)
  @Arg(column = "out_on", javaType = LocalDate.class)
  @Results(id = "line")
  @Select("<script>" + LINE + WANTED + LATEST_FIRST + "</script>")
  @Options(fetchSize = 500)
  Cursor<TreatmentLine> every(@Param("filter") RegisterFilter filter);

  /** What was done, by day, apiary and means; lines that were struck out are left out. */
  @Select(
      """
      <script>
      select t.on_day as "day", t.apiary_id, a.name as apiary, t.means, count(distinct t.hive_id) as hives,
             sum(t.acid_now) as acid, max(t.waiting_days) as waiting_days,
             bool_or(t.waiting_days is null) as silent,
             listagg(distinct s.name || ', version ' || s.version, '; ') as rule_sheets
      from treatment t
      left join apiary a on a.id = t.apiary_id
      left join rule_sheet s on s.id = t.rule_sheet_id
      """
          + WANTED
          + """
      and t.stands
      group by t.on_day, t.apiary_id, a.name, t.means
      order by t.on_day, a.name, t.means
      </script>
      """)
  List<RegisterCalendar.DayDone> days(@Param("filter") RegisterFilter filter);

  /**
   * Lets the database give rows as it finds them, in this session: it would lay a long answer aside
   * on disk first. The order has to be an index's own.
   */
  @Update("set lazy_query_execution #{lazy}")
  void giveAtOnce(@Param("lazy") boolean lazy);

  @ResultMap("line")
  @Select(LINE + "where t.id = #{id}")
  Optional<TreatmentLine> byId(UUID id);

  /** Sums of the lines wanted, from the sums of hives and rounds. */
  @Select(
      """
      <script>
      select coalesce(sum(s.line_count), 0) as "lines", coalesce(sum(s.struck), 0) as struck,
             coalesce(sum(s.acid), 0) as acid, coalesce(sum(s.product), 0) as product_grams,
             (
               select count(distinct r.round_id)
               from treatment_round r
               where r.on_day between #{filter.from} and #{filter.to}
               <if test="filter.apiaryId != null">and r.apiary_id = #{filter.apiaryId}</if>
               <if test="filter.hiveId != null">
                 and r.round_id in (select t.round_id from treatment t where t.hive_id = #{filter.hiveId} and t.stands)
               </if>
               <choose>
                 <when test="filter.only.name() == 'OFF_LABEL'">and r.off_label</when>
                 <when test="filter.only.name() == 'CORRECTED'">and r.corrected</when>
                 <when test="filter.only.name() == 'TYPED'">and false</when>
               </choose>
             ) as rounds,
             count(distinct case when s.line_count &gt; s.struck then s.hive_id end) as hives
      from treatment_sum s
      where s.on_year between #{filter.fromYear} and #{filter.toYear}
      <if test="filter.apiaryId != null">and s.apiary_id = #{filter.apiaryId}</if>
      <if test="filter.hiveId != null">and s.hive_id = #{filter.hiveId}</if>
      <choose>
        <when test="filter.only.name() == 'OFF_LABEL'">and s.off_label</when>
        <when test="filter.only.name() == 'CORRECTED'">and s.corrected</when>
        <when test="filter.only.name() == 'TYPED'">and s.typed</when>
      </choose>
      </script>
      """)
  RegisterTotals totals(@Param("filter") RegisterFilter filter);

  /** First and last year with a line, or nothing. */
  @Select(
      """
      select year(on_day)
      from (select min(on_day) as on_day from treatment union select max(on_day) from treatment)
      where on_day is not null
      order by 1
      """)
  List<Integer> firstAndLastYear();

  /** A correction with the line that it is of. */
  record OfLine(
      UUID treatmentId,
      UUID id,
      EntryField field,
      String was,
      String becomes,
      String why,
      String by,
      Instant at) {

    Correction correction() {
      return new Correction(id, field, was, becomes, why, by, at);
    }
  }

  /**
   * All corrections, each line's in order: they are few, and joining them to many lines is dear.
   */
  @Select(
      """
      select treatment_id, id, field, was, becomes, why, done_by as "by", at
      from correction
      order by treatment_id, number
      """)
  List<OfLine> allCorrections();

  @Select(
      """
      select id, field, was, becomes, why, done_by as "by", at
      from correction
      where treatment_id = #{treatmentId}
      order by number
      """)
  List<Correction> corrections(UUID treatmentId);
}
