package tavrel.core.seasonplan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import tavrel.core.InvalidValue;

/**
 * People and tools that travel together.
 *
 * @param id key
 * @param name what the outfit calls them
 * @param from earliest time of leaving the depot, by its clock
 * @param to latest time of being back there
 * @param longestMinutes longest working day, from leaving to being back, min
 * @param off days on which they do not go out
 * @param visitMinutes how long they need in each apiary, min
 */
public record RoadCrew(
    UUID id,
    String name,
    LocalTime from,
    LocalTime to,
    int longestMinutes,
    Set<LocalDate> off,
    Map<UUID, Integer> visitMinutes) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public RoadCrew {
    InvalidValue.inRange("longestMinutes", longestMinutes, 60, 1_440, "minutes");
    if (!from.isBefore(to)) {
      throw new InvalidValue("to", "mustComeAfter", "must come after {from}", from);
    }
    off = Set.copyOf(off);
    visitMinutes = Map.copyOf(visitMinutes);
  }
}
