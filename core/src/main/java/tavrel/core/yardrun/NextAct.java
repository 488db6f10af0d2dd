package tavrel.core.yardrun;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One step on the way that lies ahead of a hive.
 *
 * @param act what to do
 * @param load which load it concerns, or null
 * @param events what it puts into the log
 * @param leadsTo the stage afterwards
 */
public record NextAct(Act act, @Nullable Integer load, List<EventKind> events, Stage leadsTo) {

  private NextAct(Act act, @Nullable Integer load) {
    this(act, load, act.events(), act.leadsTo());
  }

  /**
   * All steps still ahead of a hive, in order, so that a phone without network can go on by itself.
   *
   * @param loads loads planned
   */
  public static List<NextAct> ahead(HiveState state, int loads) {
    List<NextAct> ahead = new ArrayList<>();
    switch (state.stage()) {
      case OPEN, SKIPPED -> {
        return List.of();
      }
      case SEALED, STOPPED -> {}
      case WAITING, PREPARED -> burns(ahead, 1, loads);
      case BURNING -> {
        int now = state.burning() == null ? loads : state.burning();
        ahead.add(end(now, loads));
        burns(ahead, now + 1, loads);
      }
      case BURNT -> {
        int done = state.loadsEnded().isEmpty() ? loads : state.loadsEnded().last();
        if (done >= loads) {
          ahead.add(new NextAct(Act.TAKE_OUT, null));
        }
        burns(ahead, done + 1, loads);
      }
    }
    ahead.add(new NextAct(Act.OPEN, null));
    return List.copyOf(ahead);
  }

  private static void burns(List<NextAct> ahead, int from, int loads) {
    for (int load = from; load <= loads; load++) {
      ahead.add(new NextAct(Act.START_BURN, load));
      ahead.add(end(load, loads));
    }
  }

  private static NextAct end(int load, int loads) {
    return new NextAct(load >= loads ? Act.END_BURN : Act.END_LOAD, load);
  }
}
