package tavrel.server.people;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.weather.OwnHours;

/** Between which hours the person signed in works. */
@RestController
@AllowedTo({Role.KEEPER, Role.CREW, Role.READER})
@RequestMapping("/api/session/work-hours")
class WorkHoursResource {

  private final Accounts accounts;

  WorkHoursResource(Accounts accounts) {
    this.accounts = accounts;
  }

  /** Between which times hours are offered to who asks. */
  @GetMapping
  OwnHours mine(@AuthenticationPrincipal Account who) {
    return accounts.workHours(who.id());
  }

  /** Sets between which times hours are offered to oneself. */
  @PutMapping
  OwnHours change(@AuthenticationPrincipal Account who, @RequestBody OwnHours hours) {
    accounts.changeWorkHours(who.id(), hours);
    return hours;
  }
}
