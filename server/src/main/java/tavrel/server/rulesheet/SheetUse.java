package tavrel.server.rulesheet;

import java.util.Map;
import java.util.UUID;

/** What was planned by rule sheets; told by whoever plans by them. */
public interface SheetUse {

  /** Rounds planned by each sheet; one that no round was planned by is missing. */
  Map<UUID, Integer> roundsBySheet();
}
