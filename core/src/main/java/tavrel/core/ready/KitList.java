package tavrel.core.ready;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.Value;
import tavrel.core.burn.AcidRelease;
import tavrel.core.burn.Pack;
import tavrel.core.burn.PowerSource;
import tavrel.core.burn.Tool;
import tavrel.core.burn.ToolFamily;
import tavrel.core.dose.DoseSheet;
import tavrel.core.dose.HiveDose;
import tavrel.core.hive.Cracks;
import tavrel.core.hive.Entrance;
import tavrel.core.hive.Fittings;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.hive.Material;
import tavrel.core.hive.Shutting;
import tavrel.core.hive.SupersPlan;

/** What goes into the truck for a round, counted from its hives and its tool. */
public final class KitList {

  /** Walking on, shutting and withdrawing at each hive, seconds; our own round figure. */
  private static final int BETWEEN_HIVES = 30;

  private static final double TAPE_A_LIFTED_HIVE = 1.5;
  private static final double TAPE_A_CRACKED_HIVE = 0.5;
  private static final double TAPE_A_LEAKY_HIVE = 2;

  private final DoseSheet sheet;
  private final Map<UUID, HiveReady> ready;
  private final HiveReady.Gear gear;
  private final @Nullable Pack pack;
  private final @Nullable Integer mostShut;
  private final List<KitItem> items = new ArrayList<>();

  private KitList(
      DoseSheet sheet,
      List<HiveReady> hives,
      HiveReady.Gear gear,
      @Nullable Pack pack,
      @Nullable Integer mostShut) {
    this.sheet = sheet;
    this.ready = hives.stream().collect(Collectors.toMap(HiveReady::hiveId, each -> each));
    this.gear = gear;
    this.pack = pack;
    this.mostShut = mostShut;
  }

  /**
   * Counts the kit.
   *
   * @param hives one for each line of the sheet
   * @param pack that the tool runs on, or null
   * @param mostShut most hives shut at once, played through; null where the tool's times are
   *     unknown
   */
  public static List<KitItem> of(
      DoseSheet sheet,
      List<HiveReady> hives,
      HiveReady.Gear gear,
      @Nullable Pack pack,
      @Nullable Integer mostShut) {
    KitList list = new KitList(sheet, hives, gear, pack, mostShut);
    list.items.addAll(protection());
    list.acid();
    list.tool();
    list.hives();
    return List.copyOf(list.items);
  }

  /** What protects people and puts out fire; the same for every round. */
  static List<KitItem> protection() {
    return List.of(
        new KitItem(
            "respirator",
            KitItem.Group.PEOPLE,
            Fact.of("kit.respirator"),
            Fact.of("kit.oneAPerson"),
            null),
        new KitItem(
            "goggles",
            KitItem.Group.PEOPLE,
            Fact.of("kit.goggles"),
            Fact.of("kit.oneAPerson"),
            null),
        new KitItem(
            "gloves",
            KitItem.Group.PEOPLE,
            Fact.of("kit.gloves"),
            Fact.of("kit.pairOfEachAPerson"),
            Fact.of("kit.neitherIsTheOther")),
        new KitItem(
            "eye-water",
            KitItem.Group.PEOPLE,
            Fact.of("kit.eyeWater"),
            Fact.of("kit.litres").with("litres", new Value.Litres(10)),
            Fact.of("kit.fifteenMinutes")),
        KitItem.of("extinguisher", KitItem.Group.FIRE, Fact.of("kit.extinguisher"), 1),
        KitItem.of("bucket", KitItem.Group.FIRE, Fact.of("kit.bucket"), 1));
  }

  /** What weighs or measures the acid. */
  static KitItem measure() {
    return KitItem.of("measure", KitItem.Group.ACID, Fact.of("kit.measure"), 1);
  }

  /** What every tool needs beside it. */
  static List<KitItem> besideTools() {
    return List.of(
        KitItem.of("timer", KitItem.Group.TOOL, Fact.of("kit.timer"), 1),
        new KitItem(
            "spares", KitItem.Group.TOOL, Fact.of("kit.spares"), Fact.of("kit.oneSet"), null));
  }

  private void acid() {
    add(
        "acid",
        KitItem.Group.ACID,
        Fact.of("kit.product"),
        Fact.of("kit.gramsAndReserve").grams("grams", sheet.totalProduct()),
        Fact.of("kit.sumOfSheet"));
    items.add(measure());
    Tool tool = gear.tool();
    if (tool != null && tool.release() == AcidRelease.CAP_TURNED) {
      add(
          "caps",
          KitItem.Group.ACID,
          Fact.of("kit.caps"),
          KitItem.number(sheet.caps()),
          Fact.of("kit.oneForEachLoad"));
    }
  }

  private void tool() {
    Tool tool = gear.tool();
    items.addAll(besideTools());
    items.addAll(forTool(gear.family(), tool));
    if (pack != null) {
      Integer charges = pack.chargesFor(sheet.caps());
      add(
          "packs",
          KitItem.Group.TOOL,
          Fact.of("kit.charged").text("pack", pack.name()),
          charges == null ? Fact.of("kit.allYouHave") : KitItem.number(charges),
          charges == null
              ? Fact.of("kit.burnsAChargeUnknown")
              : Fact.of("kit.burnsACharge")
                  .count("burns", sheet.caps(), "burn")
                  .figure(
                      "aCharge",
                      Objects.requireNonNull(pack.burnsPerCharge(), "known with its charges")));
    }
  }

