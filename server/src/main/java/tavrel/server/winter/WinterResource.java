package tavrel.server.winter;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.InvalidValue;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** How hives came through winters. */
@RestController
@RequestMapping("/api/review")
class WinterResource {

  private final WinterOutcomes outcomes;

  WinterResource(WinterOutcomes outcomes) {
    this.outcomes = outcomes;
  }

  /** Winters of an apiary, and which one is looked at now. */
  @GetMapping("/winters")
  WinterOutcomes.Winters winters(@RequestParam UUID apiaryId) {
    return outcomes.winters(apiaryId);
  }

  /** How each hive of an apiary came through a winter. */
  @GetMapping("/winters/{winter}")
  List<WinterOutcomes.Outcome> outcomes(@PathVariable int winter, @RequestParam UUID apiaryId) {
    return outcomes.of(apiaryId, checked(winter));
  }

  /** Keeps how hives came through a winter. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/winters/{winter}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keep(
      @PathVariable int winter,
      @RequestBody List<WinterOutcomes.NewOutcome> said,
      @AuthenticationPrincipal Account who) {
    outcomes.keep(checked(winter), said, who);
  }

  private static int checked(int year) {
    return (int) InvalidValue.inRange("year", year, 1990, 2199, "as a year");
  }
}
