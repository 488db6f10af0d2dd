package tavrel.server.register;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import tavrel.core.stock.AcidBook;

/** What the register knows of rounds that were done, for those who reckon with them. */
@Service
public class RoundSums {

  /**
   * A round done.
   *
   * @param roundId the round
   * @param began first burn
   * @param ended last opening, or what came last
   * @param burns loads burned
   */
  public record Worked(UUID roundId, Instant began, Instant ended, int burns) {}

  /** A hive that was treated in a round. */
  public record TreatedIn(UUID roundId, UUID hiveId) {}

  /** Sums kept. */
  @Mapper
  interface RoundSumMapper {

    @Select(
        """
        select round_id, min(started_at) as began, max(coalesce(opened_at, removed_at, started_at)) as ended,
               sum(loads) as burns
        from treatment
        where started_at > #{since} and round_id is not null and stands
        group by round_id
        """)
    List<Worked> workedSince(Instant since);

    @Select(
        """
        select round_id, min(began) as began, max(ended) as ended, sum(loads) as burns
        from treatment_round
        where on_day >= #{since}
        group by round_id
        """)
    List<Worked> workedFrom(LocalDate since);

    /** The sums are small beside the register. */
    @Select(
        """
        select round_id, on_day as "day", began as at, product as grams, nullif(lot, '') as lot
        from treatment_round
        order by began
        """)
    List<AcidBook.Draw> draws();

    @Select(
        """
        <script>
        select round_id, hive_id
        from treatment
        where round_id in
        <foreach collection="roundIds" item="id" open="(" separator="," close=")">#{id}</foreach>
        </script>
        """)
    List<TreatedIn> treatedIn(Collection<UUID> roundIds);
  }

  private final RoundSumMapper mapper;

  RoundSums(RoundSumMapper mapper) {
    this.mapper = mapper;
  }

  /** Rounds with treatments that began since a moment; what was before it is left out of them. */
  public List<Worked> workedSince(Instant since) {
    return mapper.workedSince(since);
  }

  /** Rounds of a day and later. */
  public List<Worked> workedFrom(LocalDate since) {
    return mapper.workedFrom(since);
  }

  /** What was burned, by round and lot, in the order of days. */
  public List<AcidBook.Draw> draws() {
    return mapper.draws();
  }

  /** Hives that have a line in some rounds. */
  public List<TreatedIn> treatedIn(Collection<UUID> roundIds) {
    return roundIds.isEmpty() ? List.of() : mapper.treatedIn(roundIds);
  }
}
