package tavrel.server.run;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.ConstructorArgs;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Results;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.hive.Floor;
import tavrel.core.hive.SupersPlan;
import tavrel.core.ready.KitItem;
import tavrel.core.rulesheet.Verdict;
import tavrel.core.run.PlannedHive;
import tavrel.core.run.RunEvent;
import tavrel.server.hive.BoxesTypeHandler;

/** Rounds and their logs kept. Log rows are added and read, never changed. */
@Mapper
interface RoundMapper {

  String ROUND =
      """
      select id, apiary_id, on_day as "day", rule_sheet_id, grams, per, grams_of, mediums, strength, spoon, step, capacity,
             supers_plan, seal_minutes, tool, product, lot, off_label_reason, celsius, planned_by, planned_at,
             discarded_at, finished_at, series_id, series_number, tool_id, tool_family, cool_seconds, reload_seconds,
             loosening
      from round
      """;

  @Select(ROUND + "where id = #{id}")
  Optional<Round> byId(UUID id);

  @Select(ROUND + "where id = #{id} for update")
  Optional<Round> lock(UUID id);

  @Select(ROUND + "where discarded_at is null and finished_at is null order by on_day, planned_at")
  List<Round> open();

  /**
   * Those of some hives that were begun in a run that is not over, and not opened or left out yet.
   */
  @Select(
      """
      <script>
      select distinct e.hive_id
      from run_event e
      join round r on r.id = e.round_id
      where r.discarded_at is null and r.finished_at is null and e.kind in ('PREPARED', 'LOADED', 'BURN_STARTED')
        and e.hive_id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
        and not exists (select 1 from run_event o
                        where o.round_id = e.round_id and o.hive_id = e.hive_id and o.kind in ('OPENED', 'SKIPPED'))
      </script>
      """)
  Set<UUID> inHand(Collection<UUID> hiveIds);

  /** Why a hive was left out of a round. */
  record SaidAtRow(
      UUID eventId, UUID roundId, UUID hiveId, Instant at, String reason, String doneBy) {}

  /** What was given as a reason for leaving hives out, that was not undone and not turned down. */
  @Select(
      """
      <script>
      select e.id as event_id, e.round_id, e.hive_id, e.at, e.reason, e.done_by
      from run_event e
      where e.kind = 'SKIPPED' and e.at &gt; #{since} and e.reason in
      <foreach collection="reasons" item="reason" open="(" separator="," close=")">#{reason}</foreach>
        and not exists (select 1 from run_event u where u.round_id = e.round_id and u.undoes = e.id)
        and not exists (select 1 from proposal_turned_down t where t.event_id = e.id)
      order by e.at, e.id
      </script>
      """)
  List<SaidAtRow> saidAtRow(Collection<String> reasons, Instant since);

  @Update(
      """
      merge into proposal_turned_down (event_id, account_id, at)
      key (event_id)
      values (#{eventId}, #{accountId}, #{at})
      """)
  void turnDown(UUID eventId, UUID accountId, Instant at);

  /** A hive on the sheet of a round. */
  record InRound(UUID roundId, UUID hiveId) {}

  /**
   * Where some hives stand on the sheet of a round that is not over, with or without anything
   * logged of them.
   */
  @Select(
      """
      <script>
      select rh.round_id, rh.hive_id
      from round_hive rh
      join round r on r.id = rh.round_id
      where r.discarded_at is null and r.finished_at is null and rh.hive_id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
        and <if test="!touched">not</if>
            exists (select 1 from run_event e where e.round_id = rh.round_id and e.hive_id = rh.hive_id)
      </script>
      """)
  List<InRound> inOpenRounds(Collection<UUID> hiveIds, boolean touched);

  /** A hive in a round that is not over, which it was not treated in yet. */
  record PlannedDay(UUID hiveId, LocalDate day) {}

  @Select(
      """
      select rh.hive_id, r.on_day as "day"
      from round r
      join round_hive rh on rh.round_id = r.id
      where r.discarded_at is null and r.finished_at is null
        and not exists (
          select 1 from run_event e
          where e.round_id = r.id and e.hive_id = rh.hive_id and e.kind in ('BURN_STARTED', 'SKIPPED'))
      """)
  List<PlannedDay> plannedDays();

