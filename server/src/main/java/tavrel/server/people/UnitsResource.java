package tavrel.server.people;

import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.units.OwnUnits;

/** In which units the person signed in reads and writes. */
@RestController
@AllowedTo({Role.KEEPER, Role.CREW, Role.READER})
@RequestMapping("/api/session/units")
class UnitsResource {

  /**
   * Somebody's units.
   *
   * @param own as they were chosen, or null where nobody has: then the device's region decides
   */
  record Chosen(@Nullable OwnUnits own) {}

  private final PersonUnits units;

  UnitsResource(PersonUnits units) {
    this.units = units;
  }

  /** One's own units, if they were chosen. */
  @GetMapping
  Chosen mine(@AuthenticationPrincipal Account who) {
    return new Chosen(units.of(who.id()).orElse(null));
  }

  /** Sets one's own units, for all of one's devices. */
  @PutMapping
  Chosen change(@AuthenticationPrincipal Account who, @RequestBody OwnUnits wanted) {
    units.keep(who.id(), wanted);
    return new Chosen(wanted);
  }
}
