package tavrel.core.pace;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A run played through: what happens when, at which hive, with which tool, by whom. An estimate: as
 * true as the times it was given.
 *
 * @param finish when everything is cleared away, s from the arrival; of the hives that were reached
 * @param unfinished hives that no burn reached because packs ran out
 * @param mostShut most hives shut at once: the cloths that are needed
 * @param overdue hives opened more than the time that is waited for a burn after they came due
 * @param worstOverdue how long the worst was over its time, s
 * @param longestShut longest time that a hive was shut, s
 * @param hives in walking order
 * @param tools what each did
 * @param people what each did, those who burn first
 */
public record Pace(
    int finish,
    int unfinished,
    int mostShut,
    int overdue,
    int worstOverdue,
    int longestShut,
    List<HiveLine> hives,
    List<ToolLine> tools,
    List<PersonLine> people) {

  /**
   * One hive.
   *
   * @param hiveId the hive
   * @param name what is painted on it
   * @param shut when the nozzle or pan went in and it was shut, s
   * @param out when the tool was out for the last time and its seal began, s
   * @param due when it might be opened, s
   * @param opened when it was open, s
   * @param tool number of the tool, from 0
   */
  public record HiveLine(
      UUID hiveId, String name, int shut, int out, int due, int opened, int tool) {}

  /** What a tool or a person does. */
  public enum Doing {
    PREHEAT,
    MAKE_READY,
    FILL,
    START,
    BURN,
    DISCONNECT,
    COOL,
    TAKE_OUT,
    OPEN
  }

  /**
   * A stretch of time.
   *
   * @param from s
   * @param to s
   * @param doing what
   * @param hive number of the hive, from 0, or null
   */
  public record Stretch(int from, int to, Doing doing, @Nullable Integer hive) {}

  /**
   * One tool.
   *
   * @param name what the keeper calls it
   * @param stretches in order
   * @param busy share of the time between set-up and the last opening in which it works in a hive
   * @param charges packs put on, or charges used; 0 where it needs none
   */
  public record ToolLine(String name, List<Stretch> stretches, double busy, int charges) {}

  /**
   * One person.
   *
   * @param burns whether this one burns
   * @param stretches in order
   * @param busy share of the time between set-up and the last opening in which both hands are full
   */
  public record PersonLine(boolean burns, List<Stretch> stretches, double busy) {}

  /** How many hives, in walking order, are open again by a moment, clearing away still to come. */
  public int openBy(int second) {
    int count = 0;
    for (HiveLine hive : hives) {
      if (hive.opened() > second) {
        return count;
      }
      count++;
    }
    return count;
  }
}
