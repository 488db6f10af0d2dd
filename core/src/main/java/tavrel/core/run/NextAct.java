package tavrel.core.run;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.burn.ToolFamily;
import tavrel.core.dose.Loads;

/**
 * One step on the way that lies ahead of a hive.
 *
 * @param act what to do
 * @param load which load it concerns, or null
 * @param events what it puts into the log
 * @param leadsTo the stage afterwards
 * @param clockSeconds how long that stage should last by the tool's figures, seconds, or null
 */
public record NextAct(
    Act act,
    @Nullable Integer load,
    List<EventKind> events,
    Stage leadsTo,
    @Nullable Integer clockSeconds) {

  /**
   * All steps still ahead of a hive, in order, so that a phone without network can go on by itself.
   */
  public static List<NextAct> ahead(HiveState state, PlannedHive hive, RunPlan plan, Part part) {
    RunTool tool = plan.tool(state.tool() == null ? part.tool() : state.tool());
    Way way =
        tool.family() == ToolFamily.PAN_WAND ? new PanWay(hive, tool) : new BowlWay(hive, tool);
    int ended = state.loadsEnded().isEmpty() ? 0 : state.loadsEnded().last();
    switch (state.stageIn(hive, plan)) {
      case OPEN, SKIPPED -> {
        return List.of();
      }
      case SEALED, STOPPED -> {}
      case WAITING -> {
        if (part.tool() == null && !hive.leftOpen()) {
          way.add(Act.SHUT, null);
        }
        way.burnFrom(1);
      }
      case PREPARED -> way.burnFrom(1);
      case LOADED -> way.loaded(ended + 1);
      case BURNING -> way.burning(state.burning() == null ? hive.loads() : state.burning());
      case BURNT -> way.burnt(ended == 0 ? hive.loads() : ended);
      case RELOADING -> way.burnFrom(ended + 1);
    }
    if (!hive.leftOpen()) {
      way.add(Act.OPEN, null);
    }
    return List.copyOf(way.ahead);
  }

  /**
   * How long a stage should last, seconds; null where it has no clock.
   *
   * @param ended the load that has ended last, or 0
   */
  static @Nullable Integer clockIn(Stage stage, PlannedHive hive, RunTool tool, int ended) {
    return switch (stage) {
      case BURNING -> tool.burnIn(hive);
      case BURNT -> {
        boolean loosened = ended == 1 && hive.firstAcid() != null && hive.loads() > 1;
        if (loosened && tool.family() == ToolFamily.HEATED_BOWL) {
          yield Loads.LOOSENING_WAIT;
        }
        yield tool.coolSeconds() > 0 ? tool.coolSeconds() : null;
      }
      case RELOADING -> tool.reloadSeconds() > 0 ? tool.reloadSeconds() : null;
      default -> null;
    };
  }

  /** The order of steps of one family of tools. */
  private abstract static class Way {

    final PlannedHive hive;
    final List<NextAct> ahead = new ArrayList<>();
    private final RunTool tool;

    Way(PlannedHive hive, RunTool tool) {
      this.hive = hive;
      this.tool = tool;
    }

    /** All loads from this one on. */
    abstract void burnFrom(int load);

    /** The pan holds this load already. */
    abstract void loaded(int load);

    /** This load burns now. */
    abstract void burning(int load);

    /** This load is gone and the tool is in. */
    abstract void burnt(int load);

    boolean isLast(int load) {
      return load >= hive.loads();
    }

    void add(Act act, @Nullable Integer load) {
      int ended = act.leadsTo() == Stage.BURNT && load != null ? load : 0;
      boolean done = hive.leftOpen() && act.leadsTo() == Stage.SEALED;
      Stage leadsTo = done ? Stage.OPEN : act.leadsTo();
      ahead.add(new NextAct(act, load, act.events(), leadsTo, clockIn(leadsTo, hive, tool, ended)));
    }
  }

  /** Release, burn, and the tool out with the last load; it stays in between loads. */
  private static final class BowlWay extends Way {

    BowlWay(PlannedHive hive, RunTool tool) {
      super(hive, tool);
    }

    @Override
    void burnFrom(int load) {
      for (int next = load; next <= hive.loads(); next++) {
        loaded(next);
      }
    }

    @Override
    void loaded(int load) {
      add(Act.START_BURN, load);
      add(isLast(load) ? Act.END_BURN : Act.END_LOAD, load);
    }

    @Override
    void burning(int load) {
      add(isLast(load) ? Act.END_BURN : Act.END_LOAD, load);
      burnFrom(load + 1);
    }

    @Override
    void burnt(int load) {
      if (isLast(load)) {
        add(Act.TAKE_OUT, null);
      }
      burnFrom(load + 1);
    }
  }

  /** Load cold, connect, disconnect, cool in the hive, out and shut again: for every load. */
  private static final class PanWay extends Way {

    PanWay(PlannedHive hive, RunTool tool) {
      super(hive, tool);
    }

    @Override
    void burnFrom(int load) {
      if (load <= hive.loads()) {
        add(Act.LOAD_COLD, load);
        loaded(load);
      }
    }

    @Override
    void loaded(int load) {
      add(Act.CONNECT, load);
      burning(load);
    }

    @Override
    void burning(int load) {
      add(Act.DISCONNECT, load);
      burnt(load);
    }

    @Override
    void burnt(int load) {
      add(isLast(load) ? Act.OUT_AND_SHUT : Act.OUT_TO_RELOAD, null);
      burnFrom(load + 1);
    }
  }
}
