package tavrel.server.demo;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import tavrel.core.hive.BoxNotation;

/** Hives of made-up apiaries, as a keeper's own table would bring them in: the same every time. */
final class DemoRoster {

  /** Where the made-up island lies. */
  static final String ZONE = "Etc/GMT+2";

  private static final long SEED = 20_260_818L;

  /**
   * A made-up apiary.
   *
   * @param name what people call it
   * @param letters its hives' names begin so; a number follows
   * @param hives how many stand there
   * @param latitude degrees north
   * @param longitude degrees east
   */
  record Yard(String name, String letters, int hives, double latitude, double longitude) {}

  private DemoRoster() {}

  /** The table, in UTF-8. */
  static byte[] csv(List<Yard> yards) {
    Random random = new Random(SEED);
    StringBuilder csv =
        new StringBuilder("apiary,hive,position,brood boxes,supers,floor,latitude,longitude\n");
    for (Yard yard : yards) {
      for (int place = 1; place <= yard.hives(); place++) {
        csv.append(
            "%s,%s,%d,%s,%d,\"%s\",%s,%s%n"
                .formatted(
                    yard.name(),
                    yard.letters() + place,
                    place,
                    boxes(random),
                    supers(random),
                    floor(random),
                    yard.latitude(),
                    yard.longitude()));
      }
    }
    return csv.toString().getBytes(StandardCharsets.UTF_8);
  }

  private static String boxes(Random random) {
    int draw = random.nextInt(10);
    String boxes =
        draw < 5
            ? "deep 10"
            : draw < 7 ? "2x deep 10" : draw < 9 ? "deep 10 + medium 10" : "nucleus 5";
    return BoxNotation.write(BoxNotation.read(boxes));
  }

  private static int supers(Random random) {
    return random.nextInt(6) == 0 ? 1 : 0;
  }

  private static String floor(Random random) {
    int draw = random.nextInt(10);
    return draw < 5
        ? "solid"
        : draw < 8 ? "mesh, tray tight" : draw < 9 ? "mesh, tray loose" : "bare mesh";
  }
}
