package tavrel.core.seasonplan;

import java.util.List;

/**
 * One order of a crew's day, in minutes from the board's beginning.
 *
 * @param legs its stops in order
 * @param leaves the depot
 * @param back at the depot
 * @param driving minutes on the road
 * @param km way in all
 * @param fairMinutes in fair hours, all stops
 * @param expectedMinutes in hours that no source tells of, all stops
 * @param reserveMinutes of work that take up the reserve for a spoiled day
 * @param outsideMinutes outside workable hours, all stops
 * @param over minutes beyond the crew's hours
 */
record Drive(
    List<Leg> legs,
    int leaves,
    int back,
    int driving,
    double km,
    int fairMinutes,
    int expectedMinutes,
    int reserveMinutes,
    int outsideMinutes,
    int over) {

  static final Drive NONE = new Drive(List.of(), 0, 0, 0, 0, 0, 0, 0, 0, 0);

  /** One stop. */
  record Leg(int series, int arrives, int begins, int ends, int fair, int expected, int outside) {}

  int minutes() {
    return back - leaves;
  }
}
