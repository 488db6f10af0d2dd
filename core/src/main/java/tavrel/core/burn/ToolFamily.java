package tavrel.core.burn;

import tavrel.core.Worded;

/** The two families of tools, each with its own order of steps. */
public enum ToolFamily implements Worded {
  /** Loaded cold, slid in through the entrance, heated in the hive, left in to cool. */
  PAN_WAND,
  /** Heated first; the acid is let onto the hot bowl once the nozzle is in. */
  HEATED_BOWL
}
