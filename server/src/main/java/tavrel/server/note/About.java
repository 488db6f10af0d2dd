package tavrel.server.note;

/** What a note can be about. */
enum About {
  HIVE,
  YARD,
  RUN,
  TOOL,
  LOT
}
