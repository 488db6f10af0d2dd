package tavrel.server.brood;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.brood.BroodEvent;
import tavrel.core.brood.Capped;
import tavrel.core.brood.Comb;
import tavrel.core.brood.GivenBrood;
import tavrel.core.brood.LeftBrood;
import tavrel.core.brood.NewQueen;
import tavrel.core.brood.OpenBrood;
import tavrel.core.brood.YoungestBrood;

/**
 * A brood event as it is entered and kept: one flat row for every kind.
 *
 * @param id made on the device; the same id again changes nothing
 * @param hiveId the hive
 * @param day when
 * @param kind what happened
 * @param comb for a swarm
 * @param released for a package: day its queen came out, or null while caged
 * @param youngest for a split
 * @param newQueen for a split
 * @param leftBrood for brood taken out
 * @param given for a frame of brood given
 * @param capped for a look inside
 * @param cappedFrames for a look inside; none means 0
 * @param openBrood for a look inside; none means not noted
 * @param framesOfBees for a look inside, or null
 */
public record NewBroodEvent(
    UUID id,
    UUID hiveId,
    LocalDate day,
    BroodKind kind,
    @Nullable Comb comb,
    @Nullable LocalDate released,
    @Nullable YoungestBrood youngest,
    @Nullable NewQueen newQueen,
    @Nullable LeftBrood leftBrood,
    @Nullable GivenBrood given,
    @Nullable Capped capped,
    @Nullable Double cappedFrames,
    @Nullable OpenBrood openBrood,
    @Nullable Double framesOfBees) {

  /**
   * @throws InvalidValue naming what is missing or cannot be
   */
  public NewBroodEvent {
    event(
        kind,
        day,
        comb,
        released,
        youngest,
        newQueen,
        leftBrood,
        given,
        capped,
        cappedFrames,
        openBrood,
        framesOfBees);
  }

  /** As the core reads it. */
  public BroodEvent event() {
    return event(
        kind,
        day,
        comb,
        released,
        youngest,
        newQueen,
        leftBrood,
        given,
        capped,
        cappedFrames,
        openBrood,
        framesOfBees);
  }

  private static BroodEvent event(
      BroodKind kind,
      LocalDate day,
      @Nullable Comb comb,
      @Nullable LocalDate released,
      @Nullable YoungestBrood youngest,
      @Nullable NewQueen newQueen,
      @Nullable LeftBrood leftBrood,
      @Nullable GivenBrood given,
      @Nullable Capped capped,
      @Nullable Double cappedFrames,
      @Nullable OpenBrood openBrood,
      @Nullable Double framesOfBees) {
    return switch (kind) {
      case SWARM_HIVED -> new BroodEvent.SwarmHived(day, needed("comb", comb));
      case PACKAGE_HIVED -> new BroodEvent.PackageHived(day, released);
      case QUEEN_CAGED -> new BroodEvent.QueenCaged(day);
      case QUEEN_RELEASED -> new BroodEvent.QueenReleased(day);
      case SPLIT ->
          new BroodEvent.Split(day, needed("youngest", youngest), needed("newQueen", newQueen));
      case OLD_QUEEN_MOVED -> new BroodEvent.OldQueenMoved(day);
      case BROOD_REMOVED -> new BroodEvent.BroodRemoved(day, needed("leftBrood", leftBrood));
      case SWARM_LEFT -> new BroodEvent.SwarmLeft(day);
      case BROOD_GIVEN -> new BroodEvent.BroodGiven(day, needed("given", given));
      case LAYING_STOPPED -> new BroodEvent.LayingStopped(day);
      case LAYING_STARTED -> new BroodEvent.LayingStarted(day);
      case INSPECTION ->
          new BroodEvent.Inspection(
              day,
              needed("capped", capped),
              cappedFrames == null ? 0 : cappedFrames,
              openBrood == null ? OpenBrood.NOT_NOTED : openBrood,
              framesOfBees);
    };
  }

  private static <T> T needed(String field, @Nullable T value) {
    if (value == null) {
      throw new InvalidValue(field, "missingChooseOne", "is missing; choose one");
    }
    return value;
  }
}
