package tavrel.server.reporting.year;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import tavrel.core.result.DeathSign;
import tavrel.core.result.Efficacy;
import tavrel.core.result.WinterOutcome;

/** What the year's page is drawn from. */
@Mapper
interface ReviewMapper {

  /**
   * A month of treatments.
   *
   * @param monthOfYear 1 to 12
   * @param treatments that stand
   * @param acid grams of acid dihydrate
   */
  record TreatedMonth(int monthOfYear, int treatments, double acid) {}

  /**
   * A month of samples.
   *
   * @param monthOfYear 1 to 12
   * @param samples how many
   * @param mites in them, as found
   * @param seen bees in them, those of sugar rolls by the share that a roll finds
   */
  record CountedMonth(int monthOfYear, int samples, int mites, double seen) {}

  /** A sample of bees. */
  record Sample(UUID hiveId, LocalDate day, double recovery, int mites, int bees) {

    Efficacy.Found found() {
      return new Efficacy.Found(mites, bees, recovery);
    }
  }

  /**
   * An outcome that holds.
   *
   * @param latitude of the hive's apiary, or null
   */
  record Outcome(
      UUID hiveId,
      String hive,
      @Nullable Double latitude,
      @Nullable WinterOutcome outcome,
      @Nullable DeathSign sign,
      @Nullable String note) {}

  @Select(
      """
      select month(on_day) as month_of_year, sum(line_count) as treatments, sum(acid) as acid
      from (
        select on_day, line_count, acid
        from treatment_round
        where on_day between #{from} and #{to}
        union all
        select t.on_day, 1, t.acid_now
        from treatment_special s
        join treatment t on t.id = s.id
        where t.stands and t.round_id is null and t.on_day between #{from} and #{to})
      group by month(on_day)
      order by 1
      """)
  List<TreatedMonth> treated(LocalDate from, LocalDate to);

  @Select(
      """
      select month(c.on_day) as month_of_year, count(*) as samples, sum(c.mites) as mites,
             sum(c.bees * case when c.kind = 'SUGAR_ROLL' then coalesce(s.roll_recovery, 1) else 1 end) as seen
      from mite_count c
      join hive h on h.id = c.hive_id
      left join apiary_year s on s.apiary_id = h.apiary_id
      where c.struck_at is null and c.bees is not null and c.on_day between #{from} and #{to}
      group by month(c.on_day)
      order by 1
      """)
  List<CountedMonth> counted(LocalDate from, LocalDate to);

  @Select(
      """
      select c.hive_id, c.on_day as "day",
             case when c.kind = 'SUGAR_ROLL' then coalesce(s.roll_recovery, 1) else 1 end as recovery, c.mites, c.bees
      from mite_count c
      join hive h on h.id = c.hive_id
      left join apiary_year s on s.apiary_id = h.apiary_id
      where c.struck_at is null and c.bees is not null and c.on_day between #{from} and #{to}
      order by c.hive_id, c.on_day
      """)
  List<Sample> samples(LocalDate from, LocalDate to);

  /**
   * Where a hive stands.
   *
   * @param line of its bees, or null
   */
  record Stands(UUID hiveId, String apiary, @Nullable String line) {}

  /** Where hives with a sample stand. */
  @Select(
      """
      select h.id as hive_id, a.name as apiary, h.line
      from hive h
      join apiary a on a.id = h.apiary_id
      where h.id in (select c.hive_id from mite_count c
                     where c.struck_at is null and c.bees is not null and c.on_day between #{from} and #{to})
      """)
  List<Stands> stand(LocalDate from, LocalDate to);

  /** The outcomes of all hives that somebody has said. */
  @Select(
      """
      select hive_id, hive, latitude, outcome, sign, note
      from (
        select w.hive_id, h.name as hive, a.latitude, w.outcome, w.sign, w.note,
               row_number() over (partition by w.hive_id order by w.received_at desc, w.id desc) as latest
        from winter_outcome w
        join hive h on h.id = w.hive_id
        join apiary a on a.id = h.apiary_id
        where w.winter = #{winter})
      where latest = 1
      """)
  List<Outcome> outcomes(int winter);
}
