package tavrel.server.measure;

import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.measure.Scoops;
import tavrel.core.measure.Spoon;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** The scoop bench. */
@RestController
@RequestMapping("/api/scoops")
class ScoopResource {

  /**
   * Weighings that are not kept yet.
   *
   * @param spoon the spoon
   * @param grams of product in each level scoop, g
   */
  record ScoopQuestion(Spoon spoon, List<Double> grams) {}

  private final ScoopWeighings scoopWeighings;

  ScoopResource(ScoopWeighings scoopWeighings) {
    this.scoopWeighings = scoopWeighings;
  }

  /** Scoops that were weighed, with what a level one holds. */
  @GetMapping
  List<ScoopWeighings.Weighed> all() {
    return scoopWeighings.all();
  }

  /**
   * Reads a weighing of scoops: mean, scatter and what a dose by scoops is off; nothing is kept.
   */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/reading")
  Scoops read(@RequestBody ScoopQuestion question) {
    return Scoops.of(question.spoon(), question.grams());
  }

  /** Keeps a weighing of scoops. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping("/{id}")
  List<ScoopWeighings.Weighed> keep(
      @PathVariable UUID id,
      @RequestBody ScoopWeighings.Weighing weighing,
      @AuthenticationPrincipal Account who) {
    scoopWeighings.keep(id, weighing, who);
    return scoopWeighings.all();
  }

  /** Strikes a weighing out. */
  @DeleteMapping("/{id}")
  List<ScoopWeighings.Weighed> strike(@PathVariable UUID id) {
    scoopWeighings.strike(id);
    return scoopWeighings.all();
  }
}
