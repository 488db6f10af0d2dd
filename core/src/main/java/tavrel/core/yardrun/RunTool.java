package tavrel.core.yardrun;

import tavrel.core.burn.ToolFamily;

/**
 * What a run must know of its tool.
 *
 * @param family decides the order of steps
 * @param coolSeconds how long a pan stays in the hive after it was disconnected, seconds
 * @param reloadSeconds how long a pan cools outside before it may be loaded again, seconds
 */
public record RunTool(ToolFamily family, int coolSeconds, int reloadSeconds) {

  /** A heated bowl, which needs neither. */
  public static final RunTool BOWL = new RunTool(ToolFamily.HEATED_BOWL, 0, 0);
}
