package tavrel.server.apiary;

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

  private final Apiaries apiaries;

  ApiaryResource(Apiaries apiaries) {
    this.apiaries = apiaries;
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
