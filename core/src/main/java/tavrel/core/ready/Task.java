package tavrel.core.ready;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.hive.Port;

/**
 * One thing to do at a hive before its burn: a fact, of which words are made for each reader.
 *
 * @param what what is to be done
 * @param port through which port, or null where none has to do with it
 * @param sleeve whether the nozzle needs a sleeve
 */
public record Task(What what, @Nullable Port port, boolean sleeve) {

  /** Something to do that has to do with no port. */
  static Task of(What what) {
    return new Task(what, null, false);
  }

  /** What sort of thing it is. */
  public Kind kind() {
    return what.kind;
  }

  /** Told in English, for paper. */
  public String words() {
    String named = port == null ? what.words : what.words.replace("{port}", port.words());
    return sleeve ? named + "; sleeve on the nozzle" : named;
  }

  /** As it is kept: its code, its port, whether with a sleeve. */
  public String written() {
    return what.name() + (port == null ? "" : " " + port.name()) + (sleeve ? " SLEEVE" : "");
  }

  /** What was kept so. */
  public static Task read(String written) {
    List<String> parts = Arrays.asList(written.split(" "));
    What what = What.valueOf(parts.get(0));
    boolean sleeve = parts.contains("SLEEVE");
    int ports = parts.size() - 1 - (sleeve ? 1 : 0);
    return new Task(what, ports == 0 ? null : Port.valueOf(parts.get(1)), sleeve);
  }

  /** What there may be to do; a code is never renamed. */
  public enum What {
    SUPERS_OFF(Kind.SUPERS, "supers off: look for brood in them first and drive the bees down"),
    SUPERS_BOARD(
        Kind.SUPERS,
        "board between brood boxes and supers: look for brood in them first and drive the bees down"),
    SUPERS_STAY(Kind.SUPERS, "supers stay on: only where the label says so"),
    TRAY_CHECK(Kind.FLOOR, "see that the tray sits tight"),
    TRAY_PUSH(Kind.FLOOR, "push the tray tight to the mesh"),
    TRAY_IN(Kind.FLOOR, "tray in, or a solid board under the mesh"),
    INNER_COVER_HOLE(Kind.INNER_COVER, "close the inner-cover hole"),
    CRACKS_PLUG(Kind.CRACKS, "plug the cracks"),
    CRACKS_TAPE(Kind.CRACKS, "plug the many cracks; tape the joints"),
    LIFT_ON_WEDGES(
        Kind.LIFT, "lift the hive on two wedges and tape the gap; two people, it can tip"),
    PLAIN_FLOOR(
        Kind.MOVE_TO_PLAIN_FLOOR, "set the colony on a plain solid floor for the treatment"),
    PORT_DRILL(
        Kind.NOZZLE,
        "no port yet: drill 6 to 7 mm at the back before the day, or try the front entrance"),
    PORT_PEG(Kind.NOZZLE, "peg out of the port ({port}), back in at once after"),
    NOZZLE_FRONT(Kind.NOZZLE, "nozzle through the front entrance, cloth round it"),
    ENTRANCE_REDUCE(Kind.ENTRANCE, "reduce the entrance; wet cloth in as the burn starts"),
    ENTRANCE_CLOTH(Kind.ENTRANCE, "wet cloth in the entrance as the burn starts");

    private final Kind kind;
    private final String words;

    What(Kind kind, String words) {
      this.kind = kind;
      this.words = words;
    }
  }

  /**
   * Sorts of things to do, in the order in which they are done, with our own round figures for how
   * long each takes. What is done as the burn starts takes no time of its own.
   */
  public enum Kind {
    SUPERS(120),
    FLOOR(30),
    INNER_COVER(45),
    CRACKS(40),
    LIFT(90),
    MOVE_TO_PLAIN_FLOOR(300),
    NOZZLE(0),
    ENTRANCE(0);

    private final int seconds;

    Kind(int seconds) {
      this.seconds = seconds;
    }

    /** How long it usually takes, s. */
    public int seconds() {
      return seconds;
    }
  }
}
