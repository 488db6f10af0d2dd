package tavrel.core.burn;

/** How a tool shows that a load is gone. */
public enum EndSign {
  NONE,
  DISPLAY,
  LAMP,
  BEEP
}
