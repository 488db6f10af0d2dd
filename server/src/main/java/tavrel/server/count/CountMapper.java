package tavrel.server.count;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import tavrel.core.count.BoardReading;
import tavrel.core.count.Choice;
import tavrel.core.count.Sign;
import tavrel.core.count.SquaresCounted;
import tavrel.server.hive.HiveHistory;

/** Counts, boards, signs and decisions kept. */
@Mapper
interface CountMapper {

  /**
   * A count kept.
   *
   * @param id key
   * @param hiveId of which hive
   * @param day when it was taken, or the board read
   * @param kind wash, roll or drop board
   * @param mites how many were seen
   * @param bees bees of the sample, or null for a board
   * @param hours how long a board lay, h, or null
   * @param natural whether no treatment fell into a board's time
   * @param squares that were counted of a board, or null where all of it was
   * @param doneBy who counted
   */
  record KeptCount(
      UUID id,
      UUID hiveId,
      LocalDate day,
      CountKind kind,
      int mites,
      @Nullable Integer bees,
      @Nullable Double hours,
      boolean natural,
      @Nullable SquaresCounted squares,
      String doneBy) {

    NewCount count() {
      return new NewCount(id, hiveId, day, kind, mites, bees, hours, natural, squares);
    }

    /** The same with names, for a table. */
    Named named(String apiary, String hive) {
      return new Named(apiary, hive, day, kind, mites, bees, hours, natural, doneBy);
    }

    /** The same by what is on record of the hive's treatments. */
    KeptCount after(List<LocalDate> treated) {
      BoardReading board = count().board();
      return board == null || board.after(treated).natural() == natural
          ? this
          : new KeptCount(id, hiveId, day, kind, mites, bees, hours, !natural, squares, doneBy);
    }
  }

  /** A count with the names of its hive and apiary, for tables. */
  record Named(
      String apiary,
      String hive,
      LocalDate day,
      CountKind kind,
      int mites,
      @Nullable Integer bees,
      @Nullable Double hours,
      boolean natural,
      String doneBy) {}

  /**
   * A sign seen.
   *
   * @param id key
   * @param hiveId at which hive
   * @param day when
   * @param sign what
   * @param doneBy who saw it
   */
  record SeenSign(UUID id, UUID hiveId, LocalDate day, Sign sign, String doneBy) {}

  /**
   * A decision, the latest of its hive.
   *
   * @param hiveId of which hive
   * @param choice treat it or leave it
   * @param reason why, or null
   * @param day when
   * @param doneBy who decided
   */
  record Decision(
      UUID hiveId, Choice choice, @Nullable String reason, LocalDate day, String doneBy) {}

  /** A board that lies under a hive. */
  record LaidBoard(UUID id, UUID hiveId, Instant laidAt, String doneBy) {}

  /** The latest day that something was counted in a hive. */
  record LastCount(UUID hiveId, LocalDate day) {}

  @Select(
      """
      <script>
      select id, hive_id, on_day as "day", kind, mites, bees, hours, is_natural as "natural", squares, done_by
      from mite_count
      where struck_at is null and on_day &gt;= #{since} and hive_id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      order by on_day desc, received_at desc
      </script>
      """)
  List<KeptCount> counts(Collection<UUID> hiveIds, LocalDate since);

  @Select(
      """
      select id, hive_id, on_day as "day", kind, mites, bees, hours, is_natural as "natural", squares, done_by
      from mite_count
      where struck_at is null
      order by on_day, received_at
      """)
  List<KeptCount> all();

