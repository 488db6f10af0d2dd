package tavrel.server.reporting.yards;

import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.Account;

/** Yards to which every list can be narrowed. */
@RestController
class YardChoiceResource {

  private final YardChoices choices;

  YardChoiceResource(YardChoices choices) {
    this.choices = choices;
  }

  /** The yards of whoever asks, of each crew and of each group. */
  @GetMapping("/api/yard-choices")
  List<YardChoice> all(@AuthenticationPrincipal Account who) {
    return choices.of(who);
  }
}
