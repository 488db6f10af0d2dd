package tavrel.server.upkeep;

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
import tavrel.server.gear.GearService;
import tavrel.server.gear.NewGearNote;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

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

  private final GearService gearService;
  private final GearUpkeep upkeep;

  GearResource(GearService gearService, GearUpkeep upkeep) {
    this.gearService = gearService;
    this.upkeep = upkeep;
  }

  /** Tools, packs and filters with what they have been through. */
  @GetMapping("/gear")
  GearUpkeep.AllGear all() {
    return upkeep.all();
  }

  /** Keeps a tool. */
  @PutMapping("/tools/{id}")
  GearUpkeep.AllGear tool(@PathVariable UUID id, @RequestBody Tool tool) {
    same(id, tool.id());
    gearService.keep(tool);
    return upkeep.all();
  }

  /** Keeps a battery or pack. */
  @PutMapping("/packs/{id}")
  GearUpkeep.AllGear pack(@PathVariable UUID id, @RequestBody Pack pack) {
    same(id, pack.id());
    gearService.keep(pack);
    return upkeep.all();
  }

  /** Keeps a test burn. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping("/test-burns/{id}")
  GearUpkeep.AllGear burn(
      @PathVariable UUID id, @RequestBody TestBurn burn, @AuthenticationPrincipal Account who) {
    same(id, burn.id());
    gearService.keep(burn, who);
    return upkeep.all();
  }

  /** Strikes a test burn out. */
  @DeleteMapping("/test-burns/{id}")
  GearUpkeep.AllGear strike(@PathVariable UUID id) {
    gearService.strike(id);
    return upkeep.all();
  }

  /** Keeps what was seen at or done to gear. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping("/gear-notes/{id}")
  GearUpkeep.AllGear note(
      @PathVariable UUID id, @RequestBody NewGearNote note, @AuthenticationPrincipal Account who) {
    gearService.keep(id, note, who);
    return upkeep.all();
  }

  /** How much a bank of batteries must hold for a day's burns. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/gear/power")
  PowerNeed power(@RequestBody PowerNeed.Bank bank) {
    return PowerNeed.of(bank);
  }

  /** What two tools cost over years, side by side. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/gear/cost")
  ToolCost.ToolsCompared cost(@RequestBody CostQuestion question) {
    return ToolCost.compare(question.first(), question.second(), question.rates());
  }

  private static void same(UUID address, UUID body) {
    if (!address.equals(body)) {
      throw new InvalidValue("id", "differsFromAddress", "differs from the address");
    }
  }
}
