package tavrel.server.count;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.count.SquaresCounted;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** How many hives of a yard to sample, and when to stop; and boards counted by squares. */
@RestController
@RequestMapping("/api")
class SamplingResource {

  private final Samplings samplings;
  private final YardWords words;

  SamplingResource(Samplings samplings, YardWords words) {
    this.samplings = samplings;
    this.words = words;
  }

  /** Which hives of an apiary to wash or to look into today, and what those done so far say. */
  @GetMapping("/apiaries/{id}/sampling")
  Samplings.Sampling sampling(@PathVariable UUID id) {
    return samplings.of(id);
  }

  /**
   * That a yard's sample of this week stands for its hives that were not sampled.
   *
   * @param apiaryId the yard
   */
  record WordSaid(UUID apiaryId) {}

  /** Lets a yard's sample of this week stand for its hives that were not sampled. */
  @PutMapping("/yard-words/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void say(
      @PathVariable UUID id, @RequestBody WordSaid word, @AuthenticationPrincipal Account who) {
    words.say(id, word.apiaryId(), who);
  }

  /** Takes that back. */
  @DeleteMapping("/yard-words/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBack(@PathVariable UUID id, @AuthenticationPrincipal Account who) {
    words.takeBack(id, who);
  }

  /** What squares of a board come to; keeps nothing. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/board-squares")
  SquaresCounted.BoardTotal squares(@RequestBody SquaresCounted squares) {
    return squares.read();
  }
}
