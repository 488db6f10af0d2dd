package tavrel.server.count;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.count.SquaresCounted;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** How many hives of a yard to sample, and when to stop; and boards counted by squares. */
@RestController
@RequestMapping("/api")
class SamplingResource {

  private final Samplings samplings;

  SamplingResource(Samplings samplings) {
    this.samplings = samplings;
  }

  /** Which hives of an apiary to wash or to look into today, and what those done so far say. */
  @GetMapping("/apiaries/{id}/sampling")
  Samplings.Sampling sampling(@PathVariable UUID id) {
    return samplings.of(id);
  }

  /** What squares of a board come to; keeps nothing. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/board-squares")
  SquaresCounted.BoardTotal squares(@RequestBody SquaresCounted squares) {
    return squares.read();
  }
}
