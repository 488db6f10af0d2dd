package tavrel.server.hive;

import java.util.Collection;
import java.util.Set;
import java.util.UUID;
import tavrel.server.people.Account;

/** Who knows which hives are being worked on: they cannot leave in the middle of it. */
public interface HivesInHand {

  /** Those of some hives that stand in a run which has begun and is not over. */
  Set<UUID> inHand(Collection<UUID> hiveIds);

  /**
   * Leaves hives out of rounds that are planned or under way and have not touched them.
   *
   * @param actId what says that they leave; they come back with it
   * @param moved whether they moved; else they ended
   */
  void leave(UUID actId, Collection<UUID> hiveIds, boolean moved, Account who);

  /** Puts hives back where an act that is taken back had them left out. */
  void comeBack(UUID actId, Collection<UUID> hiveIds, Account who);
}
