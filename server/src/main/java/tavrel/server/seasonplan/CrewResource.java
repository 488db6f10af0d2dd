package tavrel.server.seasonplan;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.InvalidValue;
import tavrel.core.seasonplan.Roads;

/** The outfit on the road: depot, crews, and ways that were driven. */
@RestController
@RequestMapping("/api/season-plan")
class CrewResource {

  /**
   * The key of a calendar that may be read without signing in.
   *
   * @param key part of its address
   */
  record CalendarKey(String key) {}

  private final SeasonReading reading;
  private final Crews crews;

  CrewResource(SeasonReading reading, Crews crews) {
    this.reading = reading;
    this.crews = crews;
  }

  /** Sets from where crews start and where they come back to. */
  @PutMapping("/depot")
  SeasonView keep(@RequestBody Crews.DescribedDepot depot) {
    return reading.changed(() -> crews.keep(depot));
  }

  /** Keeps a crew: people, tools, days on which it drives. */
  @PutMapping("/crews/{id}")
  SeasonView keep(@PathVariable UUID id, @RequestBody OutfitCrew crew) {
    if (!crew.id().equals(id)) {
      throw new InvalidValue("id", "differsFromAddress", "differs from the address");
    }
    return reading.changed(() -> crews.keep(crew));
  }

  /** Takes a crew out of use. */
  @DeleteMapping("/crews/{id}")
  SeasonView retire(@PathVariable UUID id) {
    return reading.changed(() -> crews.retire(id));
  }

  /** Roads that were measured. */
  @GetMapping("/ways")
  List<Roads.Measured> ways() {
    return crews.ways();
  }

  /** Keeps how far it is between two places, and how long it takes. */
  @PutMapping("/ways")
  List<Roads.Measured> keep(@RequestBody Roads.Measured way) {
    reading.changed(() -> crews.keep(way));
    return crews.ways();
  }

  /** Forgets a measured road: it is reckoned by the straight line again. */
  @DeleteMapping("/ways/{one}/{other}")
  List<Roads.Measured> forgetWay(@PathVariable UUID one, @PathVariable UUID other) {
    reading.changed(() -> crews.forgetWay(one, other));
    return crews.ways();
  }

  /** The address under which a crew's calendar is followed. */
  @PostMapping("/crews/{id}/calendar-key")
  CalendarKey calendarKey(@PathVariable UUID id) {
    return new CalendarKey(crews.calendarKey(id));
  }

  /** A new address for a crew's calendar; the old one ends. */
  @PostMapping("/crews/{id}/calendar-key/fresh")
  @ResponseStatus(HttpStatus.CREATED)
  CalendarKey freshKey(@PathVariable UUID id) {
    return new CalendarKey(crews.freshKey(id));
  }
}
