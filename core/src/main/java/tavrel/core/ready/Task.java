package tavrel.core.ready;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.Worded;
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

  /** Told to whoever gets the hive ready. */
  public Fact told() {
    Fact told =
        port == null
            ? Fact.of("task.plain").word("what", what)
            : Fact.of("task.peg").word("port", port);
    return sleeve ? Fact.of("task.withSleeve").fact("task", told) : told;
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
  public enum What implements Worded {
    SUPERS_OFF(Kind.SUPERS),
    SUPERS_BOARD(Kind.SUPERS),
    SUPERS_STAY(Kind.SUPERS),
    TRAY_CHECK(Kind.FLOOR),
    TRAY_PUSH(Kind.FLOOR),
    TRAY_IN(Kind.FLOOR),
    INNER_COVER_HOLE(Kind.INNER_COVER),
    CRACKS_PLUG(Kind.CRACKS),
    CRACKS_TAPE(Kind.CRACKS),
    LIFT_ON_WEDGES(Kind.LIFT),
    PLAIN_FLOOR(Kind.MOVE_TO_PLAIN_FLOOR),
    PORT_DRILL(Kind.NOZZLE),
    PORT_PEG(Kind.NOZZLE),
    NOZZLE_FRONT(Kind.NOZZLE),
    ENTRANCE_REDUCE(Kind.ENTRANCE),
    ENTRANCE_CLOTH(Kind.ENTRANCE);

    private final Kind kind;

    What(Kind kind) {
      this.kind = kind;
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
