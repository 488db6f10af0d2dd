package tavrel.server.hive;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import tavrel.server.people.Account;

/** Who knows which hives have rounds to come in a series, and lets those go where the hives go. */
public interface HivesInSeries {

  /** Names of series with rounds to come that hold one of some hives. */
  List<String> withRoundsToCome(Collection<UUID> hiveIds);

  /**
   * Lets the rounds to come of some hives go on in another apiary, as series there.
   *
   * @param actId the move; what it made ends with it when it is taken back
   */
  void goAlong(UUID actId, Collection<UUID> hiveIds, UUID apiaryId, Account who);

  /** Ends what went along with a move that is taken back. */
  void comeBack(UUID actId);
}
