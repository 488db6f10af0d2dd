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

/** Counts, boards, signs and decisions kept. */
@Mapper
interface CountMapper {

  /**
   * A count kept.
   *
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
      String doneBy) {

    NewCount count() {
      return new NewCount(id, hiveId, day, kind, mites, bees, hours, natural);
    }

    /** The same by what is on record of the hive's treatments. */
    KeptCount after(List<LocalDate> treated) {
      BoardReading board = count().board();
      return board == null || board.after(treated).natural() == natural
          ? this
          : new KeptCount(id, hiveId, day, kind, mites, bees, hours, !natural, doneBy);
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

  /** A sign seen. */
  record SeenSign(UUID id, UUID hiveId, LocalDate day, Sign sign, String doneBy) {}

  /** A decision, the latest of its hive. */
  record Decision(
      UUID hiveId, Choice choice, @Nullable String reason, LocalDate day, String doneBy) {}

  /** A board that lies under a hive. */
  record LaidBoard(UUID id, UUID hiveId, Instant laidAt, String doneBy) {}

  /** The latest day that something was counted in an apiary. */
  record LastCount(UUID apiaryId, LocalDate day) {}

  @Select(
      """
      select c.id, c.hive_id, c.on_day as "day", c.kind, c.mites, c.bees, c.hours, c.is_natural as "natural", c.done_by
      from mite_count c
      join hive h on h.id = c.hive_id
      where h.apiary_id = #{apiaryId} and c.struck_at is null and c.on_day >= #{since}
      order by c.on_day desc, c.received_at desc
      """)
  List<KeptCount> counts(UUID apiaryId, LocalDate since);

  @Select(
      """
      select a.name as apiary, h.name as hive, c.on_day as "day", c.kind, c.mites, c.bees, c.hours, c.is_natural as "natural", c.done_by
      from mite_count c
      join hive h on h.id = c.hive_id
      join apiary a on a.id = h.apiary_id
      where c.struck_at is null and (cast(#{apiaryId} as uuid) is null or a.id = #{apiaryId})
      order by c.on_day, a.name, h.place, c.received_at
      """)
  List<Named> named(@Nullable UUID apiaryId);

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
      insert into mite_count (id, hive_id, on_day, kind, mites, bees, hours, is_natural, done_by, account_id, received_at)
      values (#{count.id}, #{count.hiveId}, #{count.day}, #{count.kind}, #{count.mites}, #{count.bees}, #{count.hours},
              #{count.natural}, #{by}, #{accountId}, #{at})
      """)
  void add(NewCount count, String by, UUID accountId, Instant at);

  @Update("update mite_count set struck_at = #{at} where id = #{id} and struck_at is null")
  int strike(UUID id, Instant at);

  @Select(
      """
      select s.id, s.hive_id, s.on_day as "day", s.sign, s.done_by
      from hive_sign s
      join hive h on h.id = s.hive_id
      where h.apiary_id = #{apiaryId} and s.struck_at is null and s.on_day >= #{since}
      order by s.on_day desc, s.received_at desc
      """)
  List<SeenSign> signs(UUID apiaryId, LocalDate since);

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
      select d.hive_id, d.choice, d.reason, d.on_day as "day", d.done_by
      from hive_decision d
      join hive h on h.id = d.hive_id
      where h.apiary_id = #{apiaryId}
        and d.decided_at = (select max(l.decided_at) from hive_decision l where l.hive_id = d.hive_id)
      """)
  List<Decision> decisions(UUID apiaryId);

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
      select b.id, b.hive_id, b.laid_at, b.done_by
      from board_laid b
      join hive h on h.id = b.hive_id
      where b.read_at is null and (cast(#{apiaryId} as uuid) is null or h.apiary_id = #{apiaryId})
      order by b.laid_at
      """)
  List<LaidBoard> laid(@Nullable UUID apiaryId);

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
      select h.apiary_id, max(c.on_day) as "day"
      from mite_count c
      join hive h on h.id = c.hive_id
      where c.struck_at is null
      group by h.apiary_id
      """)
  List<LastCount> lastCounts();

  @Select(
      """
      select count(distinct c.hive_id)
      from mite_count c
      join series_hive s on s.hive_id = c.hive_id
      where s.series_id = #{seriesId} and c.struck_at is null and c.kind <> 'BOARD' and c.on_day > #{after}
      """)
  int washedSince(UUID seriesId, LocalDate after);

  /** A sample of bees and where its hive stands. */
  record SampleThere(UUID apiaryId, UUID hiveId, LocalDate day, int mites, int bees) {}

  /** Samples of all hives since a day, oldest first. */
  @Select(
      """
      select h.apiary_id, c.hive_id, c.on_day as "day", c.mites, c.bees
      from mite_count c
      join hive h on h.id = c.hive_id
      where c.struck_at is null and c.bees is not null and c.on_day >= #{since}
      order by c.on_day, c.id
      """)
  List<SampleThere> samplesSince(LocalDate since);

  /** The earliest day on which a hive was counted. */
  @Select("select min(on_day) from mite_count where hive_id = #{hiveId} and struck_at is null")
  Optional<LocalDate> firstDay(UUID hiveId);
}
