package tavrel.server.hive;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import tavrel.core.life.BeganAs;
import tavrel.core.life.Tie;

/** Lives of hives kept. */
@Mapper
interface LifeMapper {

  String ROWS =
      """
      select id, act_id, hive_id, on_day as "day", kind, apiary_id, name, queen, queen_year, queen_mark, queen_line,
             into_id, end_kind, end_sign, says, boxes, supers, supers_from_id, done_by, received_at, struck_by, struck_at, struck_why
      from hive_life
      """;

  String IN_ORDER = " order by on_day, received_at, id";

  /** How a hive began. */
  record Began(
      UUID hiveId,
      BeganAs beganAs,
      @Nullable LocalDate since,
      UUID firstApiaryId,
      String firstName,
      @Nullable UUID motherId,
      String firstBoxes,
      int firstSupers,
      Instant createdAt) {}

  @Select(
      """
      <script>
      select id as hive_id, began_as, since, first_apiary_id, first_name, mother_id, first_boxes, first_supers, created_at
      from hive
      where id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  List<Began> began(Collection<UUID> hiveIds);

  /** Hives that ever stood in an apiary by anything that was written, even if it was taken back. */
  @Select(
      """
      select id from hive where first_apiary_id = #{apiaryId}
      union
      select hive_id from hive_life where apiary_id = #{apiaryId}
      """)
  List<UUID> everIn(UUID apiaryId);

  @Select(
      """
      <script>
      """
          + ROWS
          + """
      where hive_id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      """
          + IN_ORDER
          + """
      </script>
      """)
  List<LifeRow> ofHives(Collection<UUID> hiveIds);

  @Select(ROWS + "where act_id = #{actId}" + IN_ORDER)
  List<LifeRow> ofAct(UUID actId);

  @Insert(
      """
      <script>
      insert into hive_life (
        id, act_id, hive_id, on_day, kind, apiary_id, name, queen, queen_year, queen_mark, queen_line, into_id, end_kind,
        end_sign, says, boxes, supers, supers_from_id, done_by, account_id, received_at)
      values
      <foreach collection="rows" item="row" separator=",">(
        #{row.id}, #{row.actId}, #{row.hiveId}, #{row.day}, #{row.kind}, #{row.apiaryId}, #{row.name}, #{row.queen},
        #{row.queenYear}, #{row.queenMark}, #{row.queenLine}, #{row.intoId}, #{row.endKind}, #{row.endSign}, #{row.says},
        #{row.boxes}, #{row.supers}, #{row.supersFromId}, #{row.doneBy}, #{accountId}, #{row.receivedAt})</foreach>
      </script>
      """)
  void add(List<LifeRow> rows, UUID accountId);

  @Update(
      """
      update hive_life
      set struck_by = #{by}, struck_at = #{at}, struck_why = #{why}
      where act_id = #{actId} and struck_at is null
      """)
  int strike(UUID actId, String by, Instant at, @Nullable String why);

  @Delete(
      """
      <script>
      delete from hive_stay where hive_id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  void forgetStays(Collection<UUID> hiveIds);

  /** A stay as it is drawn. */
  record DrawnStay(
      UUID hiveId,
      int number,
      UUID apiaryId,
      String name,
      @Nullable LocalDate from,
      @Nullable LocalDate to) {}

  @Insert(
      """
      <script>
      merge into hive_stay (hive_id, number, apiary_id, name, from_day, to_day) key (hive_id, number) values
      <foreach collection="stays" item="each" separator=",">
        (#{each.hiveId}, #{each.number}, #{each.apiaryId}, #{each.name}, cast(#{each.from} as date), cast(#{each.to} as date))
      </foreach>
      </script>
      """)
  void putStays(List<DrawnStay> stays);

  /** Where and how a hive stands now, as it is drawn. */
  record Stands(
      UUID hiveId,
      UUID apiaryId,
      String name,
      @Nullable LocalDate endedOn,
      String boxes,
      int supers) {}

  /** Of hives that are there already: nothing else of theirs changes. */
  @Insert(
      """
      <script>
      merge into hive (id, apiary_id, name, ended_on, boxes, supers) key (id) values
      <foreach collection="hives" item="each" separator=",">
        (#{each.hiveId}, #{each.apiaryId}, #{each.name}, cast(#{each.endedOn} as date), #{each.boxes}, #{each.supers})
      </foreach>
      </script>
      """)
  void stand(List<Stands> hives);

  @Update("update hive set stand = #{stand}, divided = false where id = #{hiveId}")
  void share(UUID hiveId, String stand);

  /** The last place of a yard's walk, beside some hives; 0 where no other stands there. */
  @Select(
      """
      <script>
      select coalesce(max(place), 0)
      from hive
      where apiary_id = #{apiaryId} and ended_on is null and id not in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  int lastPlace(UUID apiaryId, Collection<UUID> hiveIds);

  /** A hive at its place of the walk. */
  record Walked(UUID hiveId, int place) {}

  @Insert(
      """
      <script>
      merge into hive (id, place) key (id) values
      <foreach collection="hives" item="each" separator=",">(#{each.hiveId}, #{each.place})</foreach>
      </script>
      """)
  void walkAt(List<Walked> hives);

  /** Those that moved share a stand no more, unless they have no names of their own. */
  @Update(
      """
      <script>
      update hive
      set stand = case when name regexp '/[0-9]+$' and locate(stand || '/', name) = 1 then stand end, divided = false
      where id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  void leaveStands(Collection<UUID> hiveIds);

  /** Hives that stand, or stood on a day or later, in an apiary under a name. */
  @Select(
      """
      select hive_id
      from hive_stay
      where apiary_id = #{apiaryId} and name_key = lower(#{name}) and (to_day is null or to_day > #{day})
      """)
  List<UUID> calledFrom(UUID apiaryId, String name, LocalDate day);

  /** A hive with the name that it stands under, in small letters. */
  record Called(UUID hiveId, String key) {}

  /** Hives that stand, or stood on a day or later, in an apiary, and under which names. */
  @Select(
      """
      select hive_id, name_key as "key"
      from hive_stay
      where apiary_id = #{apiaryId} and (to_day is null or to_day > #{day})
      """)
  List<Called> allCalledFrom(UUID apiaryId, LocalDate day);

  /** Every name under which a hive ever stood in an apiary, with its days. */
  @Select(
      """
      select hive_id, name, from_day as "from", to_day as "to"
      from hive_stay
      where apiary_id = #{apiaryId}
      """)
  List<HiveStays.NamedStay> namedStays(UUID apiaryId);

  /** Hives that stood in an apiary on one of some days. */
  @Select(
      """
      select distinct hive_id
      from hive_stay
      where apiary_id = #{apiaryId} and (from_day is null or from_day <= #{to}) and (to_day is null or to_day > #{from})
      """)
  List<UUID> stoodIn(UUID apiaryId, LocalDate from, LocalDate to);

  /** Splits, unions and supers that went from hive to hive, as they stand. */
  @Select(
      """
      select id as hive_id, mother_id as other_id, since as "day", 'SPLIT' as "by"
      from hive
      where mother_id is not null
      union all
      select into_id, hive_id, on_day, 'UNION'
      from hive_life
      where kind = 'UNITED' and struck_at is null
      union all
      select hive_id, supers_from_id, on_day, 'SUPERS'
      from hive_life
      where supers_from_id is not null and struck_at is null
      """)
  List<Tie> ties();
}
