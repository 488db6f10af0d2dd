package tavrel.server.reporting.yards;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.count.Interval;
import tavrel.core.due.YardState;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiary.Hold;

/**
 * A yard in one line.
 *
 * @param apiary the yard
 * @param hives how many live there
 * @param hold under what order it is held, or null
 * @param state how it stands in one word
 * @param sampled hives whose latest sample is of the last two months
 * @param share mean share of their bees with mites, as counted, a fraction; or null
 * @param interval where the yard's mean truly lies, 95 %, from three hives on; or null
 * @param expected mean share that a wash would find today, a model estimate; or null
 * @param limit of the season there today, a fraction
 * @param inDanger hives expected above the danger figure
 * @param needing hives that do not reach their target as things are planned
 * @param begin by when the first of them needs something, or null where none does
 * @param broodless hives without capped brood today, sure or likely, by what is on record
 * @param labelLeft rounds that the label leaves this year, of the hive with the fewest; or null
 * @param honeyFrom day from which honey may be taken, where one waits; or null
 * @param roundsDone days with oxalic acid this year
 * @param roundsToCome rounds of series that are agreed
 * @param nextRound the next of them, or null
 * @param crewToday the crew that was agreed to go there today, or null
 * @param near the nearest other yards, by estimated road
 * @param lastSeen latest day on which anything was counted, seen or done there; or null
 */
record YardLine(
    Apiary apiary,
    int hives,
    @Nullable Hold hold,
    YardState state,
    int sampled,
    @Nullable Double share,
    @Nullable Interval interval,
    @Nullable Double expected,
    double limit,
    int inDanger,
    int needing,
    @Nullable Begin begin,
    int broodless,
    @Nullable Integer labelLeft,
    @Nullable LocalDate honeyFrom,
    int roundsDone,
    int roundsToCome,
    @Nullable LocalDate nextRound,
    @Nullable String crewToday,
    List<Near> near,
    @Nullable LocalDate lastSeen) {

  /**
   * Until when something must begin there. A model estimate.
   *
   * @param by the last day; today where it is late already
   * @param hive the hive that cannot wait longer
   * @param weekCosts mites more in it at its deadline if it begins a week later
   */
  record Begin(LocalDate by, String hive, double weekCosts) {}

  /**
   * A yard that is near.
   *
   * @param apiaryId which
   * @param name its name
   * @param km by road, an estimate
   */
  record Near(UUID apiaryId, String name, double km) {}
}
