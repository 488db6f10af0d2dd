package tavrel.server.register;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.hive.Hive;
import tavrel.core.register.Correction;
import tavrel.core.register.TreatmentKind;
import tavrel.core.run.Treatment;
import tavrel.core.weather.HourlyWeather;
import tavrel.server.hive.HiveHistory;
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

  @Select(
      """
      select id, on_day as "day", hive_id, round_id, amount, acid, product, lot, people, supers_plan, remarks, corrected
      from treatment
      where id = #{id}
      """)
  Optional<RecordedLine> byId(UUID id);

  /** Keeps others from writing about this line until the transaction ends. */
  @Select("select id from treatment where id = #{id} for update")
  Optional<UUID> lock(UUID id);

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

  @Select(
      "select id from treatment where hive_id = #{hiveId} order by on_day desc, started_at desc, id desc limit 1")
  Optional<UUID> latestOf(UUID hiveId);

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
          remarks = '{"code":"treatment.allUndone","values":{}}'
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
        #{round.tool}, #{round.roundId}, #{treatment.startedAt}, #{treatment.removedAt},
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
      @Nullable Fact weatherFrom,
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
      @Nullable Fact weatherFrom,
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
    drawSums(hiveId, LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31));
  }

  @Delete("delete from treatment_sum where hive_id = #{hiveId} and on_year = #{year}")
  void forgetSums(UUID hiveId, int year);

  @Insert(RegisterSums.OF_HIVE)
  void drawSums(UUID hiveId, LocalDate from, LocalDate to);

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

  @Insert(RegisterSums.OF_ROUND)
  void drawRound(UUID roundId, int people);

  @Insert(RegisterSums.OF_LINE)
  void markSpecial(UUID id);

  @Delete("delete from treatment_special where id = #{id}")
  void forgetSpecial(UUID id);

  /** The earliest day on which a hive was treated, struck lines left out. */
  @Select("select min(on_day) from treatment where hive_id = #{hiveId} and stands")
  Optional<LocalDate> firstDay(UUID hiveId);

  /** Where and when some hives were treated from a day on, struck lines left out. */
  @Select(
      """
      <script>
      select hive_id, on_day as "day", apiary_id
      from treatment
      where stands and on_day &gt;= #{day} and hive_id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  List<HiveHistory.Seen> treatedSince(Collection<UUID> hiveIds, LocalDate day);
}
