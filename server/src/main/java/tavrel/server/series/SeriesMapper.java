package tavrel.server.series;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.rulesheet.Verdict;

/** Series kept. */
@Mapper
interface SeriesMapper {

  String SERIES =
      """
      select id, apiary_id, name, rule_sheet_id, grams_per_box, tool, off_label_reason, verdict, label_says, bench_hive_id,
             bench, adopted_on, adopted_by, ended_at
      from series
      """;

  /** A series as kept. */
  record Kept(
      UUID id,
      UUID apiaryId,
      String name,
      @Nullable UUID ruleSheetId,
      double gramsPerBox,
      String tool,
      @Nullable String offLabelReason,
      @Nullable Verdict verdict,
      @Nullable Fact labelSays,
      @Nullable UUID benchHiveId,
      @Nullable String bench,
      LocalDate adoptedOn,
      String adoptedBy,
      @Nullable Instant endedAt) {}

  /** A round of a series as kept. */
  record KeptRound(int number, LocalDate day, LocalDate firstDay, boolean leftOut) {}

  /** A hive that an open series has taken already. */
  record Taken(UUID hiveId, String series) {}

  @Select(SERIES + "where id = #{id}")
  Optional<Kept> byId(UUID id);

  @Select(
      SERIES
          + "where ended_at is null and (cast(#{apiaryId} as uuid) is null or apiary_id = #{apiaryId}) order by adopted_at")
  List<Kept> open(@Nullable UUID apiaryId);

  @Select(
      """
      select number, on_day as "day", first_day, left_out
      from series_round
      where series_id = #{seriesId}
      order by number
      """)
  List<KeptRound> rounds(UUID seriesId);

  @Select("select hive_id from series_hive where series_id = #{seriesId}")
  Set<UUID> hiveIds(UUID seriesId);

  @Select(
      """
      select sh.hive_id, s.name as series
      from series_hive sh
      join series s on s.id = sh.series_id
      where s.apiary_id = #{apiaryId} and s.ended_at is null
      """)
  List<Taken> taken(UUID apiaryId);

  @Insert(
      """
      insert into series (
        id, apiary_id, name, rule_sheet_id, grams_per_box, tool, off_label_reason, verdict, label_says, bench_hive_id,
        bench, adopted_on, adopted_by, adopted_at)
      values (
        #{series.id}, #{series.apiaryId}, #{series.name}, #{series.ruleSheetId}, #{series.gramsPerBox}, #{series.tool},
        #{series.offLabelReason}, #{series.verdict}, #{series.labelSays}, #{series.benchHiveId}, #{series.bench},
        #{series.adoptedOn}, #{series.adoptedBy}, #{at})
      """)
  void add(Kept series, Instant at);

  @Insert("insert into series_hive (series_id, hive_id) values (#{seriesId}, #{hiveId})")
  void addHive(UUID seriesId, UUID hiveId);

  @Insert(
      """
      insert into series_round (series_id, number, on_day, first_day, left_out)
      values (#{seriesId}, #{number}, #{day}, #{day}, false)
      """)
  void addRound(UUID seriesId, int number, LocalDate day);

  @Update(
      """
      update series_round
      set on_day = #{day}, left_out = #{leftOut}
      where series_id = #{seriesId} and number = #{number}
      """)
  void move(UUID seriesId, int number, LocalDate day, boolean leftOut);

  @Update(
      """
      update series
      set verdict = #{verdict}, label_says = #{labelSays},
          off_label_reason = coalesce(#{offLabelReason}, off_label_reason)
      where id = #{id}
      """)
  void judge(
      UUID id,
      @Nullable Verdict verdict,
      @Nullable Fact labelSays,
      @Nullable String offLabelReason);

  @Update("update series set ended_at = #{at} where id = #{id} and ended_at is null")
  void end(UUID id, Instant at);
}
