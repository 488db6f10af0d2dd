package tavrel.server.run;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tavrel.core.run.EventKind;
import tavrel.core.run.Part;
import tavrel.core.run.UsualReason;
import tavrel.server.hive.HivesInHand;
import tavrel.server.people.Account;

/**
 * Hives in rounds that are planned or being run: those that leave are left out of them, as anybody
 * would leave them out at the row, and come back with what said so.
 */
@Component
class HivesInRuns implements HivesInHand {

  private final RoundMapper mapper;
  private final RunLog log;
  private final Clock clock;

  HivesInRuns(RoundMapper mapper, RunLog log, Clock clock) {
    this.mapper = mapper;
    this.log = log;
    this.clock = clock;
  }

  @Override
  public Set<UUID> inHand(Collection<UUID> hiveIds) {
    return mapper.inHand(hiveIds);
  }

  @Override
  public void leave(UUID actId, Collection<UUID> hiveIds, boolean moved, Account who) {
    UsualReason reason = moved ? UsualReason.HIVE_MOVED : UsualReason.HIVE_ENDED;
    inOpenRounds(hiveIds, false)
        .forEach(
            (roundId, hives) ->
                log.keep(
                    roundId,
                    hives.stream()
                        .map(
                            hive ->
                                NewEvent.at(
                                    idOf(actId, roundId, hive),
                                    hive,
                                    EventKind.SKIPPED,
                                    clock.instant(),
                                    null,
                                    reason.name()))
                        .toList(),
                    who,
                    Part.HANDS,
                    null));
  }

  @Override
  public void comeBack(UUID actId, Collection<UUID> hiveIds, Account who) {
    inOpenRounds(hiveIds, true)
        .forEach(
            (roundId, hives) -> {
              List<NewEvent> back =
                  hives.stream()
                      .filter(hive -> mapper.isLogged(idOf(actId, roundId, hive)) > 0)
                      .map(
                          hive ->
                              NewEvent.undoing(
                                  idOf(idOf(actId, roundId, hive), roundId, hive),
                                  hive,
                                  clock.instant(),
                                  idOf(actId, roundId, hive)))
                      .toList();
              if (!back.isEmpty()) {
                log.keep(roundId, back, who, Part.HANDS, null);
              }
            });
  }

  private Map<UUID, List<UUID>> inOpenRounds(Collection<UUID> hiveIds, boolean touched) {
    return mapper.inOpenRounds(hiveIds, touched).stream()
        .collect(
            Collectors.groupingBy(
                RoundMapper.InRound::roundId,
                Collectors.mapping(RoundMapper.InRound::hiveId, Collectors.toList())));
  }

  private static UUID idOf(UUID actId, UUID roundId, UUID hiveId) {
    return UUID.nameUUIDFromBytes(
        (actId + " " + roundId + " " + hiveId).getBytes(StandardCharsets.UTF_8));
  }
}
