package tavrel.server.reporting.register;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;
import tavrel.server.register.InHives;

/** What stays in hives for a time, and that it was taken out. */
@RestController
class InHiveResource {

  /**
   * What was taken out.
   *
   * @param treatmentIds the register's lines
   * @param outOn day on which it was taken out
   */
  record TakenOut(Set<UUID> treatmentIds, LocalDate outOn) {}

  private final InHives inHives;

  InHiveResource(InHives inHives) {
    this.inHives = inHives;
  }

  /**
   * What is in hives still, soonest to come out first.
   *
   * @param apiaryId where those hives stand now; all where it is missing
   */
  @GetMapping("/api/register/in-hives")
  List<InHives.StillIn> still(@RequestParam(required = false) @Nullable UUID apiaryId) {
    return inHives.still().stream()
        .filter(each -> apiaryId == null || each.apiaryId().equals(apiaryId))
        .toList();
  }

  /** Writes down that it is out; what was out already stays as it was written. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping("/api/register/taken-out")
  void takeOut(@RequestBody TakenOut taken, @AuthenticationPrincipal Account who) {
    inHives.takeOut(taken.treatmentIds(), taken.outOn(), who);
  }
}
