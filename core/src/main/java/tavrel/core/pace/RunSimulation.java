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
  private final Agenda agenda = new Agenda();
  private final PriorityQueue<Sealed> sealed = new PriorityQueue<>();
  private final List<HandSimulation> hands = new ArrayList<>();
  private final List<ToolSimulation> allTools = new ArrayList<>();
  private final boolean[] ready;
  private final int[] shut;
  private final int[] out;
  private final int[] opened;
  private final int[] toolOf;
  private int now;
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
    toolOf = new int[count];
    capsFilled = setUp.caps() == null ? Integer.MAX_VALUE : setUp.caps();
    for (int person = 0; person < setUp.crew().size(); person++) {
      hands.add(new HandSimulation(person < setUp.crew().burners()));
    }
    for (int number = 0; number < setUp.tools().size(); number++) {
      allTools.add(
          new ToolSimulation(
              number, setUp.tools().get(number), second -> agenda.at(second, () -> {})));
    }
  }

  /** Plays it; null where it was given up. */
  @Nullable Pace play() {
    now = times.setUp();
    for (HandSimulation hand : hands) {
      agenda.at(now, () -> hand.busy = false);
    }
    for (ToolSimulation tool : allTools) {
      int hot = now + tool.of.preheatSeconds();
      stretch(tool, hot, Doing.PREHEAT, null);
      agenda.at(hot, () -> tool.stage = Stage.READY);
    }
    while (!agenda.isEmpty() && openedCount < setUp.hives().size()) {
      now = agenda.next();
      if (now > giveUpAt) {
        return null;
      }
      agenda.happen(now);
      while (hands.stream().anyMatch(hand -> !hand.busy && act(hand))) {
        // everyone who is free has looked once more
      }
    }
    return told();
  }

  /** Gives a free hand the most pressing thing to do; false where there is none. */
  private boolean act(HandSimulation hand) {
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

  private boolean open(HandSimulation hand, Sealed due) {
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
  private boolean tend(HandSimulation hand) {
    for (ToolSimulation tool : allTools) {
      if (tool.stage == Stage.BURNT && tool.of.isPan()) {
        tool.stage = Stage.IN_HANDS;
        return busy(
            hand,
            times.disconnect(),
            Doing.DISCONNECT,
            tool.hive,
            () -> runs(tool, tool.of.coolSeconds(), Doing.COOL, Stage.COOLING, Stage.COOLED));
      }
      if (tool.stage == Stage.BURNT || tool.stage == Stage.COOLED) {
        tool.stage = Stage.IN_HANDS;
        return busy(hand, times.withdraw(), Doing.TAKE_OUT, tool.hive, () -> takenOut(tool));
      }
    }
    return false;
  }

  private void takenOut(ToolSimulation tool) {
    tool.packSimulation.rest(now);
    boolean done = tool.loadsLeft == 0;
    if (done) {
      seal(tool);
    }
    if (tool.of.isPan() && tool.of.reloadSeconds() > 0) {
      tool.stage = Stage.RESTING;
      agenda.at(now + tool.of.reloadSeconds(), () -> tool.stage = Stage.READY);
    } else {
      tool.stage = Stage.READY;
    }
  }

  private void seal(ToolSimulation tool) {
    out[tool.hive] = now;
    if (!setUp.hives().get(tool.hive).cloth()) {
      opened[tool.hive] = now;
      lastOpened = now;
      openedCount++;
      tool.hive = -1;
      return;
    }
    sealed.add(new Sealed(now + times.seal(), tool.hive));
    agenda.at(now + times.seal(), () -> {});
    tool.hive = -1;
  }

  /** The next load of a hive that a pan belongs to, else the next hive. */
  private boolean start(HandSimulation hand) {
    for (ToolSimulation tool : allTools) {
      if (tool.stage == Stage.READY && tool.hive >= 0) {
        load(hand, tool);
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
    for (ToolSimulation tool : allTools) {
      int loads = tool.of.loads(hive);
      int caps = capsFor(tool, loads);
      if (tool.stage == Stage.READY
          && tool.hive < 0
          && capsFilled >= caps
          && tool.packSimulation.lasts(loads, now)) {
        nextToBurn++;
        nextToReady = Math.max(nextToReady, nextToBurn);
        tool.hive = next;
        tool.loadsLeft = loads;
        toolOf[next] = tool.number;
        shut[next] = now;
        clothsOut += cloths(next);
        mostShut = Math.max(mostShut, clothsOut);
        capsFilled -= caps;
        capsEmpty += caps;
        load(hand, tool);
        return true;
      }
    }
    return false;
  }

  private void load(HandSimulation hand, ToolSimulation tool) {
    HiveWork hive = setUp.hives().get(tool.hive);
    int burn = tool.of.burn(hive);
    int burns = tool.of.isPan() ? 1 : tool.loadsLeft;
    int before = tool.packSimulation.use(burns, now) + times.walkAndShut();
    tool.loadsLeft -= burns;
    tool.stage = Stage.IN_HANDS;
    if (tool.of.isPan()) {
      busy(
          hand,
          before + times.loadCold(),
          Doing.START,
          tool.hive,
          () -> runs(tool, burn, Doing.BURN, Stage.BURNING, Stage.BURNT));
      return;
    }
    int unfilled = setUp.caps() == null ? 0 : Math.max(0, burns - setUp.caps());
    int burning = burns * burn + (burns - 1) * tool.of.reloadSeconds() + unfilled * times.fillCap();
    busy(
        hand,
        before,
        Doing.START,
        tool.hive,
        () -> {
          runs(tool, burning, Doing.BURN, Stage.BURNING, Stage.BURNT);
          if (times.staysWithBowl()) {
            stay(hand, tool, burning);
          }
        });
  }

  /** The one who burns waits beside the bowl and takes it out the moment it is done. */
  private void stay(HandSimulation hand, ToolSimulation tool, int burning) {
    busy(
        hand,
        burning,
        Doing.BURN,
        tool.hive,
        () -> {
          tool.stage = Stage.IN_HANDS;
          busy(hand, times.withdraw(), Doing.TAKE_OUT, tool.hive, () -> takenOut(tool));
        });
  }

  private boolean makeReady(HandSimulation hand) {
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

  private boolean fill(HandSimulation hand) {
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

  private int capsFor(ToolSimulation tool, int loads) {
    return setUp.caps() == null || tool.of.isPan() ? 0 : Math.min(setUp.caps(), loads);
  }

  /** A tool works by itself for a while. */
  private void runs(ToolSimulation tool, int seconds, Doing doing, Stage meanwhile, Stage then) {
    tool.stage = meanwhile;
    stretch(tool, now + seconds, doing, tool.hive);
    agenda.at(
        now + seconds,
        () -> {
          if (tool.stage == meanwhile) {
            tool.stage = then;
          }
        });
  }

  private boolean busy(
      HandSimulation hand, int seconds, Doing doing, @Nullable Integer hive, Runnable then) {
    hand.busy = true;
    if (seconds > 0) {
      hand.stretches.add(new Stretch(now, now + seconds, doing, hive));
    }
    agenda.at(
        now + seconds,
        () -> {
          hand.busy = false;
          then.run();
        });
    return true;
  }

  private void stretch(ToolSimulation tool, int to, Doing doing, @Nullable Integer hive) {
    if (to > now) {
      tool.stretches.add(new Stretch(now, to, doing, hive));
    }
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
              toolOf[hive]));
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
        allTools.stream()
            .map(
                tool ->
                    new ToolLine(
                        tool.of.name(),
                        List.copyOf(tool.stretches),
                        share(tool.stretches, begun, end),
                        tool.packSimulation.charges()))
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