  /** Those of some ids that are counts already. */
  @Select(
      """
      <script>
      select id from mite_count where id in
      <foreach collection="ids" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  List<UUID> known(Collection<UUID> ids);

  @Insert(
      """
      insert into mite_count (id, hive_id, on_day, kind, mites, bees, hours, is_natural, squares,
                              done_by, account_id, received_at)
      values (#{count.id}, #{count.hiveId}, #{count.day}, #{count.kind}, #{count.mites}, #{count.bees}, #{count.hours},
              #{count.natural}, #{count.squares}, #{by}, #{accountId}, #{at})
      """)
  void add(NewCount count, String by, UUID accountId, Instant at);

  @Update("update mite_count set struck_at = #{at} where id = #{id} and struck_at is null")
  int strike(UUID id, Instant at);

  @Select(
      """
      <script>
      select id, hive_id, on_day as "day", sign, done_by
      from hive_sign
      where struck_at is null and on_day &gt;= #{since} and hive_id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      order by on_day desc, received_at desc
      </script>
      """)
  List<SeenSign> signs(Collection<UUID> hiveIds, LocalDate since);

  @Insert(
      """
      merge into hive_sign (id, hive_id, on_day, sign, done_by, account_id, received_at)
      key (id)
      values (#{id}, #{hiveId}, #{day}, #{sign}, #{by}, #{accountId}, #{at})
      """)
  void addSign(
      UUID id, UUID hiveId, LocalDate day, Sign sign, String by, UUID accountId, Instant at);

  @Update("update hive_sign set struck_at = #{at} where id = #{id} and struck_at is null")
  int strikeSign(UUID id, Instant at);

  @Select(
      """
      <script>
      select d.hive_id, d.choice, d.reason, d.on_day as "day", d.done_by
      from hive_decision d
      where d.decided_at = (select max(l.decided_at) from hive_decision l where l.hive_id = d.hive_id)
        and d.hive_id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  List<Decision> decisions(Collection<UUID> hiveIds);

  @Insert(
      """
      merge into hive_decision (id, hive_id, choice, reason, on_day, done_by, account_id, decided_at)
      key (id)
      values (#{id}, #{hiveId}, #{choice}, #{reason}, #{day}, #{by}, #{accountId}, #{at})
      """)
  void decide(
      UUID id,
      UUID hiveId,
      Choice choice,
      @Nullable String reason,
      LocalDate day,
      String by,
      UUID accountId,
      Instant at);

  @Select(
      """
      select id, hive_id, laid_at, done_by
      from board_laid
      where read_at is null
      order by laid_at
      """)
  List<LaidBoard> laid();

  @Insert(
      """
      merge into board_laid (id, hive_id, laid_at, done_by, account_id)
      key (id)
      values (#{id}, #{hiveId}, #{at}, #{by}, #{accountId})
      """)
  void lay(UUID id, UUID hiveId, Instant at, String by, UUID accountId);

  @Update("update board_laid set read_at = #{at} where hive_id = #{hiveId} and read_at is null")
  void takeOut(UUID hiveId, Instant at);

  @Select(
      """
      select hive_id, max(on_day) as "day"
      from mite_count
      where struck_at is null
      group by hive_id
      """)
  List<LastCount> lastCounts();

  @Select(
      """
      <script>
      select count(distinct hive_id)
      from mite_count
      where struck_at is null and kind != 'BOARD' and on_day &gt; #{after} and hive_id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  int washedSince(Collection<UUID> hiveIds, LocalDate after);

  /** A sample of a hive's bees. */
  record SampleOf(UUID hiveId, LocalDate day, int mites, int bees) {}

  /** Samples of all hives since a day, oldest first. */
  @Select(
      """
      select hive_id, on_day as "day", mites, bees
      from mite_count
      where struck_at is null and bees is not null and on_day >= #{since}
      order by on_day, id
      """)
  List<SampleOf> samplesSince(LocalDate since);

  /** The earliest day on which a hive was counted. */
  @Select("select min(on_day) from mite_count where hive_id = #{hiveId} and struck_at is null")
  Optional<LocalDate> firstDay(UUID hiveId);

  /** When some hives were counted from a day on. */
  @Select(
      """
      <script>
      select hive_id, on_day as "day", cast(null as uuid) as apiary_id
      from mite_count
      where struck_at is null and on_day &gt;= #{day} and hive_id in
      <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  List<HiveHistory.Seen> countedSince(Collection<UUID> hiveIds, LocalDate day);
}
