package tavrel.server.http;

import tavrel.core.Worded;

/** What may not be there. */
public enum Missing implements Worded {
  APIARY,
  BACKUP,
  CALENDAR,
  CERTIFICATE,
  COUNT,
  CREW,
  CREW_DAY,
  ENTRY,
  EVENT,
  HIVE,
  KIT_LINE,
  LINE,
  LOT,
  PAGE,
  PERSON,
  PICTURE,
  ROUND,
  RULE_SHEET,
  SERIES,
  TEST_BURN,
  TOOL,
  TOOL_OF_RUN,
  WATCHED_TOOL,
  WEIGHING
}
