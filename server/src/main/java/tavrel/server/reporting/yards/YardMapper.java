package tavrel.server.reporting.yards;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What the table of yards reads across the rooms. */
@Mapper
interface YardMapper {

  /** Rounds with oxalic acid given in a yard, and until when its honey waits. */
  record Given(UUID apiaryId, int rounds, @Nullable LocalDate waitsUntil) {}

  @Select(
      """
      select h.apiary_id,
             count(distinct case when t.means like 'OXALIC%' and t.on_day >= #{year} then t.on_day end) as rounds,
             max(dateadd(day, t.waiting_days, t.on_day)) as waits_until
      from treatment t
      join hive h on h.id = t.hive_id
      where t.stands and h.ended_on is null and t.on_day >= #{from}
      group by h.apiary_id
      """)
  List<Given> given(LocalDate from, LocalDate year);

  /** A round of a series that is not done, and when. */
  record ToCome(UUID apiaryId, LocalDate day) {}

  @Select(
      """
      select s.apiary_id, sr.on_day as "day"
      from series s
      join series_round sr on sr.series_id = s.id
      left join round r on r.series_id = s.id and r.series_number = sr.number and r.discarded_at is null
      where s.ended_at is null and not sr.left_out and r.id is null
      """)
  List<ToCome> toCome();

  /** A stop of a crew on a day, as agreed. */
  record Stop(UUID apiaryId, String crew) {}

  @Select(
      """
      select distinct s.apiary_id, c.name as crew
      from season_visit v
      join series s on s.id = v.series_id
      join road_crew c on c.id = v.agreed_crew_id
      where v.agreed_day = #{day} and s.ended_at is null
      """)
  List<Stop> stops(LocalDate day);

  /**
   * Samples of a month, over the whole outfit.
   *
   * @param month 1 to 12
   * @param samples how many
   * @param mites in all
   * @param bees in all
   */
  record SampledMonth(int month, int samples, long mites, long bees) {}

  @Select(
      """
      select month(on_day) as "month", count(*) as samples, sum(mites) as mites, sum(bees) as bees
      from mite_count
      where struck_at is null and kind in ('WASH', 'SUGAR_ROLL') and on_day between #{from} and #{to}
      group by month(on_day)
      order by 1
      """)
  List<SampledMonth> months(LocalDate from, LocalDate to);
}
