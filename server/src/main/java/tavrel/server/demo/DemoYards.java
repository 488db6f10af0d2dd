package tavrel.server.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import tavrel.core.hive.BoxKind;
import tavrel.core.hive.Cracks;
import tavrel.core.hive.Entrance;
import tavrel.core.hive.Hive;
import tavrel.core.hive.HiveChange;
import tavrel.core.hive.InnerCover;
import tavrel.core.hive.Material;
import tavrel.core.hive.Port;
import tavrel.core.hive.SupersPlan;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.HiveEditor;
import tavrel.server.hive.Hives;
import tavrel.server.people.Account;

/** How the made-up hives stand: rows, stands, entrances, ports, and the leaks that yards have. */
@Component
@Profile("demo")
class DemoYards {

  private static final int HIVES_A_ROW = 8;

  private final Apiaries apiaries;
  private final Hives allHives;
  private final HiveEditor hiveEditor;

  DemoYards(Apiaries apiaries, Hives allHives, HiveEditor hiveEditor) {
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.hiveEditor = hiveEditor;
  }

  /** Fits out every apiary, the same every time. */
  void fitOut(Account keeper) {
    for (Apiary apiary : apiaries.all()) {
      Random random = new Random(apiary.name().length() * 31L + apiary.name().charAt(0));
      List<Hive> hives = allHives.in(apiary.id());
      List<HiveEditor.Painted> painted = new ArrayList<>();
      for (Hive hive : hives) {
        painted.add(new HiveEditor.Painted(List.of(hive.id()), fittings(hive, random)));
      }
      twins(hives, painted);
      hiveEditor.paint(apiary.id(), painted, keeper);
      hiveEditor.walk(apiary.id(), new HiveEditor.Walk(rows(hives)));
    }
  }

  /** Lines of bees that the outfit keeps, under its own names. */
  private static final String[] LINES = {"Quay dark", "Sallow mild"};

  private static HiveChange fittings(Hive hive, Random random) {
    int entrance = random.nextInt(10);
    int cracks = random.nextInt(10);
    int material = random.nextInt(14);
    return new HiveChange(
        null,
        null,
        null,
        material == 0 ? Material.FOAM : material == 1 ? Material.PLASTIC : Material.WOOD,
        entrance < 5
            ? Entrance.REDUCED
            : entrance < 8 ? Entrance.FULL : entrance == 8 ? Entrance.LOW : Entrance.ROUND_HOLE,
        null,
        random.nextInt(9) == 0 ? InnerCover.HOLE_OPEN : InnerCover.CLOSED,
        cracks == 0 ? Cracks.MANY : cracks < 3 ? Cracks.A_FEW : Cracks.NONE,
        random.nextInt(3) == 0 ? Port.NONE : Port.BACK,
        hive.supers() > 0 ? SupersPlan.BOARD_BETWEEN : null,
        null,
        null,
        null,
        LINES[hive.place() % LINES.length]);
  }

  /** Nuclei that are neighbours share a stand; every second such pair is one divided box. */
  private static void twins(List<Hive> hives, List<HiveEditor.Painted> painted) {
    boolean divided = false;
    for (int i = 0; i + 1 < hives.size(); i++) {
      if (isNucleus(hives.get(i)) && isNucleus(hives.get(i + 1))) {
        HiveChange shared = HiveChange.sharing("Stand " + hives.get(i).name(), divided);
        painted.add(
            new HiveEditor.Painted(List.of(hives.get(i).id(), hives.get(i + 1).id()), shared));
        divided = !divided;
        i++;
      }
    }
  }

  private static boolean isNucleus(Hive hive) {
    return hive.boxes().get(0).kind() == BoxKind.NUCLEUS;
  }

  private static List<List<UUID>> rows(List<Hive> hives) {
    List<List<UUID>> rows = new ArrayList<>();
    for (int from = 0; from < hives.size(); from += HIVES_A_ROW) {
      rows.add(
          hives.subList(from, Math.min(hives.size(), from + HIVES_A_ROW)).stream()
              .map(Hive::id)
              .toList());
    }
    return rows;
  }
}
