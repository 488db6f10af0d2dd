package tavrel.server.register;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Results;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.apache.ibatis.cursor.Cursor;
import org.jspecify.annotations.Nullable;
import tavrel.core.hive.Hive;
import tavrel.core.hive.SupersPlan;
import tavrel.core.register.Correction;
import tavrel.core.register.EntryField;
import tavrel.core.register.TreatmentKind;
import tavrel.core.rulesheet.Verdict;
import tavrel.core.run.Treatment;
import tavrel.core.weather.HourlyWeather;
import tavrel.server.people.Account;

/** The register's lines kept. */
@Mapper
interface RegisterMapper {

  /** What a hive's count of the year and its wait for honey follow from. */
  record GivenLine(
      UUID hiveId,
      LocalDate day,
      TreatmentKind means,
      @Nullable Integer waitingDays,
      @Nullable UUID ruleSheetId) {}

  String LINE =
      """
      select t.id, t.on_day as "day", a.zone, t.apiary_id, a.name as apiary, t.hive_id, t.hive_name as hive, t.means,
             t.method, t.amount, t.round_id, t.started_at, t.removed_at, t.opened_at, t.loads, t.acid, t.product_grams,
             t.product, t.lot, t.people, t.supers, t.supers_plan, t.waiting_days, s.name as rule_sheet,
             s.version as sheet_version, t.verdict, t.label_says, t.off_label_reason, t.celsius, t.wind_ms, t.wind_from,
             t.weather_from, t.made_up as weather_made_up, t.remarks, t.written_by, t.written_at,
             t.stands, t.corrected
      from treatment t
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
  @Arg(column = "label_says", javaType = String.class)
  @Arg(column = "off_label_reason", javaType = String.class)
  @Arg(column = "celsius", javaType = Double.class)
  @Arg(column = "wind_ms", javaType = Double.class)
  @Arg(column = "wind_from", javaType = Integer.class)
  @Arg(column = "weather_from", javaType = String.class)
  @Arg(column = "weather_made_up", javaType = Boolean.class)
  @Arg(column = "remarks", javaType = String.class)
  @Arg(column = "written_by", javaType = String.class)
  @Arg(column = "written_at", javaType = Instant.class)
  @Arg(column = "stands", javaType = boolean.class)
  @Arg(column = "corrected", javaType = boolean.class)
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

  /** Keeps others from writing about this line until the transaction ends. */
  @Select("select id from treatment where id = #{id} for update")
  Optional<UUID> lock(UUID id);

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

  /** The lines of some hives that stand, of some days. */
  @Select(
      """
      <script>
      select hive_id, on_day as "day", means, waiting_days, rule_sheet_id
      from treatment
      where stands and on_day between #{from} and #{to} and hive_id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      order by on_day
      </script>
      """)
  List<GivenLine> given(Collection<UUID> hiveIds, LocalDate from, LocalDate to);

  @Select("select id from treatment where round_id = #{roundId} and hive_id = #{hiveId}")
  Optional<UUID> idOf(UUID roundId, UUID hiveId);

  /** Takes a line out that nobody has put anything right in. */
  @Delete("delete from treatment where id = #{id} and not corrected")
  int remove(UUID id);

  /** The log of a line that was corrected tells of no burn any more. */
  @Update(
      """
      update treatment
      set loads = 0, acid = 0, product_grams = 0, acid_now = 0, product_now = 0, stands = false,
          remarks = 'all burns were undone in the run log'
      where id = #{id}
      """)
  void empty(UUID id);

  /** Adds the line of a hive in a round; its id grows with time. */
  @Insert(
      """
      insert into treatment (
        id, on_day, apiary_id, hive_id, hive_name, means, method, round_id, started_at, removed_at, opened_at, loads,
        acid, product_grams, product, lot, people, supers, supers_plan, waiting_days, rule_sheet_id, verdict, label_says,
        off_label_reason, celsius, wind_ms, wind_from, weather_from, made_up, remarks, written_at, acid_now, product_now,
        lot_now, stands, corrected)
      values (
        random_uuid(7), #{day}, #{round.apiaryId}, #{round.hiveId}, #{round.hiveName}, 'OXALIC_VAPOUR',
        'vapour, ' || #{round.tool}, #{round.roundId}, #{treatment.startedAt}, #{treatment.removedAt},
        #{treatment.openedAt}, #{treatment.loads}, #{treatment.acid}, #{treatment.product}, #{round.product},
        #{round.lot}, #{people}, #{round.supers}, #{round.supersPlan}, #{round.waitingDays}, #{round.ruleSheetId},
        #{round.verdict}, #{round.labelSays},
        #{round.offLabelReason}, #{weather.celsius}, #{weather.windMs},
        #{weather.windFrom}, #{weatherFrom}, #{madeUp}, #{remarks}, #{at}, #{treatment.acid}, #{treatment.product},
        #{round.lot}, true, false)
      """)
  void add(
      RoundLine round,
      LocalDate day,
      Treatment treatment,
      String people,
      String remarks,
      @Nullable HourlyWeather weather,
      @Nullable String weatherFrom,
      boolean madeUp,
      Instant at);

  /** Draws the line anew, as its log tells it now. */
  @Update(
      """
      update treatment
      set on_day = #{day}, started_at = #{treatment.startedAt}, removed_at = #{treatment.removedAt},
          opened_at = #{treatment.openedAt}, loads = #{treatment.loads}, acid = #{treatment.acid},
          product_grams = #{treatment.product}, people = #{people}, remarks = #{remarks}, celsius = #{weather.celsius},
          wind_ms = #{weather.windMs}, wind_from = #{weather.windFrom}, weather_from = #{weatherFrom},
          made_up = #{madeUp}, acid_now = #{treatment.acid}, product_now = #{treatment.product}
      where id = #{id}
      """)
  void redraw(
      UUID id,
      LocalDate day,
      Treatment treatment,
      String people,
      String remarks,
      @Nullable HourlyWeather weather,
      @Nullable String weatherFrom,
      boolean madeUp);

  /** Adds a treatment that somebody typed. */
  @Insert(
      """
      insert into treatment (
        id, on_day, apiary_id, hive_id, hive_name, means, method, amount, loads, acid, product_grams, product, lot, people,
        supers, supers_plan, waiting_days, rule_sheet_id, remarks, written_at, written_by, account_id, acid_now,
        product_now, lot_now, stands, corrected)
      values (
        #{id}, #{typed.day}, #{apiaryId}, #{hive.id}, #{hive.name}, #{typed.means}, #{typed.method}, #{typed.amount}, 0,
        #{typed.acid}, #{typed.acid}, #{typed.product}, #{typed.lot}, #{typed.people}, #{hive.supers},
        #{typed.supersPlan}, #{typed.waitingDays}, #{typed.ruleSheetId}, #{typed.remarks}, #{at}, #{who.name},
        #{who.id}, #{typed.acid}, #{typed.acid}, #{typed.lot}, true, false)
      """)
  void addTyped(UUID id, Hive hive, UUID apiaryId, NewTreatment typed, Account who, Instant at);

  /** Those of some ids that are lines already. */
  @Select(
      """
      <script>
      select id from treatment where id in
      <foreach collection="ids" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  List<UUID> there(Collection<UUID> ids);

  @Select(
      """
      select id, field, was, becomes, why, done_by as "by", at
      from correction
      where treatment_id = #{treatmentId}
      order by number
      """)
  List<Correction> corrections(UUID treatmentId);

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

  @Select("select count(*) from correction where id = #{id}")
  int holds(UUID id);

  @Insert(
      """
      insert into correction (id, treatment_id, number, field, was, becomes, why, done_by, account_id, at)
      values (#{correction.id}, #{treatmentId}, #{number}, #{correction.field}, #{correction.was},
              #{correction.becomes}, #{correction.why}, #{correction.by}, #{accountId}, #{correction.at})
      """)
  void correct(UUID treatmentId, int number, Correction correction, UUID accountId);

  /** What holds with the corrections. */
  @Update(
      """
      update treatment
      set acid_now = #{acid}, product_now = case when acid = 0 then #{acid} else product_grams * #{acid} / acid end,
          lot_now = #{lot}, stands = #{stands}, corrected = true
      where id = #{id}
      """)
  void settle(UUID id, double acid, String lot, boolean stands);

  /** Draws the sums of a hive and year anew. */
  default void tally(UUID hiveId, int year) {
    forgetSums(hiveId, year);
    drawSums(hiveId, year, LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31));
  }

  @Delete("delete from treatment_sum where hive_id = #{hiveId} and on_year = #{year}")
  void forgetSums(UUID hiveId, int year);

  @Insert(
      """
      insert into treatment_sum (hive_id, on_year, apiary_id, off_label, corrected, typed, line_count, struck, acid, product)
      select hive_id, cast(#{year} as int), apiary_id, coalesce(verdict = 'NOT_ON_LABEL', false), corrected,
             round_id is null, count(*), count(case when not stands then 1 end),
             coalesce(sum(case when stands then acid_now end), 0),
             coalesce(sum(case when stands then product_now end), 0)
      from treatment
      where hive_id = #{hiveId} and on_day between #{from} and #{to}
      group by hive_id, apiary_id, coalesce(verdict = 'NOT_ON_LABEL', false), corrected, round_id is null
      """)
  void drawSums(UUID hiveId, int year, LocalDate from, LocalDate to);

  /**
   * Draws the sums of a round anew.
   *
   * @param people who worked in it, or null for as many as were counted before
   */
  default void tallyRound(UUID roundId, @Nullable Integer people) {
    int worked = people == null ? peopleIn(roundId) : people;
    forgetRound(roundId);
    drawRound(roundId, worked);
  }

  /** People who worked in a round, as they were counted when its sums were drawn last. */
  @Select("select coalesce(max(people), 0) from treatment_round where round_id = #{roundId}")
  int peopleIn(UUID roundId);

  @Delete("delete from treatment_round where round_id = #{roundId}")
  void forgetRound(UUID roundId);

  @Insert(
      """
      insert into treatment_round (
        round_id, lot, apiary_id, on_day, began, ended, line_count, loads, acid, product, off_label, corrected, people)
      select t.round_id, coalesce(t.lot_now, ''), t.apiary_id, min(t.on_day), min(t.started_at),
             max(coalesce(t.opened_at, t.removed_at, t.started_at)), count(*), sum(t.loads), sum(t.acid_now),
             sum(t.product_now), bool_or(coalesce(t.verdict = 'NOT_ON_LABEL', false)), bool_or(t.corrected),
             cast(#{people} as int)
      from treatment t
      where t.stands and t.round_id = #{roundId}
      group by t.round_id, coalesce(t.lot_now, ''), t.apiary_id
      """)
  void drawRound(UUID roundId, int people);

  @Insert(
      """
      merge into treatment_special (id)
      key (id)
      select id
      from treatment
      where id = #{id} and (verdict = 'NOT_ON_LABEL' or corrected or round_id is null)
      """)
  void markSpecial(UUID id);

  @Delete("delete from treatment_special where id = #{id}")
  void forgetSpecial(UUID id);

  /** The earliest day on which a hive was treated, struck lines left out. */
  @Select("select min(on_day) from treatment where hive_id = #{hiveId} and stands")
  Optional<LocalDate> firstDay(UUID hiveId);
}
