package tavrel.server.seasonplan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.pace.Crew;

/**
 * People and tools that travel together, as the keeper enters them.
 *
 * @param id key
 * @param name what the outfit calls them
 * @param leavesFrom earliest time of leaving the depot, by its clock
 * @param backBy latest time of being back there
 * @param longestMinutes longest working day, min
 * @param burners people who burn
 * @param helpers people who prepare
 * @param cloths how many there are
 * @param toolIds tools that come along; the same twice where there are two of it
 * @param minutesPerHive time a hive takes, min; only where no tool of theirs was timed, else null
 * @param off days on which they do not go out
 * @param memberIds accounts of those who go with it, as far as they have one
 */
public record OutfitCrew(
    UUID id,
    String name,
    LocalTime leavesFrom,
    LocalTime backBy,
    int longestMinutes,
    int burners,
    int helpers,
    int cloths,
    List<UUID> toolIds,
    @Nullable Double minutesPerHive,
    List<LocalDate> off,
    List<UUID> memberIds) {

  private static final int MOST_TOOLS = 6;

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public OutfitCrew {
    name = InvalidValue.text("name", name, 60);
    InvalidValue.inRange("longestMinutes", longestMinutes, 60, 1_440, "minutes");
    if (!leavesFrom.isBefore(backBy)) {
      throw new InvalidValue(
          "backBy", "mustComeAfter2", "must come after {leavesFrom}", leavesFrom);
    }
    new Crew(burners, helpers);
    InvalidValue.inRange("cloths", cloths, 1, 2_000, "cloths");
    toolIds = List.copyOf(toolIds);
    InvalidValue.inRange("toolIds", toolIds.size(), 0, MOST_TOOLS, "tools");
    if (minutesPerHive != null) {
      InvalidValue.inRange("minutesPerHive", minutesPerHive, 0.2, 120, "minutes a hive");
    }
    if (toolIds.isEmpty() && minutesPerHive == null) {
      throw new InvalidValue(
          "toolIds",
          "emptyChooseToolOr",
          "is empty; choose a tool, or say how many minutes a hive takes");
    }
    off = off.stream().distinct().sorted().toList();
    memberIds = memberIds.stream().distinct().toList();
  }
}