  /** What a family of tool, or a certain one, needs beside itself. */
  static List<KitItem> forTool(ToolFamily family, @Nullable Tool tool) {
    List<KitItem> items = new ArrayList<>();
    if (family == ToolFamily.PAN_WAND) {
      items.add(
          new KitItem(
              "rest",
              KitItem.Group.TOOL,
              tool != null && tool.dunkAllowed()
                  ? Fact.of("kit.bucketToCool")
                  : Fact.of("kit.clothToCool"),
              KitItem.number(1),
              Fact.of("kit.hotPanFlashes")));
      items.add(KitItem.of("plate", KitItem.Group.TOOL, Fact.of("kit.plate"), 1));
    }
    if (tool != null && tool.power() == PowerSource.MAINS) {
      items.add(
          new KitItem(
              "mains",
              KitItem.Group.TOOL,
              Fact.of("kit.mains"),
              KitItem.number(1),
              tool.watts() == null
                  ? null
                  : Fact.of("kit.atLeastWatts").figure("watts", Math.rint(1.25 * tool.watts()))));
    }
    return items;
  }

  private void hives() {
    int atOnce = shutAtOnce();
    boolean pan = gear.family() == ToolFamily.PAN_WAND;
    long low = pan ? count(f -> f.entrance() == Entrance.LOW) : 0;
    cloths(atOnce);
    if (pan) {
      underHives(low, atOnce);
    }
    tape(low);
    counted("trays", Fact.of("kit.trays"), floors(Floor.BARE_MESH), Fact.of("kit.forBareMesh"));
    counted(
        "boards",
        Fact.of("kit.boards"),
        sheet.hives().stream()
            .filter(line -> line.hive().supers() > 0)
            .filter(line -> line.supersPlan() == SupersPlan.BOARD_BETWEEN)
            .count(),
        Fact.of("kit.supersThatStay"));
    if (!pan) {
      atPorts();
    }
  }

  private void cloths(int atOnce) {
    int cloths = (int) Math.min(atOnce, count(f -> f.shutting() == Shutting.WET_CLOTH));
    if (cloths > 0) {
      add(
          "cloths",
          KitItem.Group.HIVES,
          Fact.of("kit.cloths"),
          Fact.of("kit.andTwoSpare").figure("n", cloths),
          (mostShut == null
                  ? Fact.of("kit.shutAtOnceByCycle").seconds("aHive", cycleSeconds())
                  : Fact.of("kit.shutAtOncePlayed"))
              .minutes("sealed", sheet.sealMinutes()));
    }
  }

  /** A pan is as high as a finger: what makes room for it. */
  private void underHives(long low, int atOnce) {
    if (low > 0) {
      add(
          "wedges",
          KitItem.Group.HIVES,
          Fact.of("kit.wedges"),
          KitItem.number(2 * Math.min(low, atOnce)),
          Fact.of("kit.twoUnderEach"));
    }
    long round = count(f -> f.entrance() == Entrance.ROUND_HOLE);
    if (round > 0) {
      add(
          "floors",
          KitItem.Group.HIVES,
          Fact.of("kit.floors"),
          KitItem.number(Math.min(round, atOnce)),
          Fact.of("kit.forRoundHoles"));
    }
  }

  private void tape(long lifted) {
    double tape =
        TAPE_A_LIFTED_HIVE * lifted
            + TAPE_A_CRACKED_HIVE * count(f -> f.cracks() == Cracks.A_FEW)
            + TAPE_A_LEAKY_HIVE * count(f -> f.cracks() == Cracks.MANY);
    if (tape > 0) {
      add(
          "tape",
          KitItem.Group.HIVES,
          Fact.of("kit.tape"),
          Fact.of("kit.metres").with("metres", new Value.Metres(Math.ceil(tape))),
          Fact.of("kit.roundFigures"));
    }
  }

  private void atPorts() {
    counted(
        "pegs",
        Fact.of("kit.pegs"),
        Math.min(3, count(f -> f.port().isDrilled())),
        Fact.of("kit.someAreLost"));
    counted(
        "sleeve",
        Fact.of("kit.sleeve"),
        Math.min(1, count(f -> f.material() == Material.PLASTIC)),
        Fact.of("kit.plasticHives"));
  }

  private int shutAtOnce() {
    if (mostShut != null) {
      return Math.max(1, mostShut);
    }
    int hives = sheet.hives().size();
    int sealed = (int) Math.ceil(60.0 * sheet.sealMinutes() / cycleSeconds()) + 1;
    return Math.min(hives, sealed);
  }

  /** From one hive's start to the next one's, seconds: an estimate. */
  private long cycleSeconds() {
    double burns = 0;
    for (HiveDose line : sheet.hives()) {
      HiveReady of = ready.get(line.hive().id());
      double load = of == null || of.burn() == null ? 30 : of.burn().planned();
      Tool tool = gear.tool();
      double around = tool == null ? 0 : tool.coolSeconds() + tool.reloadSeconds();
      burns += line.loads().count() * (load + around);
    }
    return Math.round(burns / Math.max(1, sheet.hives().size())) + BETWEEN_HIVES;
  }

  private long count(Predicate<Fittings> test) {
    return sheet.hives().stream().filter(line -> test.test(line.hive().fittings())).count();
  }

  private long floors(Floor floor) {
    return sheet.hives().stream()
        .map(HiveDose::hive)
        .map(Hive::floor)
        .filter(floor::equals)
        .count();
  }

  private void counted(String key, Fact name, long count, Fact why) {
    if (count > 0) {
      add(key, KitItem.Group.HIVES, name, KitItem.number(count), why);
    }
  }

  private void add(String key, KitItem.Group group, Fact name, Fact amount, @Nullable Fact why) {
    items.add(new KitItem(key, group, name, amount, why));
  }
}
