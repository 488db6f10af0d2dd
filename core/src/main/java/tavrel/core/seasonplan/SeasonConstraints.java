package tavrel.core.seasonplan;

import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.sum;
import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.toList;
import static ai.timefold.solver.core.api.score.stream.Joiners.equal;
import static ai.timefold.solver.core.api.score.stream.Joiners.lessThan;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.core.api.score.stream.ConstraintProvider;
import ai.timefold.solver.core.api.score.stream.bi.BiConstraintStream;

/** {@link PlanRules} as the solver keeps count of them while visits move. */
public final class SeasonConstraints implements ConstraintProvider {

  private static final HardMediumSoftLongScore BROKEN = HardMediumSoftLongScore.ONE_HARD;
  private static final HardMediumSoftLongScore MISSED = HardMediumSoftLongScore.ONE_MEDIUM;
  private static final HardMediumSoftLongScore UNWISHED = HardMediumSoftLongScore.ONE_SOFT;

  /** Made by the solver. */
  public SeasonConstraints() {}

  @Override
  public Constraint[] defineConstraints(ConstraintFactory factory) {
    return new Constraint[] {
      gapTooShort(factory),
      gapTooLong(factory),
      tooSoonAfterDone(factory),
      tooLateAfterDone(factory),
      closedDay(factory),
      blockedDay(factory),
      overLabel(factory),
      outsideHours(factory),
      beyondCrewHours(factory),
      missed(factory),
      movedWhereFewMay(factory),
      gapOff(factory),
      startOff(factory),
      late(factory),
      besideBest(factory),
      moved(factory),
      road(factory),
      uneven(factory)
    };
  }

  Constraint gapTooShort(ConstraintFactory factory) {
    return pairs(factory)
        .penalizeLong(
            BROKEN, (one, two) -> PlanRules.shortBy(one.visit(), one.at(), two.visit(), two.at()))
        .asConstraint("gap too short");
  }

  Constraint gapTooLong(ConstraintFactory factory) {
    return pairs(factory)
        .penalizeLong(
            BROKEN, (one, two) -> PlanRules.longBy(one.visit(), one.at(), two.visit(), two.at()))
        .asConstraint("gap too long");
  }

  Constraint tooSoonAfterDone(ConstraintFactory factory) {
    return factory
        .forEach(VisitToPlace.class)
        .penalizeLong(BROKEN, each -> PlanRules.shortSinceDone(each.visit(), each.at()))
        .asConstraint("too soon after the round done last");
  }

  Constraint tooLateAfterDone(ConstraintFactory factory) {
    return factory
        .forEach(VisitToPlace.class)
        .penalizeLong(BROKEN, each -> PlanRules.longSinceDone(each.visit(), each.at()))
        .asConstraint("too late after the round done last");
  }

  Constraint closedDay(ConstraintFactory factory) {
    return factory
        .forEach(VisitToPlace.class)
        .filter(each -> PlanRules.isClosed(each.at().board(), each.visit(), each.at()))
        .penalizeLong(BROKEN, each -> 1)
        .asConstraint("closed day");
  }

  Constraint blockedDay(ConstraintFactory factory) {
    return factory
        .forEach(VisitToPlace.class)
        .filter(each -> PlanRules.isBlocked(each.at(), each.isPinned()))
        .penalizeLong(BROKEN, each -> 1)
        .asConstraint("blocked day");
  }

  Constraint overLabel(ConstraintFactory factory) {
    return factory
        .forEach(VisitToPlace.class)
        .groupBy(VisitToPlace::series, VisitToPlace::year, toList(VisitToPlace::visit))
        .penalizeLong(
            BROKEN,
            (series, year, rounds) ->
                PlanRules.overLabel(rounds.get(0).series(), year, rounds.size()))
        .asConstraint("more rounds than the label leaves");
  }

