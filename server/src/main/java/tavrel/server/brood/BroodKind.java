package tavrel.server.brood;

import tavrel.core.Worded;

/** Kinds of brood event, as they are kept and sent. */
public enum BroodKind implements Worded {
  SWARM_HIVED,
  PACKAGE_HIVED,
  QUEEN_CAGED,
  QUEEN_RELEASED,
  SPLIT,
  OLD_QUEEN_MOVED,
  BROOD_REMOVED,
  SWARM_LEFT,
  BROOD_GIVEN,
  LAYING_STOPPED,
  LAYING_STARTED,
  INSPECTION
}
