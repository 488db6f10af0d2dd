package tavrel.server.note;

/** What a note can be about. */
public enum About {
  HIVE,
  YARD,
  RUN,
  TOOL,
  LOT
}
