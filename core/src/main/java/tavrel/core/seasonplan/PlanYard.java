package tavrel.core.seasonplan;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tavrel.core.Fact;
import tavrel.core.weather.Place;
import tavrel.core.weather.Window;

/**
 * An apiary as the plan sees it.
 *
 * @param id key
 * @param name what the keeper calls it
 * @param place where it stands
 * @param hours its workable hours by its own calendar day; a day that is not named has none
 * @param held whether it is under an order or a ban on movement: a crew comes to it last in its day
 * @param closed days on which nobody may come, each with its reason
 */
public record PlanYard(
    UUID id,
    String name,
    Place place,
    Map<LocalDate, List<Window>> hours,
    boolean held,
    Map<LocalDate, Fact> closed) {

  /** Copies what it is given. */
  public PlanYard {
    hours = Map.copyOf(hours);
    closed = Map.copyOf(closed);
  }
}
