package tavrel.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import tavrel.core.burn.AcidRelease;
import tavrel.core.burn.EndSign;
import tavrel.core.burn.Pack;
import tavrel.core.burn.PowerSource;
import tavrel.core.burn.TestBurn;
import tavrel.core.burn.Tool;
import tavrel.core.burn.ToolFamily;
import tavrel.core.measure.Spoon;
import tavrel.server.gear.GearNote;
import tavrel.server.gear.GearService;
import tavrel.server.gear.NewGearNote;
import tavrel.server.measure.ScoopWeighings;
import tavrel.server.people.Account;

/** Tools, packs, test burns and weighed scoops of the made-up outfit. */
@Component
@Profile("demo")
class DemoGear {

  static final UUID BOWL = id("Bowl 1");

  static final UUID PAN = id("Pan 1");

  private final GearService gearService;
  private final ScoopWeighings scoopWeighings;
  private final DemoClock clock;

  DemoGear(GearService gearService, ScoopWeighings scoopWeighings, DemoClock clock) {
    this.gearService = gearService;
    this.scoopWeighings = scoopWeighings;
    this.clock = clock;
  }

  /** Everything, with what was timed and weighed in the weeks before. */
  void add(Account keeper) {
    Pack battery = new Pack(id("battery"), "Truck battery", 12, 70, 11.8, 20, 600, 1);
    Pack packs = new Pack(id("packs"), "Tool packs", 18, 5, 15.5, 9, 55, 4);
    gearService.keep(battery);
    gearService.keep(packs);
    gearService.keep(
        bowl(BOWL, "Bowl 1", PowerSource.MAINS, AcidRelease.CAP_TURNED, 275.0, null, 540.0));
    gearService.keep(
        bowl(
            id("Bowl 2"),
            "Bowl 2",
            PowerSource.TOOL_PACK,
            AcidRelease.PLUNGER,
            240.0,
            packs.id(),
            610.0));
    gearService.keep(
        new Tool(
            PAN,
            "Pan 1",
            ToolFamily.PAN_WAND,
            PowerSource.CAR_BATTERY,
            AcidRelease.LOADED_COLD,
            EndSign.NONE,
            4,
            0,
            null,
            120,
            60,
            null,
            null,
            150.0,
            battery.id(),
            false,
            null,
            Tool.USUAL_MARGIN,
            130.0,
            null,
            false));
    burn(BOWL, 2, 24, keeper);
    burn(BOWL, 2, 26, keeper);
    burn(BOWL, 4, 43, keeper);
    burn(PAN, 1, 121, keeper);
    burn(PAN, 2, 149, keeper);
    burn(PAN, 2, 157, keeper);
    burn(PAN, 3, 183, keeper);
    note(BOWL, GearNote.Kind.SEALS_CHANGED, null, keeper);
    note(BOWL, GearNote.Kind.CLEANED, null, keeper);
    note(null, GearNote.Kind.FILTERS_CHANGED, null, keeper);
    note(BOWL, GearNote.Kind.RESIDUE, "brown crust below the nozzle", keeper);
    scoopWeighings.keep(
        id("scoops"),
        new ScoopWeighings.Weighing(
            "Oxalic crystals",
            "26-014",
            Spoon.QUARTER_TSP_US,
            List.of(1.02, 0.98, 1.05, 0.96, 1.01, 1.04, 0.99, 1.03, 0.97, 1.01)),
        keeper);
  }

  /** More bowls of the first one's kind, each with a burn that was timed. */
  List<DemoRounds.Bowl> moreBowls(int last, Account keeper) {
    List<DemoRounds.Bowl> all = new ArrayList<>(List.of(DemoRounds.Bowl.FIRST));
    for (int number = 2; number <= last; number++) {
      DemoRounds.Bowl bowl = new DemoRounds.Bowl(id("Bowl " + number), "Bowl " + number);
      if (number > 2) {
        gearService.keep(
            bowl(
                bowl.id(),
                bowl.name(),
                PowerSource.MAINS,
                AcidRelease.CAP_TURNED,
                275.0,
                null,
                540.0));
      }
      burn(bowl.id(), 2, 24 + number, keeper);
      burn(bowl.id(), 4, 43 + number, keeper);
      all.add(bowl);
    }
    return List.copyOf(all);
  }

  private void burn(UUID tool, double load, double seconds, Account who) {
    clock.moveTo(clock.instant().plus(Duration.ofMinutes(20)));
    gearService.keep(
        new TestBurn(
            id("burn " + tool + clock.instant()),
            tool,
            load,
            seconds,
            tool.equals(PAN) ? "Truck battery" : null,
            14.0,
            null,
            clock.instant()),
        who);
  }

  private void note(@Nullable UUID tool, GearNote.Kind kind, @Nullable String says, Account who) {
    clock.moveTo(clock.instant().plus(Duration.ofMinutes(5)));
    gearService.keep(id("note " + kind + tool), new NewGearNote(tool, kind, says), who);
  }

  private static Tool bowl(
      UUID id,
      String name,
      PowerSource power,
      AcidRelease release,
      double watts,
      @Nullable UUID pack,
      double price) {
    return new Tool(
        id,
        name,
        ToolFamily.HEATED_BOWL,
        power,
        release,
        EndSign.DISPLAY,
        4.5,
        105,
        null,
        0,
        20,
        228.0,
        235.0,
        watts,
        pack,
        false,
        200,
        Tool.USUAL_MARGIN,
        price,
        null,
        false);
  }

  private static UUID id(String of) {
    return UUID.nameUUIDFromBytes(("demo " + of).getBytes(StandardCharsets.UTF_8));
  }
}
