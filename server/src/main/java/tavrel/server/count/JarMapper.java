package tavrel.server.count;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import tavrel.core.count.WashKind;

/** Jars kept. */
@Mapper
interface JarMapper {

  String ROWS =
      """
      select j.id, j.on_day as "day", j.kind, j.mites, j.bees, j.done_by
      from jar_count j
      """;

  String LATEST_FIRST = " order by j.on_day desc, j.at desc";

  /** A jar as it is kept. */
  record Row(UUID id, LocalDate day, WashKind kind, int mites, int bees, String doneBy) {}

  /** That bees of a hive are in a jar. */
  record InJar(UUID jarId, UUID hiveId) {}

  @Select(ROWS + "where j.apiary_id = #{apiaryId} and j.struck_at is null" + LATEST_FIRST)
  List<Row> of(UUID apiaryId);

  @Select(
      ROWS
          + "join jar_hive h on h.jar_id = j.id where h.hive_id = #{hiveId} and j.struck_at is null"
          + LATEST_FIRST)
  List<Row> withBeesOf(UUID hiveId);

  @Select(
      """
      <script>
      select jar_id, hive_id
      from jar_hive
      where jar_id in
      <foreach collection="jarIds" item="id" open="(" separator="," close=")">#{id}</foreach>
      </script>
      """)
  List<InJar> hivesIn(Collection<UUID> jarIds);

  @Select("select count(*) > 0 from jar_count where id = #{id}")
  boolean isThere(UUID id);

  @Insert(
      """
      insert into jar_count (id, apiary_id, on_day, kind, mites, bees, done_by, account_id, at)
      values (#{id}, #{apiaryId}, #{jar.day}, #{jar.kind}, #{jar.mites}, #{jar.bees}, #{by}, #{accountId}, #{at})
      """)
  void add(UUID id, UUID apiaryId, Jars.NewJar jar, String by, UUID accountId, Instant at);

  @Insert("insert into jar_hive (jar_id, hive_id) values (#{id}, #{hiveId})")
  void addHive(UUID id, UUID hiveId);

  @Update(
      "update jar_count set struck_by = #{by}, struck_at = #{at} where id = #{id} and struck_at is null")
  void strike(UUID id, String by, Instant at);
}