  Constraint outsideHours(ConstraintFactory factory) {
    return days(factory)
        .penalizeLong(BROKEN, (day, drive) -> PlanRules.outside(drive))
        .asConstraint("outside workable hours");
  }

  Constraint beyondCrewHours(ConstraintFactory factory) {
    return days(factory)
        .penalizeLong(BROKEN, (day, drive) -> PlanRules.over(drive))
        .asConstraint("beyond crew hours");
  }

  Constraint missed(ConstraintFactory factory) {
    return factory
        .forEachIncludingUnassigned(VisitToPlace.class)
        .filter(each -> each.at() == null)
        .join(PlanBoard.class)
        .penalizeLong(MISSED, (each, board) -> PlanRules.missedWeight(board.weights()))
        .asConstraint("missed");
  }

  Constraint movedWhereFewMay(ConstraintFactory factory) {
    return factory
        .forEach(VisitToPlace.class)
        .penalizeLong(
            MISSED,
            each -> PlanRules.movedWeight(each.at().board().weights(), each.visit(), each.at()))
        .asConstraint("moved where few changes are wanted");
  }

  Constraint gapOff(ConstraintFactory factory) {
    return pairs(factory)
        .penalizeLong(
            UNWISHED,
            (one, two) ->
                PlanRules.gapCost(
                    one.at().board().weights(), one.visit(), one.at(), two.visit(), two.at()))
        .asConstraint("gap off");
  }

  Constraint startOff(ConstraintFactory factory) {
    return factory
        .forEach(VisitToPlace.class)
        .penalizeLong(
            UNWISHED,
            each -> PlanRules.startCost(each.at().board().weights(), each.visit(), each.at()))
        .asConstraint("start off");
  }

  Constraint late(ConstraintFactory factory) {
    return factory
        .forEach(VisitToPlace.class)
        .penalizeLong(
            UNWISHED,
            each -> PlanRules.lateCost(each.at().board().weights(), each.visit(), each.at()))
        .asConstraint("late");
  }

  Constraint besideBest(ConstraintFactory factory) {
    return factory
        .forEach(VisitToPlace.class)
        .penalizeLong(
            UNWISHED,
            each -> PlanRules.besideCost(each.at().board().weights(), each.visit(), each.at()))
        .asConstraint("beside the hoped days");
  }

  Constraint moved(ConstraintFactory factory) {
    return factory
        .forEach(VisitToPlace.class)
        .penalizeLong(
            UNWISHED,
            each -> PlanRules.movedCost(each.at().board().weights(), each.visit(), each.at()))
        .asConstraint("moved");
  }

  Constraint road(ConstraintFactory factory) {
    return days(factory)
        .penalizeLong(UNWISHED, (day, drive) -> PlanRules.roadCost(day.board().weights(), drive))
        .asConstraint("road");
  }

  Constraint uneven(ConstraintFactory factory) {
    return days(factory)
        .groupBy((day, drive) -> day.crewIndex, sum((day, drive) -> drive.minutes()))
        .map((crew, minutes) -> minutes)
        .groupBy(toList())
        .join(PlanBoard.class)
        .penalizeLong(
            UNWISHED,
            (minutes, board) ->
                PlanRules.unevenCost(board.weights(), minutes, board.problem().crews().size()))
        .asConstraint("uneven crews");
  }

  /** Two placed rounds of one series, the earlier number first. */
  private static BiConstraintStream<VisitToPlace, VisitToPlace> pairs(ConstraintFactory factory) {
    return factory
        .forEach(VisitToPlace.class)
        .join(VisitToPlace.class, equal(VisitToPlace::series), lessThan(VisitToPlace::number));
  }

  /** Every day on which a crew goes out, with what it does. */
  private static BiConstraintStream<CrewDay, Drive> days(ConstraintFactory factory) {
    return factory
        .forEach(VisitToPlace.class)
        .groupBy(VisitToPlace::at, toList(VisitToPlace::visit))
        .map((day, visits) -> day, CrewDay::drive);
  }
}
