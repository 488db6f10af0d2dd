package tavrel.core.brood;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/** Something that happened to a colony and decides what is capped in it. */
public sealed interface BroodEvent {

  /** The day on which it happened. */
  LocalDate day();

  /** A caught swarm was put into this hive. */
  record SwarmHived(LocalDate day, Comb comb) implements BroodEvent {}

  /**
   * A package of bees was put into this hive.
   *
   * @param released day on which its queen came out of her cage, or null while she is in it
   */
  record PackageHived(LocalDate day, @Nullable LocalDate released) implements BroodEvent {

    /**
     * @throws InvalidValue if she came out before the package was hived
     */
    public PackageHived {
      if (released != null && released.isBefore(day)) {
        throw new InvalidValue(
            "released",
            "beforeDayOnWhich",
            "is before {day}, the day on which the package was hived",
            day);
      }
    }
  }

  /** The queen was caged: no more eggs from this day on. */
  record QueenCaged(LocalDate day) implements BroodEvent {}

  /** The queen was let out; she may lay the same day. */
  record QueenReleased(LocalDate day) implements BroodEvent {}

  /** This hive is the queenless part of a split. */
  record Split(LocalDate day, YoungestBrood youngest, NewQueen queen) implements BroodEvent {}

  /**
   * A swarm left this hive: what stays raises a queen from a cell, and its brood goes on.
   *
   * @param day when it was seen, or the earliest day on which it can have been
   */
  record SwarmLeft(LocalDate day) implements BroodEvent {}

  /** A frame with brood from another hive was put in. */
  record BroodGiven(LocalDate day, GivenBrood given) implements BroodEvent {}

  /** The old queen was moved into this hive onto comb without brood. */
  record OldQueenMoved(LocalDate day) implements BroodEvent {}

  /** All frames with capped brood were taken out. */
  record BroodRemoved(LocalDate day, LeftBrood left) implements BroodEvent {}

  /** Laying was seen to have stopped: winter, dearth, a lost queen. */
  record LayingStopped(LocalDate day) implements BroodEvent {}

  /** Laying was seen to have begun again: the day of the first eggs. */
  record LayingStarted(LocalDate day) implements BroodEvent {}

  /**
   * A look inside.
   *
   * @param capped what was capped
   * @param cappedFrames frames of capped brood, deep-frame equivalents; 0 unless there are frames
   * @param open what was uncapped
   * @param framesOfBees frames covered with bees, both sides, or null where not counted
   */
  record Inspection(
      LocalDate day,
      Capped capped,
      double cappedFrames,
      OpenBrood open,
      @Nullable Double framesOfBees)
      implements BroodEvent {

    /** More frames of brood than this are taken for a slip of typing. */
    public static final double MOST_FRAMES = 30;

    /**
     * @throws InvalidValue if a count of frames cannot be
     */
    public Inspection {
      InvalidValue.inRange("cappedFrames", cappedFrames, 0, MOST_FRAMES, "frames of capped brood");
      if (capped == Capped.FRAMES && cappedFrames == 0) {
        throw new InvalidValue(
            "cappedFrames",
            "sayHowManyFrames",
            "is 0; say how many frames, or mark nothing capped");
      }
      if (capped == Capped.NONE && cappedFrames > 0) {
        throw new InvalidValue(
            "cappedFrames", "mustWhereNothingCapped", "must be 0 where nothing is capped");
      }
      if (framesOfBees != null) {
        InvalidValue.inRange("framesOfBees", framesOfBees, 0.5, 60, "frames of bees");
      }
    }
  }
}
