package tavrel.core.pace;

import java.util.ArrayList;
import java.util.List;
import java.util.PriorityQueue;
import org.jspecify.annotations.Nullable;
import tavrel.core.pace.Pace.Doing;
import tavrel.core.pace.Pace.HiveLine;
import tavrel.core.pace.Pace.PersonLine;
import tavrel.core.pace.Pace.Stretch;
import tavrel.core.pace.Pace.ToolLine;
import tavrel.core.pace.ToolSimulation.Stage;

/**
 * Plays one run through, event by event: whoever is free takes the most pressing thing that can be
 * done. A hive far over its time is opened first; then tools are tended and the next burn is
 * started; then hives that are due are opened, hives made ready, caps filled. Burns go in walking
 * order.
 */
final class RunSimulation {

  /** A person's hands. */
  private static final class Hand {
    final boolean burns;
    final List<Stretch> stretches = new ArrayList<>();
    boolean busy = true;

    Hand(boolean burns) {
      this.burns = burns;
    }
  }

  private record Event(int at, int number, Runnable then) implements Comparable<Event> {
    @Override
    public int compareTo(Event other) {
      return at != other.at ? Integer.compare(at, other.at) : Integer.compare(number, other.number);
    }
  }

  /** A sealed hive and when it may be opened. */
  private record Sealed(int due, int hive) implements Comparable<Sealed> {
    @Override
    public int compareTo(Sealed other) {
      return due != other.due ? Integer.compare(due, other.due) : Integer.compare(hive, other.hive);
    }
  }

  private final RunSetUp setUp;
  private final PaceTimes times;
  private final int mostCloths;
  private final int giveUpAt;
  private final PriorityQueue<Event> events = new PriorityQueue<>();
  private final PriorityQueue<Sealed> sealed = new PriorityQueue<>();
  private final List<Hand> hands = new ArrayList<>();
  private final List<ToolSimulation> irons = new ArrayList<>();
  private final boolean[] ready;
  private final int[] shut;
  private final int[] out;
  private final int[] opened;
  private final int[] tool;
  private int now;
  private int numbered;
  private int nextToBurn;
  private int nextToReady;
  private int clothsOut;
  private int capsFilled;
  private int capsEmpty;
  private int mostShut;
  private int overdue;
  private int worstOverdue;
  private int lastOpened;
  private int openedCount;

  /**
   * @param mostCloths cloths used at the most, no more than there are
   * @param giveUpAt a run that is not over by then is not played on, s
   */
  RunSimulation(RunSetUp setUp, int mostCloths, int giveUpAt) {
    this.setUp = setUp;
    this.times = setUp.times();
    this.mostCloths = mostCloths;
    this.giveUpAt = giveUpAt;
    int count = setUp.hives().size();
    ready = new boolean[count];
    shut = new int[count];
    out = new int[count];
    opened = new int[count];
    tool = new int[count];
    capsFilled = setUp.caps() == null ? Integer.MAX_VALUE : setUp.caps();
    for (int person = 0; person < setUp.crew().size(); person++) {
      hands.add(new Hand(person < setUp.crew().burners()));
    }
    for (int number = 0; number < setUp.tools().size(); number++) {
      irons.add(
          new ToolSimulation(number, setUp.tools().get(number), second -> at(second, () -> {})));
    }
  }

  /** Plays it; null where it was given up. */
  @Nullable Pace play() {
    now = times.setUp();
    for (Hand hand : hands) {
      at(now, () -> hand.busy = false);
    }
    for (ToolSimulation toolSimulation : irons) {
      int hot = now + toolSimulation.of.preheatSeconds();
      stretch(toolSimulation, hot, Doing.PREHEAT, null);
      at(hot, () -> toolSimulation.stage = Stage.READY);
    }
    while (!events.isEmpty() && openedCount < setUp.hives().size()) {
      now = events.peek().at();
      if (now > giveUpAt) {
        return null;
      }
      while (!events.isEmpty() && events.peek().at() == now) {
        events.poll().then().run();
      }
      while (hands.stream().anyMatch(hand -> !hand.busy && act(hand))) {
        // everyone who is free has looked once more
      }
    }
    return told();
  }

  /** Gives a free hand the most pressing thing to do; false where there is none. */
  private boolean act(Hand hand) {
    Sealed first = sealed.peek();
    if (first != null && now - first.due() > times.openFirstAfter()) {
      return open(hand, sealed.poll());
    }
    if (hand.burns && (tend(hand) || start(hand))) {
      return true;
    }
    if (first != null && now >= first.due()) {
      return open(hand, sealed.poll());
    }
    return makeReady(hand) || fill(hand);
  }

