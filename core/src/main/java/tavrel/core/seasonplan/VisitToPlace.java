package tavrel.core.seasonplan;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.entity.PlanningPin;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import java.util.List;
import org.jspecify.annotations.NullUnmarked;
import org.jspecify.annotations.Nullable;

/**
 * A visit whose day is looked for. It changes while the solver searches, and never leaves this
 * package.
 */
@PlanningEntity
@NullUnmarked
public final class VisitToPlace {

  private Visit visit;
  @PlanningPin private boolean pinned;
  private List<CrewDay> open;

  @PlanningVariable(allowsUnassigned = true, valueRangeProviderRefs = "open")
  private CrewDay at;

  /** The solver makes copies from nothing. */
  public VisitToPlace() {}

  VisitToPlace(Visit visit, @Nullable CrewDay at, boolean pinned, List<CrewDay> open) {
    this.visit = visit;
    this.at = at;
    this.pinned = pinned;
    this.open = open;
  }

  @PlanningId
  int id() {
    return visit.index();
  }

  Visit visit() {
    return visit;
  }

  int series() {
    return visit.seriesIndex();
  }

  int number() {
    return visit.number();
  }

  boolean isPinned() {
    return pinned;
  }

  @ValueRangeProvider(id = "open")
  List<CrewDay> open() {
    return open;
  }

  CrewDay at() {
    return at;
  }

  void put(@Nullable CrewDay day) {
    at = day;
  }

  int year() {
    return at.date.getYear();
  }

  @Override
  public String toString() {
    return visit.series().name() + " round " + number();
  }
}
