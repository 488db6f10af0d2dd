package tavrel.core.ready;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import tavrel.core.Fact;
import tavrel.core.burn.AcidRelease;
import tavrel.core.burn.Tool;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.hive.Shutting;

/**
 * What a crew packs for a day of several apiaries, before their dose sheets are made: these decide,
 * and count more closely ({@link KitList}).
 */
public final class DayKit {

  /**
   * A hive of the day.
   *
   * @param hive as it stands there
   * @param acid dihydrate that it is planned to get, g
   */
  public record DayHive(Hive hive, double acid) {}

  private static final Fact BUSIEST = Fact.of("kit.forTheBusiest");

  private DayKit() {}

  /**
   * Counts the kit.
   *
   * @param stops the hives of each apiary
   * @param tools that come along; the same twice where there are two of it
   * @param cloths that the crew has
   */
  public static List<KitItem> of(List<List<DayHive>> stops, List<Tool> tools, int cloths) {
    List<KitItem> items = new ArrayList<>(KitList.protection());
    double acid = stops.stream().flatMap(List::stream).mapToDouble(DayHive::acid).sum();
    items.add(
        new KitItem(
            "acid",
            KitItem.Group.ACID,
            Fact.of("kit.dihydrate"),
            Fact.of("kit.gramsAndReserve").grams("grams", acid),
            Fact.of("kit.byTheBoxes")));
    items.add(KitList.measure());
    addTools(items, stops, tools);
    items.addAll(KitList.besideTools());
    long shut = most(stops, hive -> hive.hive().fittings().shutting() == Shutting.WET_CLOTH);
    if (shut > 0) {
      items.add(
          new KitItem(
              "cloths",
              KitItem.Group.HIVES,
              Fact.of("kit.cloths"),
              KitItem.number(Math.min(cloths, shut)),
              BUSIEST));
    }
    long trays = most(stops, hive -> hive.hive().floor() == Floor.BARE_MESH);
    if (trays > 0) {
      items.add(
          new KitItem(
              "trays",
              KitItem.Group.HIVES,
              Fact.of("kit.traysForBareMesh"),
              KitItem.number(trays),
              BUSIEST));
    }
    return List.copyOf(items);
  }

  private static void addTools(List<KitItem> items, List<List<DayHive>> stops, List<Tool> tools) {
    Map<Tool, Integer> counts = new LinkedHashMap<>();
    tools.forEach(tool -> counts.merge(tool, 1, Integer::sum));
    Set<String> known = new HashSet<>();
    counts.forEach(
        (tool, count) -> {
          items.add(
              new KitItem(
                  "tool " + tool.id(),
                  KitItem.Group.TOOL,
                  Fact.of("kit.tool").text("tool", tool.name()),
                  KitItem.number(count),
                  tool.packId() == null ? null : Fact.of("kit.andItsPacks")));
          if (tool.release() == AcidRelease.CAP_TURNED && known.add("caps")) {
            items.add(
                new KitItem(
                    "caps",
                    KitItem.Group.ACID,
                    Fact.of("kit.caps"),
                    KitItem.number(mostLoads(stops, tool)),
                    Fact.of("kit.oneForEachLoadOfBusiest")));
          }
          for (KitItem item : KitList.forTool(tool.family(), tool)) {
            if (known.add(item.key())) {
              items.add(item);
            }
          }
        });
  }

  private static long mostLoads(List<List<DayHive>> stops, Tool tool) {
    return stops.stream()
        .mapToLong(
            stop ->
                stop.stream()
                    .mapToLong(hive -> (long) Math.ceil(hive.acid() / tool.capacity() - 1e-9))
                    .sum())
        .max()
        .orElse(0);
  }

  private static long most(List<List<DayHive>> stops, Predicate<DayHive> counted) {
    return stops.stream().mapToLong(stop -> stop.stream().filter(counted).count()).max().orElse(0);
  }
}