  private boolean open(Hand hand, Sealed due) {
    int late = now - due.due();
    worstOverdue = Math.max(worstOverdue, late);
    overdue += late > times.openFirstAfter() ? 1 : 0;
    return busy(
        hand,
        times.opening(),
        Doing.OPEN,
        due.hive(),
        () -> {
          opened[due.hive()] = now;
          lastOpened = now;
          openedCount++;
          clothsOut -= cloths(due.hive());
        });
  }

  /** A pan that has burned out or cooled, a bowl that was left alone. */
  private boolean tend(Hand hand) {
    for (ToolSimulation toolSimulation : irons) {
      if (toolSimulation.stage == Stage.BURNT && toolSimulation.of.isPan()) {
        toolSimulation.stage = Stage.IN_HANDS;
        return busy(
            hand,
            times.disconnect(),
            Doing.DISCONNECT,
            toolSimulation.hive,
            () ->
                runs(
                    toolSimulation,
                    toolSimulation.of.coolSeconds(),
                    Doing.COOL,
                    Stage.COOLING,
                    Stage.COOLED));
      }
      if (toolSimulation.stage == Stage.BURNT || toolSimulation.stage == Stage.COOLED) {
        toolSimulation.stage = Stage.IN_HANDS;
        return busy(
            hand,
            times.withdraw(),
            Doing.TAKE_OUT,
            toolSimulation.hive,
            () -> takenOut(toolSimulation));
      }
    }
    return false;
  }

  private void takenOut(ToolSimulation toolSimulation) {
    toolSimulation.packSimulation.rest(now);
    boolean done = toolSimulation.loadsLeft == 0;
    if (done) {
      seal(toolSimulation);
    }
    if (toolSimulation.of.isPan() && toolSimulation.of.reloadSeconds() > 0) {
      toolSimulation.stage = Stage.RESTING;
      at(now + toolSimulation.of.reloadSeconds(), () -> toolSimulation.stage = Stage.READY);
    } else {
      toolSimulation.stage = Stage.READY;
    }
  }

  private void seal(ToolSimulation toolSimulation) {
    out[toolSimulation.hive] = now;
    if (!setUp.hives().get(toolSimulation.hive).cloth()) {
      opened[toolSimulation.hive] = now;
      lastOpened = now;
      openedCount++;
      toolSimulation.hive = -1;
      return;
    }
    sealed.add(new Sealed(now + times.seal(), toolSimulation.hive));
    at(now + times.seal(), () -> {});
    toolSimulation.hive = -1;
  }

  /** The next load of a hive that a pan belongs to, else the next hive. */
  private boolean start(Hand hand) {
    for (ToolSimulation toolSimulation : irons) {
      if (toolSimulation.stage == Stage.READY && toolSimulation.hive >= 0) {
        load(hand, toolSimulation);
        return true;
      }
    }
    int next = nextToBurn;
    if (next == setUp.hives().size() || !isReady(next)) {
      return false;
    }
    if (clothsOut + cloths(next) > mostCloths) {
      return false;
    }
    HiveWork hive = setUp.hives().get(next);
    for (ToolSimulation toolSimulation : irons) {
      int loads = toolSimulation.of.loads(hive);
      int caps = capsFor(toolSimulation, loads);
      if (toolSimulation.stage == Stage.READY
          && toolSimulation.hive < 0
          && capsFilled >= caps
          && toolSimulation.packSimulation.lasts(loads, now)) {
        nextToBurn++;
        nextToReady = Math.max(nextToReady, nextToBurn);
        toolSimulation.hive = next;
        toolSimulation.loadsLeft = loads;
        tool[next] = toolSimulation.number;
        shut[next] = now;
        clothsOut += cloths(next);
        mostShut = Math.max(mostShut, clothsOut);
        capsFilled -= caps;
        capsEmpty += caps;
        load(hand, toolSimulation);
        return true;
      }
    }
    return false;
  }

  private void load(Hand hand, ToolSimulation toolSimulation) {
    HiveWork hive = setUp.hives().get(toolSimulation.hive);
    int burn = toolSimulation.of.burn(hive);
    int burns = toolSimulation.of.isPan() ? 1 : toolSimulation.loadsLeft;
    int before = toolSimulation.packSimulation.use(burns, now) + times.walkAndShut();
    toolSimulation.loadsLeft -= burns;
    toolSimulation.stage = Stage.IN_HANDS;
    if (toolSimulation.of.isPan()) {
      busy(
          hand,
          before + times.loadCold(),
          Doing.START,
          toolSimulation.hive,
          () -> runs(toolSimulation, burn, Doing.BURN, Stage.BURNING, Stage.BURNT));
      return;
    }
    int unfilled = setUp.caps() == null ? 0 : Math.max(0, burns - setUp.caps());
    int burning =
        burns * burn + (burns - 1) * toolSimulation.of.reloadSeconds() + unfilled * times.fillCap();
    busy(
        hand,
        before,
        Doing.START,
        toolSimulation.hive,
        () -> {
          runs(toolSimulation, burning, Doing.BURN, Stage.BURNING, Stage.BURNT);
          if (times.staysWithBowl()) {
            stay(hand, toolSimulation, burning);
          }
        });
  }

