package tavrel.server.apiary;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** An apiary's name, place and zone. */
@RestController
@RequestMapping("/api/apiaries")
class ApiaryResource {

  /**
   * That an order is lifted.
   *
   * @param day first day on which it no longer holds
   */
  record Lifted(LocalDate day) {}

  private final Apiaries apiaries;
  private final Holds holds;

  ApiaryResource(Apiaries apiaries, Holds holds) {
    this.apiaries = apiaries;
    this.holds = holds;
  }

  /** Orders and bans on movement that an apiary is or was under, the latest first. */
  @GetMapping("/{id}/holds")
  List<Hold> holds(@PathVariable UUID id) {
    return holds.of(id);
  }

  /** Writes down that an apiary is held: nothing leaves it, comes in or is given away. */
  @PutMapping("/{id}/hold")
  List<Hold> hold(
      @PathVariable UUID id,
      @RequestBody Holds.NewHold hold,
      @AuthenticationPrincipal Account who) {
    holds.begin(id, hold, who);
    return holds.of(id);
  }

  /** Writes down that an order or a ban on movement is lifted. */
  @PutMapping("/{id}/hold/lifted")
  List<Hold> lift(
      @PathVariable UUID id, @RequestBody Lifted lifted, @AuthenticationPrincipal Account who) {
    holds.lift(id, lifted.day(), who);
    return holds.of(id);
  }

  /** Renames an apiary, sets its time zone or its place. */
  @PutMapping("/{id}")
  Apiary change(@PathVariable UUID id, @RequestBody Apiaries.Described described) {
    return apiaries.change(id, described);
  }

  /** What one has to know to get to an apiary, and to call for help there. */
  @GetMapping("/{id}/card")
  ApiaryCard card(@PathVariable UUID id) {
    return apiaries.card(id);
  }

  /** Writes the card of an apiary anew. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping("/{id}/card")
  ApiaryCard keepCard(
      @PathVariable UUID id, @RequestBody ApiaryCard card, @AuthenticationPrincipal Account who) {
    return apiaries.keepCard(id, card, who.name());
  }
}
