package tavrel.core.mite;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodEvent;
import tavrel.core.brood.Capped;
import tavrel.core.hive.Hive;

/**
 * Frames of bees and of capped brood in a hive: as last seen, else guessed from its boxes.
 *
 * @param bees frames of bees
 * @param capped frames of capped brood
 * @param beesSeenOn when the bees were seen, or null for a guess
 * @param cappedSeenOn when the capped brood was seen, or null for a guess
 */
public record ColonyFrames(
    double bees, double capped, @Nullable LocalDate beesSeenOn, @Nullable LocalDate cappedSeenOn) {

  /** What the latest look inside tells, and a guess for the rest. */
  public static ColonyFrames of(Hive hive, BroodClock clock) {
    BroodEvent.Inspection look = clock.lastLook();
    ColonyGuess guess = ColonyGuess.of(hive);
    Double bees = look == null ? null : look.framesOfBees();
    BroodEvent.Inspection framesSeen = look != null && look.capped() == Capped.FRAMES ? look : null;
    return new ColonyFrames(
        bees == null ? guess.framesOfBees() : bees,
        framesSeen == null ? guess.cappedFrames() : framesSeen.cappedFrames(),
        look == null || bees == null ? null : look.day(),
        framesSeen == null ? null : framesSeen.day());
  }
}
