package tavrel.core.burn;

/** What heats a tool. */
public enum PowerSource {
  CAR_BATTERY,
  MAINS,
  TOOL_PACK
}