  /** The one who burns waits beside the bowl and takes it out the moment it is done. */
  private void stay(Hand hand, ToolSimulation toolSimulation, int burning) {
    busy(
        hand,
        burning,
        Doing.BURN,
        toolSimulation.hive,
        () -> {
          toolSimulation.stage = Stage.IN_HANDS;
          busy(
              hand,
              times.withdraw(),
              Doing.TAKE_OUT,
              toolSimulation.hive,
              () -> takenOut(toolSimulation));
        });
  }

  private boolean makeReady(Hand hand) {
    while (nextToReady < setUp.hives().size()
        && setUp.hives().get(nextToReady).prepSeconds() == 0) {
      nextToReady++;
    }
    if (nextToReady == setUp.hives().size()) {
      return false;
    }
    int hive = nextToReady++;
    return busy(
        hand,
        setUp.hives().get(hive).prepSeconds(),
        Doing.MAKE_READY,
        hive,
        () -> ready[hive] = true);
  }

  private boolean fill(Hand hand) {
    if (capsEmpty == 0 || nextToBurn == setUp.hives().size()) {
      return false;
    }
    capsEmpty--;
    return busy(hand, times.fillCap(), Doing.FILL, null, () -> capsFilled++);
  }

  private boolean isReady(int hive) {
    return ready[hive] || setUp.hives().get(hive).prepSeconds() == 0;
  }

  private int cloths(int hive) {
    return setUp.hives().get(hive).cloth() ? 1 : 0;
  }

  private int capsFor(ToolSimulation toolSimulation, int loads) {
    return setUp.caps() == null || toolSimulation.of.isPan() ? 0 : Math.min(setUp.caps(), loads);
  }

  /** A tool works by itself for a while. */
  private void runs(
      ToolSimulation toolSimulation, int seconds, Doing doing, Stage meanwhile, Stage then) {
    toolSimulation.stage = meanwhile;
    stretch(toolSimulation, now + seconds, doing, toolSimulation.hive);
    at(
        now + seconds,
        () -> {
          if (toolSimulation.stage == meanwhile) {
            toolSimulation.stage = then;
          }
        });
  }

  private boolean busy(Hand hand, int seconds, Doing doing, @Nullable Integer hive, Runnable then) {
    hand.busy = true;
    if (seconds > 0) {
      hand.stretches.add(new Stretch(now, now + seconds, doing, hive));
    }
    at(
        now + seconds,
        () -> {
          hand.busy = false;
          then.run();
        });
    return true;
  }

  private void stretch(ToolSimulation toolSimulation, int to, Doing doing, @Nullable Integer hive) {
    if (to > now) {
      toolSimulation.stretches.add(new Stretch(now, to, doing, hive));
    }
  }

  private void at(int second, Runnable then) {
    events.add(new Event(second, numbered++, then));
  }

  private Pace told() {
    List<HiveLine> lines = new ArrayList<>();
    int longest = 0;
    for (int hive = 0; hive < nextToBurn; hive++) {
      HiveWork work = setUp.hives().get(hive);
      longest = Math.max(longest, work.cloth() ? opened[hive] - shut[hive] : 0);
      lines.add(
          new HiveLine(
              work.hiveId(),
              work.name(),
              shut[hive],
              out[hive],
              work.cloth() ? out[hive] + times.seal() : out[hive],
              opened[hive],
              tool[hive]));
    }
    int begun = times.setUp();
    int end = Math.max(lastOpened, begun);
    return new Pace(
        end + times.clearAway(),
        setUp.hives().size() - nextToBurn,
        mostShut,
        overdue,
        worstOverdue,
        longest,
        List.copyOf(lines),
        irons.stream()
            .map(
                toolSimulation ->
                    new ToolLine(
                        toolSimulation.of.name(),
                        List.copyOf(toolSimulation.stretches),
                        share(toolSimulation.stretches, begun, end),
                        toolSimulation.packSimulation.charges()))
            .toList(),
        hands.stream()
            .map(
                hand ->
                    new PersonLine(
                        hand.burns, List.copyOf(hand.stretches), share(hand.stretches, begun, end)))
            .toList());
  }

  private static double share(List<Stretch> stretches, int from, int to) {
    int sum = 0;
    for (Stretch stretch : stretches) {
      sum += stretch.doing() == Doing.PREHEAT ? 0 : stretch.to() - stretch.from();
    }
    return to > from ? (double) sum / (to - from) : 0;
  }
}
