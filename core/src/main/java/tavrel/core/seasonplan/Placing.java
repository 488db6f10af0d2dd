package tavrel.core.seasonplan;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Where each visit of a board is, while a plan is being made. */
final class Placing {

  private final @Nullable CrewDay[] at;
  private final BitSet pinned = new BitSet();

  Placing(int visits) {
    this(new CrewDay[visits]);
  }

  private Placing(@Nullable CrewDay[] at) {
    this.at = at;
  }

  Placing copy() {
    Placing copy = new Placing(at.clone());
    copy.pinned.or(pinned);
    return copy;
  }

  void put(Visit visit, @Nullable CrewDay day, boolean pin) {
    at[visit.index()] = day;
    pinned.set(visit.index(), pin);
  }

  @Nullable CrewDay at(Visit visit) {
    return at[visit.index()];
  }

  boolean isPinned(Visit visit) {
    return pinned.get(visit.index());
  }

  /** Visits by crew day, in the order of the days. */
  Map<Integer, List<Visit>> byCrewDay(List<Visit> visits) {
    Map<Integer, List<Visit>> found = new TreeMap<>();
    for (Visit visit : visits) {
      CrewDay day = at(visit);
      if (day != null) {
        found.computeIfAbsent(day.index, unused -> new ArrayList<>()).add(visit);
      }
    }
    return found;
  }
}