  /** The one planned last in each apiary. */
  @Select(
      ROUND
          + """
          r
          where discarded_at is null
            and planned_at = (select max(planned_at) from round o where o.apiary_id = r.apiary_id and o.discarded_at is null)
          """)
  List<Round> latest();

  @Select("select count(*) from run_event where id = #{eventId}")
  int isLogged(UUID eventId);

  @Select(ROUND + "where apiary_id = #{apiaryId} and discarded_at is null and finished_at is null")
  List<Round> openIn(UUID apiaryId);

  @Insert(
      """
      insert into round (
        id, apiary_id, on_day, rule_sheet_id, grams, per, grams_of, mediums, strength, spoon, step, capacity, supers_plan,
        seal_minutes, tool, product, lot, off_label_reason, celsius, planned_by, planned_at, series_id, series_number,
        tool_id, tool_family, cool_seconds, reload_seconds, loosening)
      values (
        #{id}, #{apiaryId}, #{day}, #{ruleSheetId}, #{grams}, #{per}, #{gramsOf}, #{mediums}, #{strength}, #{spoon},
        #{step}, #{capacity}, #{supersPlan}, #{sealMinutes}, #{tool}, #{product}, #{lot}, #{offLabelReason}, #{celsius},
        #{plannedBy}, #{plannedAt}, #{seriesId}, #{seriesNumber}, #{toolId}, #{toolFamily}, #{coolSeconds},
        #{reloadSeconds}, #{loosening})
      """)
  void add(Round round);

  @Insert(
      """
      insert into round_hive (
        round_id, hive_id, place, hive_name, boxes, supers, floor, loads, each_load, product_per_load, acid_per_load,
        verdict, label_says, supers_plan, first_product, first_acid, larger_loads, larger_product, larger_acid, burn_seconds, burn_says, kept, exception, tasks,
        todo, prep_seconds, cloth)
      values (
        #{roundId}, #{hive.hiveId}, #{hive.place}, #{hive.hiveName}, #{hive.boxes, typeHandler=tavrel.server.hive.BoxesTypeHandler}, #{hive.supers}, #{hive.floor},
        #{hive.loads}, #{hive.eachLoad}, #{hive.productPerLoad}, #{hive.acidPerLoad}, #{hive.verdict}, #{hive.labelSays},
        #{hive.supersPlan}, #{hive.firstProduct}, #{hive.firstAcid}, #{hive.largerLoads}, #{hive.largerProduct}, #{hive.largerAcid}, #{hive.burnSeconds}, #{hive.burnSays}, #{hive.kept},
        #{hive.exception}, #{hive.tasks}, #{hive.todo, typeHandler=tavrel.server.run.TasksTypeHandler}, #{hive.prepSeconds}, #{hive.cloth})
      """)
  void addHive(UUID roundId, RoundHive hive);

  String ROUND_HIVE =
      """
      select hive_id, place, hive_name, boxes, supers, floor, loads, each_load, product_per_load, acid_per_load, verdict,
             label_says, supers_plan, first_product, first_acid, larger_loads, larger_product, larger_acid, burn_seconds, burn_says, kept, exception, tasks,
             todo, prep_seconds, cloth
      from round_hive
      """;

  @Select(ROUND_HIVE + "where round_id = #{roundId} order by place, hive_name")
  @Results(id = "roundHive")
  @ConstructorArgs({
    @Arg(column = "hive_id", javaType = UUID.class),
    @Arg(column = "place", javaType = int.class),
    @Arg(column = "hive_name", javaType = String.class),
    @Arg(column = "boxes", javaType = List.class, typeHandler = BoxesTypeHandler.class),
    @Arg(column = "supers", javaType = int.class),
    @Arg(column = "floor", javaType = Floor.class),
    @Arg(column = "loads", javaType = int.class),
    @Arg(column = "each_load", javaType = Fact.class),
    @Arg(column = "product_per_load", javaType = double.class),
    @Arg(column = "acid_per_load", javaType = double.class),
    @Arg(column = "verdict", javaType = Verdict.class),
    @Arg(column = "label_says", javaType = Fact.class),
    @Arg(column = "supers_plan", javaType = SupersPlan.class),
    @Arg(column = "first_product", javaType = Double.class),
    @Arg(column = "first_acid", javaType = Double.class),
    @Arg(column = "larger_loads", javaType = int.class),
    @Arg(column = "larger_product", javaType = Double.class),
    @Arg(column = "larger_acid", javaType = Double.class),
    @Arg(column = "burn_seconds", javaType = Integer.class),
    @Arg(column = "burn_says", javaType = Fact.class),
    @Arg(column = "kept", javaType = Double.class),
    @Arg(column = "exception", javaType = String.class),
    @Arg(column = "tasks", javaType = String.class),
    @Arg(column = "todo", javaType = List.class, typeHandler = TasksTypeHandler.class),
    @Arg(column = "prep_seconds", javaType = int.class),
    @Arg(column = "cloth", javaType = boolean.class)
  })
  List<RoundHive> hives(UUID roundId);

