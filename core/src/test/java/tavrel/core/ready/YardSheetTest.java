package tavrel.core.ready;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;
import tavrel.core.Value;
import tavrel.core.burn.AcidRelease;
import tavrel.core.burn.BurnFit;
import tavrel.core.burn.EndSign;
import tavrel.core.burn.Pack;
import tavrel.core.burn.PowerSource;
import tavrel.core.burn.TestBurn;
import tavrel.core.burn.Tool;
import tavrel.core.burn.ToolFamily;
import tavrel.core.dose.DosePreset;
import tavrel.core.dose.DoseSettings;
import tavrel.core.dose.DoseSheet;
import tavrel.core.dose.MediumBoxes;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Cracks;
import tavrel.core.hive.Entrance;
import tavrel.core.hive.Fittings;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.hive.InnerCover;
import tavrel.core.hive.Material;
import tavrel.core.hive.Port;
import tavrel.core.hive.Shutting;
import tavrel.core.hive.SupersPlan;
import tavrel.core.measure.Measure;
import tavrel.core.measure.Strength;
import tavrel.core.mite.KillCurve;
import tavrel.core.pace.UsualWork;
import tavrel.core.rulesheet.ExampleSheets;
import tavrel.core.seal.LeakKind;
import tavrel.core.seal.SealParameters;

class YardSheetTest {

  private static final Tool PAN = tool(ToolFamily.PAN_WAND, AcidRelease.LOADED_COLD);
  private static final Tool BOWL = tool(ToolFamily.HEATED_BOWL, AcidRelease.CAP_TURNED);

  @Test
  void a_hive_that_stands_well_needs_a_reduced_entrance_and_a_cloth_for_a_pan() {
    assertThat(Readying.tasks(hive(1, Fittings.USUAL, Floor.SOLID, 0), ToolFamily.PAN_WAND))
        .extracting(Task::kind)
        .containsExactly(Task.Kind.ENTRANCE);
  }

  @Test
  void each_fitting_asks_for_its_own_thing_in_the_order_of_the_work() {
    Hive hive =
        hive(
            1,
            fittings(Material.WOOD, Entrance.LOW, InnerCover.HOLE_OPEN, Cracks.MANY, Port.BACK),
            Floor.MESH_LOOSE_TRAY,
            2);
    assertThat(Readying.tasks(hive, ToolFamily.PAN_WAND))
        .extracting(Task::kind)
        .containsExactly(
            Task.Kind.SUPERS,
            Task.Kind.FLOOR,
            Task.Kind.INNER_COVER,
            Task.Kind.CRACKS,
            Task.Kind.LIFT,
            Task.Kind.ENTRANCE);
    assertThat(Readying.tasks(hive, ToolFamily.HEATED_BOWL))
        .extracting(Task::kind)
        .contains(Task.Kind.NOZZLE)
        .doesNotContain(Task.Kind.LIFT);
  }

  @Test
  void no_hot_pan_goes_near_plastic_or_foam_while_a_bowl_may() {
    for (Material material : Material.values()) {
      Hive hive =
          hive(
              1,
              fittings(material, Entrance.FULL, InnerCover.CLOSED, Cracks.NONE, Port.BACK),
              Floor.SOLID,
              0);
      Optional<Fact> unfit = Readying.unfit(hive, ToolFamily.PAN_WAND);
      assertThat(unfit.isPresent()).isEqualTo(material != Material.WOOD);
      assertThat(Readying.unfit(hive, ToolFamily.HEATED_BOWL)).isEmpty();
    }
  }

  @Test
  void a_line_knows_what_its_hive_keeps_and_what_to_shut_first() {
    YardSheet sheet =
        yard(
            BOWL,
            hive(1, Fittings.USUAL, Floor.SOLID, 0),
            hive(2, Fittings.USUAL, Floor.MESH_LOOSE_TRAY, 0));
    assertThat(sheet.hives().get(0).shutFirst()).isNull();
    HiveReady loose = sheet.hives().get(1);
    assertThat(loose.kept()).isLessThan(sheet.hives().get(0).kept());
    assertThat(loose.shutFirst().kind()).isEqualTo(LeakKind.FLOOR);
    assertThat(loose.kill()).isCloseTo(KillCurve.FIELD.kill(2, loose.kept()), within(1e-9));
    assertThat(loose.burn().planned()).as("30 s and 15 %").isEqualTo(35);
  }

  @Test
  void the_kit_is_counted_from_the_hives() {
    List<Hive> hives = new ArrayList<>();
    for (int i = 1; i <= 20; i++) {
      hives.add(hive(i, Fittings.USUAL, i <= 3 ? Floor.BARE_MESH : Floor.SOLID, 0));
    }
    hives.add(
        hive(
            21,
            fittings(Material.WOOD, Entrance.LOW, InnerCover.CLOSED, Cracks.A_FEW, Port.NONE),
            Floor.SOLID,
            0));
    YardSheet sheet = yard(PAN, hives.toArray(Hive[]::new));
    assertThat(amount(sheet, "trays")).isEqualTo(KitItem.number(3));
    assertThat(amount(sheet, "wedges")).isEqualTo(KitItem.number(2));
    assertThat(amount(sheet, "tape"))
        .as("1.5 m lifted, 0.5 m cracks")
        .isEqualTo(Fact.of("kit.metres").with("metres", new Value.Metres(2)));
    // 34.5 s burn, 120 s cooling, 60 s reloading, 30 s between: 245 s a hive; ⌈600/245⌉ + 1 = 4.
    assertThat(amount(sheet, "cloths")).isEqualTo(Fact.of("kit.andTwoSpare").figure("n", 4));
    assertThat(amount(sheet, "packs")).as("21 burns, 9 a charge").isEqualTo(KitItem.number(3));
    assertThat(amount(sheet, "acid")).isEqualTo(Fact.of("kit.gramsAndReserve").grams("grams", 42));
    assertThat(sheet.kit()).extracting(KitItem::key).doesNotContain("caps", "mains");
  }

