package tavrel.server.brood;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Brood events kept. */
@Mapper
interface BroodMapper {

  String EVENTS =
      """
      select e.id, e.hive_id, e.on_day as "day", e.kind, e.comb, e.released, e.youngest, e.new_queen, e.left_brood,
             e.given_brood as given,
             e.capped, e.capped_frames, e.open_brood, e.frames_of_bees
      from brood_event e
      """;

  String IN_ORDER = " and e.struck_at is null order by e.on_day, e.received_at, e.id";

  /** Who entered an event. */
  record EnteredBy(UUID id, String doneBy) {}

  @Select(EVENTS + "where e.hive_id = #{hiveId}" + IN_ORDER)
  List<NewBroodEvent> ofHive(UUID hiveId);

  @Select(EVENTS + "where true" + IN_ORDER)
  List<NewBroodEvent> all();

  @Select("select id, done_by from brood_event where hive_id = #{hiveId}")
  List<EnteredBy> enteredBy(UUID hiveId);

  @Select("select count(*) from brood_event where id = #{id}")
  int known(UUID id);

  @Select("select hive_id from brood_event where id = #{id} and struck_at is null")
  Optional<UUID> hiveOf(UUID id);

  @Insert(
      """
      insert into brood_event (
        id, hive_id, on_day, kind, comb, released, youngest, new_queen, left_brood, given_brood, capped, capped_frames, open_brood,
        frames_of_bees, done_by, account_id, received_at)
      values (
        #{event.id}, #{event.hiveId}, #{event.day}, #{event.kind}, #{event.comb}, #{event.released}, #{event.youngest},
        #{event.newQueen}, #{event.leftBrood}, #{event.given}, #{event.capped}, #{event.cappedFrames}, #{event.openBrood},
        #{event.framesOfBees}, #{by}, #{accountId}, #{at})
      """)
  void add(NewBroodEvent event, String by, UUID accountId, Instant at);

  @Update("update brood_event set struck_at = #{at} where id = #{id}")
  void strike(UUID id, @Nullable Instant at);
}
