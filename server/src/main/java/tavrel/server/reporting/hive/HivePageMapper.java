package tavrel.server.reporting.hive;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import tavrel.core.life.DeadOutSign;
import tavrel.core.life.EndKind;
import tavrel.core.life.QueenChange;
import tavrel.core.register.TreatmentKind;
import tavrel.server.brood.BroodKind;
import tavrel.server.hive.LifeKind;

/** What is kept of one hive, from all who keep something of it. */
@Mapper
interface HivePageMapper {

  /** Something that happened in its life; struck where it was taken back. */
  record Happened(
      UUID actId,
      LocalDate day,
      LifeKind kind,
      @Nullable String apiary,
      @Nullable String name,
      @Nullable QueenChange queen,
      @Nullable Integer queenYear,
      @Nullable String queenMark,
      @Nullable String queenLine,
      @Nullable UUID intoId,
      @Nullable String into,
      @Nullable EndKind endKind,
      @Nullable DeadOutSign endSign,
      @Nullable String says,
      @Nullable String boxes,
      @Nullable Integer supers,
      @Nullable UUID supersFromId,
      @Nullable String supersFrom,
      String doneBy,
      @Nullable String struckBy,
      @Nullable Instant struckAt,
      @Nullable String struckWhy) {}

  /** Another hive that is tied to it. */
  record Kin(UUID hiveId, String name, @Nullable LocalDate day, String doneBy) {}

  /** A sample of bees or a board. */
  record Counted(
      LocalDate day,
      String kind,
      int mites,
      @Nullable Integer bees,
      @Nullable Double hours,
      String doneBy) {}

  /** A line of the register. */
  record Treated(
      LocalDate day, TreatmentKind means, double acid, String people, @Nullable UUID roundId) {}

  /** What was entered of its brood. */
  record Brood(LocalDate day, BroodKind kind, String doneBy) {}

  @Select(
      """
      select l.act_id, l.on_day as "day", l.kind, a.name as apiary, l.name, l.queen, l.queen_year, l.queen_mark,
             l.queen_line, l.into_id, o.name as "into", l.end_kind, l.end_sign, l.says, l.boxes, l.supers,
             l.supers_from_id, g.name as supers_from, l.done_by, l.struck_by,
             l.struck_at, l.struck_why
      from hive_life l
      left join apiary a on a.id = l.apiary_id
      left join hive o on o.id = l.into_id
      left join hive g on g.id = l.supers_from_id
      where l.hive_id = #{hiveId}
      order by l.on_day, l.received_at, l.id
      """)
  List<Happened> happened(UUID hiveId);

  @Select(
      """
      select l.hive_id, h.name, l.on_day as "day", l.done_by
      from hive_life l
      join hive h on h.id = l.hive_id
      where l.into_id = #{hiveId} and l.struck_at is null
      """)
  List<Kin> received(UUID hiveId);

  @Select(
      "select id as hive_id, name, since as \"day\", '' as done_by from hive where mother_id = #{hiveId}")
  List<Kin> splits(UUID hiveId);

  @Select(
      """
      select on_day as "day", kind, mites, bees, hours, done_by
      from mite_count
      where hive_id = #{hiveId} and struck_at is null
      order by on_day
      """)
  List<Counted> counted(UUID hiveId);

  @Select(
      """
      select on_day as "day", means, acid_now as acid, people, round_id
      from treatment
      where hive_id = #{hiveId} and stands
      order by on_day
      """)
  List<Treated> treated(UUID hiveId);

  /** Something that somebody wrote. */
  record Written(LocalDate day, String says, String by) {}

  @Select(
      """
      select cast(written_at as date) as "day", says, written_by as by
      from note
      where about = 'HIVE' and about_id = #{hiveId} and struck_at is null
      order by written_at
      """)
  List<Written> written(UUID hiveId);

  @Select(
      """
      select on_day as "day", kind, done_by
      from brood_event
      where hive_id = #{hiveId} and struck_at is null
      order by on_day, received_at
      """)
  List<Brood> brood(UUID hiveId);
}