  @ResultMap("roundHive")
  @Select(ROUND_HIVE + "where round_id = #{roundId} and hive_id = #{hiveId}")
  RoundHive hive(UUID roundId, UUID hiveId);

  @Select(
      """
      select hive_id, place, loads, acid_per_load, product_per_load, first_acid, first_product, larger_loads, larger_acid, larger_product, burn_seconds,
             not cloth as left_open
      from round_hive
      where round_id = #{roundId}
      """)
  List<PlannedHive> planned(UUID roundId);

  @Insert(
      """
      insert into round_kit (round_id, item, number, item_group, name, amount, why)
      values (#{roundId}, #{item.key}, #{number}, #{item.group}, #{item.name}, #{item.amount}, #{item.why})
      """)
  void addKit(UUID roundId, int number, KitItem item);

  @Select(
      """
      select item, item_group as "group", name, amount, why, ticked_by, ticked_at
      from round_kit
      where round_id = #{roundId}
      order by number
      """)
  List<KitLine> kit(UUID roundId);

  @Update(
      """
      update round_kit
      set ticked_by = #{by}, ticked_at = #{at}
      where round_id = #{roundId} and item = #{item}
      """)
  int tick(UUID roundId, String item, @Nullable String by, @Nullable Instant at);

  @Update("update round set discarded_at = #{at} where id = #{id}")
  void discard(UUID id, Instant at);

  @Update("update round set finished_at = #{at} where id = #{id}")
  void finish(UUID id, @Nullable Instant at);

  /** The latest people check: after a night in between there is another. */
  @Select(
      """
      select standing_side, checked_by, at, celsius, unsafe_reason
      from people_check
      where round_id = #{roundId}
      order by at desc
      limit 1
      """)
  Optional<ConfirmedPeopleCheck> peopleCheck(UUID roundId);

  @Insert(
      """
      insert into people_check (round_id, confirmed, standing_side, checked_by, account_id, at, celsius, unsafe_reason)
      values (#{roundId}, #{confirmed}, #{check.standingSide}, #{check.checkedBy}, #{accountId}, #{check.at},
              #{check.celsius}, #{check.unsafeReason})
      """)
  void addPeopleCheck(UUID roundId, String confirmed, ConfirmedPeopleCheck check, UUID accountId);

  @Select(
      """
      select id, hive_id, kind, at, done_by as "by", load, reason, undoes, tool, clock_off
      from run_event
      where round_id = #{roundId}
      """)
  List<RunEvent> events(UUID roundId);

  @Insert(
      """
      insert into run_event (id, round_id, hive_id, kind, at, done_by, account_id, load, reason, undoes, received_at,
                             tool, clock_off)
      values (#{event.id}, #{roundId}, #{event.hiveId}, #{event.kind}, #{event.at}, #{event.by}, #{accountId},
              #{event.load}, #{event.reason}, #{event.undoes}, #{receivedAt}, #{event.tool}, #{event.clockOff})
      """)
  void addEvent(UUID roundId, RunEvent event, UUID accountId, Instant receivedAt);

  /** How many events of each person came more than so many seconds after they happened. */
  @Select(
      """
      select done_by as "by", count(*) as "count", max(received_at) as last
      from run_event
      where round_id = #{roundId} and received_at > dateadd(second, #{seconds}, at)
      group by done_by
      order by done_by
      """)
  List<CameLate> cameLate(UUID roundId, int seconds);

  @Select(
      """
      select id, series_number as "number", on_day as "day", finished_at is not null as finished
      from round
      where series_id = #{seriesId} and discarded_at is null
      order by planned_at
      """)
  List<Rounds.InSeries> inSeries(UUID seriesId);
}
