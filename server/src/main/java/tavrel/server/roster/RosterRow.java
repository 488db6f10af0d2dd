package tavrel.server.roster;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.hive.BroodBox;
import tavrel.core.hive.Floor;

/**
 * One hive read from a roster.
 *
 * @param line line of the file, from 1
 * @param apiary name of its apiary
 * @param hive name of the hive
 * @param place position in its row
 * @param boxes brood boxes
 * @param supers honey supers
 * @param floor its floor
 * @param since the day since which it stands, or null
 * @param bees line of its bees, or null
 * @param latitude of the apiary, degrees, or null
 * @param longitude of the apiary, degrees, or null
 */
record RosterRow(
    int line,
    String apiary,
    String hive,
    int place,
    List<BroodBox> boxes,
    int supers,
    Floor floor,
    @Nullable LocalDate since,
    @Nullable String bees,
    @Nullable Double latitude,
    @Nullable Double longitude) {}
