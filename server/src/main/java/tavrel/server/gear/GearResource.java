package tavrel.server.gear;

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
import tavrel.core.InvalidValue;
import tavrel.core.burn.Pack;
import tavrel.core.burn.TestBurn;
import tavrel.core.burn.Tool;
import tavrel.core.stock.PowerNeed;
import tavrel.core.stock.ToolCost;
import tavrel.server.people.Account;

/** Tools, packs and what they cost. */
@RestController
@RequestMapping("/api")
class GearResource {

  /**
   * Two tools to compare.
   *
   * @param first one
   * @param second the other
   * @param rates the keeper's own
   */
  record CostQuestion(ToolCost first, ToolCost second, ToolCost.Rates rates) {}

  private final Gears gears;

  GearResource(Gears gears) {
    this.gears = gears;
  }

  @GetMapping("/gear")
  Gears.AllGear all() {
    return gears.all();
  }

  @PutMapping("/tools/{id}")
  Gears.AllGear tool(@PathVariable UUID id, @RequestBody Tool tool) {
    same(id, tool.id());
    gears.keep(tool);
    return gears.all();
  }

  @PutMapping("/packs/{id}")
  Gears.AllGear pack(@PathVariable UUID id, @RequestBody Pack pack) {
    same(id, pack.id());
    gears.keep(pack);
    return gears.all();
  }

  @PutMapping("/test-burns/{id}")
  Gears.AllGear burn(
      @PathVariable UUID id, @RequestBody TestBurn burn, @AuthenticationPrincipal Account who) {
    same(id, burn.id());
    gears.keep(burn, who);
    return gears.all();
  }

  @DeleteMapping("/test-burns/{id}")
  Gears.AllGear strike(@PathVariable UUID id) {
    gears.strike(id);
    return gears.all();
  }

  @PutMapping("/gear-notes/{id}")
  Gears.AllGear note(
      @PathVariable UUID id, @RequestBody NewGearNote note, @AuthenticationPrincipal Account who) {
    gears.keep(id, note, who);
    return gears.all();
  }

  @PostMapping("/gear/power")
  PowerNeed power(@RequestBody PowerNeed.Bank bank) {
    return PowerNeed.of(bank);
  }

  @PostMapping("/gear/cost")
  ToolCost.ToolsCompared cost(@RequestBody CostQuestion question) {
    return ToolCost.compare(question.first(), question.second(), question.rates());
  }

  private static void same(UUID address, UUID body) {
    if (!address.equals(body)) {
      throw new InvalidValue("id", "differs from the address");
    }
  }
}
