package tavrel.server.note;

/** What a note or a picture can be about. */
public enum About {
  HIVE,
  YARD,
  RUN,
  TOOL,
  LOT
}
