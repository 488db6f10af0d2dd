package tavrel.server.run;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.run.EventKind;
import tavrel.core.run.WorkSpans;

/** How long people worked in rounds: first burn to last opening, without pauses and nights. */
@Service
public class WorkHours {

  /** A halt of a run, or its end, and what came next. */
  record KeptHalt(UUID roundId, EventKind kind, Instant at, @Nullable Instant next) {}

  /** Halts kept. */
  @Mapper
  interface HaltMapper {

    /** Crew events have no hive: the index of a round's log leads to them at once. */
    String HALTS =
        """
        select e.round_id, e.kind, e.at,
               (select min(n.at) from run_event n where n.round_id = e.round_id and n.at &gt; e.at) as next
        from round r
        join run_event e on e.round_id = r.id and e.hive_id is null
        where e.kind in ('PAUSED', 'WENT_ON', 'PUT_OFF')
          and not exists (select 1 from undone_event u where u.round_id = e.round_id and u.id = e.id)
        """;

    @Select("<script>" + HALTS + " and r.on_day between #{from} and #{to}</script>")
    List<KeptHalt> halts(LocalDate from, LocalDate to);

    @Select(
        "<script>"
            + HALTS
            + """
               and r.id in
               <foreach collection="roundIds" item="id" open="(" separator="," close=")">#{id}</foreach>
              </script>
              """)
    List<KeptHalt> haltsOf(Collection<UUID> roundIds);
  }

  /** The halts of some rounds. */
  public static final class Halts {

    private final Map<UUID, List<WorkSpans.Halt>> byRound;

    private Halts(Map<UUID, List<WorkSpans.Halt>> byRound) {
      this.byRound = byRound;
    }

    /** Hours worked in a round. */
    public double hours(UUID roundId, Instant began, Instant ended) {
      Duration worked = WorkSpans.worked(began, ended, byRound.getOrDefault(roundId, List.of()));
      return worked.toSeconds() / 3_600.0;
    }
  }

  private final HaltMapper mapper;

  WorkHours(HaltMapper mapper) {
    this.mapper = mapper;
  }

  /** Halts of the rounds of some days, both included. */
  public Halts between(LocalDate from, LocalDate to) {
    return halts(mapper.halts(from, to));
  }

  /** Halts of some rounds. */
  public Halts ofRounds(Collection<UUID> roundIds) {
    return halts(roundIds.isEmpty() ? List.of() : mapper.haltsOf(roundIds));
  }

  private static Halts halts(List<KeptHalt> kept) {
    return new Halts(
        kept.stream()
            .collect(
                Collectors.groupingBy(
                    KeptHalt::roundId,
                    HashMap::new,
                    Collectors.mapping(
                        each -> new WorkSpans.Halt(each.kind(), each.at(), each.next()),
                        Collectors.toList()))));
  }
}