  @Test
  void a_bowl_with_caps_wants_one_for_each_load_and_no_wedges() {
    YardSheet sheet =
        yard(
            BOWL,
            hive(
                1,
                fittings(Material.PLASTIC, Entrance.LOW, InnerCover.CLOSED, Cracks.NONE, Port.BACK),
                Floor.SOLID,
                0));
    assertThat(amount(sheet, "caps")).isEqualTo(KitItem.number(1));
    assertThat(sheet.kit())
        .extracting(KitItem::key)
        .contains("sleeve", "pegs", "mains")
        .doesNotContain("wedges", "rest", "trays");
  }

  @Test
  void people_and_fire_come_first_whatever_the_round() {
    assertThat(yard(BOWL, hive(1, Fittings.USUAL, Floor.SOLID, 0)).kit())
        .extracting(KitItem::key)
        .startsWith("respirator", "goggles", "gloves", "eye-water", "extinguisher", "bucket");
  }

  @Test
  void a_days_kit_is_counted_for_the_apiary_that_needs_most() {
    List<DayKit.DayHive> small = List.of(dayHive(1, Floor.SOLID, 2));
    List<DayKit.DayHive> large =
        List.of(
            dayHive(1, Floor.BARE_MESH, 2), dayHive(2, Floor.SOLID, 2), dayHive(3, Floor.SOLID, 9));
    List<KitItem> kit = DayKit.of(List.of(small, large), List.of(BOWL, PAN, PAN), 2);
    assertThat(kit)
        .extracting(KitItem::key, KitItem::amount)
        .contains(
            tuple("acid", Fact.of("kit.gramsAndReserve").grams("grams", 15)),
            tuple("caps", KitItem.number(2 + (int) Math.ceil(9 / BOWL.capacity()))),
            tuple("cloths", KitItem.number(2)),
            tuple("trays", KitItem.number(1)),
            tuple("tool " + PAN.id(), KitItem.number(2)));
    assertThat(kit)
        .extracting(KitItem::key)
        .startsWith("respirator", "goggles", "gloves", "eye-water", "extinguisher", "bucket")
        .contains("rest", "plate", "mains")
        .doesNotHaveDuplicates();
  }

  private static DayKit.DayHive dayHive(int position, Floor floor, double acid) {
    return new DayKit.DayHive(hive(position, Fittings.USUAL, floor, 0), acid);
  }

  private static Fact amount(YardSheet sheet, String key) {
    return sheet.kit().stream()
        .filter(item -> item.key().equals(key))
        .findFirst()
        .orElseThrow()
        .amount();
  }

  private static YardSheet yard(Tool tool, Hive... hives) {
    DoseSettings settings =
        DoseSettings.plain(
            DosePreset.all().get(1).amount(),
            MediumBoxes.BY_COMB,
            Strength.PURE,
            Measure.SCALE,
            4,
            SupersPlan.TAKEN_OFF,
            10);
    DoseSheet dose =
        DoseSheet.of(
            List.of(hives),
            settings,
            ExampleSheets.all().get(1),
            Map.of(),
            LocalDate.of(2026, 8, 18),
            null);
    TestBurn burn =
        new TestBurn(UUID.randomUUID(), tool.id(), 2, 30, null, null, null, Instant.EPOCH);
    Pack pack = new Pack(UUID.randomUUID(), "Pack", 18, 5, 15, 9, 60, 4);
    return YardSheet.of(
        dose,
        new HiveReady.Gear(
            tool, BurnFit.of(tool, List.of(burn)), 10, SealParameters.USUAL, KillCurve.FIELD),
        tool.equals(PAN) ? pack : null,
        UsualWork.ALONE);
  }

  private static Fittings fittings(
      Material material, Entrance entrance, InnerCover cover, Cracks cracks, Port port) {
    return new Fittings(
        material,
        entrance,
        Shutting.WET_CLOTH,
        cover,
        cracks,
        port,
        SupersPlan.TAKEN_OFF,
        null,
        false);
  }

  private static Hive hive(int place, Fittings fittings, Floor floor, int supers) {
    return new Hive(
        UUID.nameUUIDFromBytes(new byte[] {(byte) place}),
        String.valueOf(place),
        1,
        place,
        BoxNotation.read("deep"),
        supers,
        floor,
        fittings,
        null,
        null);
  }

  private static Tool tool(ToolFamily family, AcidRelease release) {
    boolean pan = family == ToolFamily.PAN_WAND;
    return new Tool(
        UUID.randomUUID(),
        family.name(),
        family,
        pan ? PowerSource.TOOL_PACK : PowerSource.MAINS,
        release,
        EndSign.NONE,
        4,
        0,
        null,
        pan ? 120 : 0,
        pan ? 60 : 0,
        null,
        null,
        pan ? null : 275.0,
        null,
        false,
        null,
        15,
        null,
        null,
        false);
  }
}
