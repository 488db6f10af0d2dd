package tavrel.server.run;

import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.Account;

/** What was said at the row of hives that were left out, for the keeper to decide. */
@RestController
@RequestMapping("/api/life-proposals")
class LifeProposalResource {

  private final LifeProposals proposals;

  LifeProposalResource(LifeProposals proposals) {
    this.proposals = proposals;
  }

  /** Hives that a crew found dead, gone, queenless or united, and nobody has decided on. */
  @GetMapping
  List<LifeProposals.Proposal> open() {
    return proposals.open();
  }

  /** Says that it is not so; the hive stays as it is. */
  @PutMapping("/{eventId}/turned-down")
  void turnDown(@PathVariable UUID eventId, @AuthenticationPrincipal Account who) {
    proposals.turnDown(eventId, who);
  }
}
