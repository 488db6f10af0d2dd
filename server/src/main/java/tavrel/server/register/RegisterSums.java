package tavrel.server.register;

import java.util.List;

/**
 * The register's sums in SQL, in one place: drawn for a hive or a round whenever a line of it is
 * written, and for all of an outfit that was brought in.
 */
public final class RegisterSums {

  private static final String OFF_LABEL = "coalesce(verdict = 'NOT_ON_LABEL', false)";
  private static final String LOT = "coalesce(lot_now, '')";
  private static final String SPECIAL =
      "(verdict = 'NOT_ON_LABEL' or corrected or round_id is null)";

  private static final String HIVE_YEARS =
      "insert into treatment_sum ("
          + "hive_id, on_year, apiary_id, off_label, corrected, typed, line_count, struck, acid, product) "
          + "select hive_id, year(on_day), apiary_id, "
          + OFF_LABEL
          + ", corrected, round_id is null, count(*), count(case when not stands then 1 end), "
          + "coalesce(sum(case when stands then acid_now end), 0), "
          + "coalesce(sum(case when stands then product_now end), 0) "
          + "from treatment";
  private static final String BY_HIVE_AND_YEAR =
      " group by hive_id, year(on_day), apiary_id, " + OFF_LABEL + ", corrected, round_id is null";

  private static final String ROUNDS =
      "insert into treatment_round ("
          + "round_id, lot, apiary_id, on_day, began, ended, line_count, loads, acid, product, off_label, corrected, people) "
          + "select round_id, "
          + LOT
          + ", apiary_id, min(on_day), min(started_at), "
          + "max(coalesce(opened_at, removed_at, started_at)), count(*), sum(loads), sum(acid_now), "
          + "sum(product_now), bool_or("
          + OFF_LABEL
          + "), bool_or(corrected), ";
  private static final String STANDING = " from treatment t where stands and ";
  private static final String BY_ROUND = " group by round_id, " + LOT + ", apiary_id";

  /** Of a hive between two days of one year. */
  static final String OF_HIVE =
      HIVE_YEARS
          + " where hive_id = #{hiveId} and on_day between #{from} and #{to}"
          + BY_HIVE_AND_YEAR;

  /** Of a round, whose people are counted by who knows its log. */
  static final String OF_ROUND =
      ROUNDS + "cast(#{people} as int)" + STANDING + "round_id = #{roundId}" + BY_ROUND;

  /** The mark of a line that is looked for by what sets it apart. */
  static final String OF_LINE =
      "merge into treatment_special (id) key (id) select id from treatment where id = #{id} and "
          + SPECIAL;

  private RegisterSums() {}

  /**
   * Everything, from tables that hold no sums yet.
   *
   * @param people how many worked in the round of the treatment {@code t}, as a select
   */
  public static List<String> ofAll(String people) {
    return List.of(
        HIVE_YEARS + BY_HIVE_AND_YEAR,
        ROUNDS + people + STANDING + "round_id is not null" + BY_ROUND,
        "insert into treatment_special (id) select id from treatment where " + SPECIAL);
  }
}
