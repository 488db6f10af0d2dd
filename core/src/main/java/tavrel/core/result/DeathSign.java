package tavrel.core.result;

/** What a dead hive showed when it was opened. */
public enum DeathSign {
  MITES,
  STARVED,
  QUEENLESS,
  DAMP,
  ROBBED,
  UNKNOWN
}
