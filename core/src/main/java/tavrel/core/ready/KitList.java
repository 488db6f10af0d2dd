package tavrel.core.ready;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tavrel.core.NumberText;
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
            "respirator, acid gas and P100/P3",
            "1 a person",
            ""),
        new KitItem(
            "goggles", KitItem.Group.PEOPLE, "sealed goggles or full face", "1 a person", ""),
        new KitItem(
            "gloves",
            KitItem.Group.PEOPLE,
            "acid-proof gloves, and heat-proof ones",
            "1 pair of each a person",
            "neither is the other"),
        new KitItem(
            "eye-water",
            KitItem.Group.PEOPLE,
            "clean water to rinse eyes",
            "10 L",
            "15 minutes of it"),
        new KitItem("extinguisher", KitItem.Group.FIRE, "extinguisher", "1", ""),
        new KitItem("bucket", KitItem.Group.FIRE, "bucket of water", "1", ""));
  }

  private void acid() {
    add(
        "acid",
        KitItem.Group.ACID,
        "product, in its own labelled and locked container",
        NumberText.grams(sheet.totalProduct()) + " g and a reserve",
        "sum of the dose sheet");
    add("measure", KitItem.Group.ACID, "scale or scoop", "1", "");
    Tool tool = gear.tool();
    if (tool != null && tool.release() == AcidRelease.CAP_TURNED) {
      add(
          "caps",
          KitItem.Group.ACID,
          "caps, filled ahead by a helper",
          String.valueOf(sheet.caps()),
          "one for each load, or as many as you have, filled again");
    }
  }

  private void tool() {
    Tool tool = gear.tool();
    add("timer", KitItem.Group.TOOL, "timer, beside the phone", "1", "");
    add(
        "spares",
        KitItem.Group.TOOL,
        "spare seals, brush, pliers, hive tool, scraper, clamp, smoker",
        "1 set",
        "");
    items.addAll(forTool(gear.family(), tool));
    if (pack != null) {
      Integer charges = pack.chargesFor(sheet.caps());
      add(
          "packs",
          KitItem.Group.TOOL,
          "charged: " + pack.name(),
          charges == null ? "all you have" : String.valueOf(charges),
          charges == null
              ? "nobody has said how many burns a charge gives"
              : sheet.caps() + " burns, " + pack.burnsPerCharge() + " a charge");
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
                  ? "bucket to cool the pan in, and a cloth to dry it"
                  : "wet cloth or brick to cool the pan on; never dunk it",
              "1",
              "acid on a hot pan flashes into the face"));
      items.add(
          new KitItem(
              "plate", KitItem.Group.TOOL, "metal plate and brace to keep the pan flat", "1", ""));
    }
    if (tool != null && tool.power() == PowerSource.MAINS) {
      items.add(
          new KitItem(
              "mains",
              KitItem.Group.TOOL,
              "inverter or generator with a residual-current device, dry cables",
              "1",
              tool.watts() == null
                  ? ""
                  : "at least " + Math.round(1.25 * tool.watts()) + " W, a quarter over the tool"));
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
    counted("trays", "trays or solid boards", floors(Floor.BARE_MESH), "for bare mesh floors");
    counted(
        "boards",
        "boards between brood boxes and supers",
        sheet.hives().stream()
            .filter(line -> line.hive().supers() > 0)
            .filter(line -> line.supersPlan() == SupersPlan.BOARD_BETWEEN)
            .count(),
        "supers that stay, parted");
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
          "cloths for entrances, wet",
          cloths + " and 2 spare",
          "as many as are shut at once, an estimate: "
              + sheet.sealMinutes()
              + " min sealed"
              + (mostShut == null
                  ? " at about " + NumberText.clock(Duration.ofSeconds(cycleSeconds())) + " a hive"
                  : ", the whole round played through"));
    }
  }

  /** A pan is as high as a finger: what makes room for it. */
  private void underHives(long low, int atOnce) {
    if (low > 0) {
      add(
          "wedges",
          KitItem.Group.HIVES,
          "wedges",
          String.valueOf(2 * Math.min(low, atOnce)),
          "two under each hive with a low entrance, as many as are shut at once");
    }
    long round = count(f -> f.entrance() == Entrance.ROUND_HOLE);
    if (round > 0) {
      add(
          "floors",
          KitItem.Group.HIVES,
          "plain solid floors",
          String.valueOf(Math.min(round, atOnce)),
          "for hives with a round-hole entrance");
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
          "tape; grass or moss for cracks",
          (int) Math.ceil(tape) + " m",
          "round figures for gaps and cracks");
    }
  }

  private void atPorts() {
    counted(
        "pegs",
        "spare pegs or bolts for ports",
        Math.min(3, count(f -> f.port().isDrilled())),
        "some are always lost");
    counted(
        "sleeve",
        "sleeve for the nozzle",
        Math.min(1, count(f -> f.material() == Material.PLASTIC)),
        "plastic hives");
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

  private void counted(String key, String name, long count, String why) {
    if (count > 0) {
      add(key, KitItem.Group.HIVES, name, String.valueOf(count), why);
    }
  }

  private void add(String key, KitItem.Group group, String name, String amount, String why) {
    items.add(new KitItem(key, group, name, amount, why));
  }
}
