package tavrel.server.brood;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.brood.BroodState;
import tavrel.server.apiary.Apiaries;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** Brood events and brood clocks. */
@RestController
@RequestMapping("/api")
class BroodResource {

  private final BroodService broodService;
  private final BroodWindows broodWindows;
  private final Apiaries apiaries;

  BroodResource(BroodService broodService, BroodWindows broodWindows, Apiaries apiaries) {
    this.broodService = broodService;
    this.broodWindows = broodWindows;
    this.apiaries = apiaries;
  }

  /** Hives without capped brood across all apiaries: now, soon, and soon over. */
  @GetMapping("/brood")
  BroodWindows.Windows windows() {
    return broodWindows.all();
  }

  /** A hive's brood clock with its time line. */
  @GetMapping("/hives/{id}/brood")
  BroodService.ClockView view(@PathVariable UUID id) {
    return broodService.view(id);
  }

  /** State of each hive of an apiary today; one without a record is missing. */
  @GetMapping("/apiaries/{id}/brood")
  Map<UUID, BroodState> states(@PathVariable UUID id) {
    return broodService.today(apiaries.byId(id));
  }

  /** Keeps what was done to colonies or seen in them, all or none; a known id changes nothing. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/brood-events")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keep(@RequestBody List<NewBroodEvent> entered, @AuthenticationPrincipal Account who) {
    broodService.keep(entered, who);
  }

  /** Strikes an event of brood out. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @DeleteMapping("/brood-events/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void strike(@PathVariable UUID id) {
    broodService.strike(id);
  }
}
