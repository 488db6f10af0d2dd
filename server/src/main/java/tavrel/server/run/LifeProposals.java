package tavrel.server.run;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.life.HiveLife;
import tavrel.core.life.LifeEvent;
import tavrel.core.run.UsualReason;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.HiveStays;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;

/**
 * What a crew said at the row of hives that it left out: dead, gone, queenless, united. Each
 * proposes an entry in the life of its hive; the keeper decides.
 */
@Service
class LifeProposals {

  /** What was said longer ago is no longer asked about. */
  private static final Duration ASKED = Duration.ofDays(60);

  private static final List<String> OF_LIFE =
      Arrays.stream(UsualReason.values())
          .filter(UsualReason::speaksOfLife)
          .map(Enum::name)
          .toList();

  /**
   * A proposal.
   *
   * @param eventId what was logged at the row
   * @param roundId in which round
   * @param hiveId the hive
   * @param hive its name
   * @param apiaryId where it stands
   * @param apiary the apiary's name
   * @param day on which it was said
   * @param reason what was said
   * @param by who said it
   */
  record Proposal(
      UUID eventId,
      UUID roundId,
      UUID hiveId,
      String hive,
      UUID apiaryId,
      String apiary,
      LocalDate day,
      UsualReason reason,
      String by) {}

  private final RoundMapper mapper;
  private final HiveStays stays;
  private final Apiaries apiaries;
  private final Clock clock;

  LifeProposals(RoundMapper mapper, HiveStays stays, Apiaries apiaries, Clock clock) {
    this.mapper = mapper;
    this.stays = stays;
    this.apiaries = apiaries;
    this.clock = clock;
  }

  /** Proposals that nobody has decided on, by apiary and name. */
  List<Proposal> open() {
    List<RoundMapper.SaidAtRow> said = mapper.saidAtRow(OF_LIFE, clock.instant().minus(ASKED));
    if (said.isEmpty()) {
      return List.of();
    }
    Map<UUID, HiveLife> lives =
        stays.of(said.stream().map(RoundMapper.SaidAtRow::hiveId).distinct().toList());
    Map<UUID, Apiary> places =
        apiaries.all().stream().collect(Collectors.toMap(Apiary::id, Function.identity()));
    return said.stream()
        .map(each -> proposal(each, lives, places))
        .filter(each -> !decided(each, Objects.requireNonNull(lives.get(each.hiveId()))))
        .toList();
  }

  private static Proposal proposal(
      RoundMapper.SaidAtRow said, Map<UUID, HiveLife> lives, Map<UUID, Apiary> places) {
    HiveLife life = Objects.requireNonNull(lives.get(said.hiveId()));
    Apiary apiary = Objects.requireNonNull(places.get(life.last().apiaryId()));
    return new Proposal(
        said.eventId(),
        said.roundId(),
        said.hiveId(),
        life.last().name(),
        apiary.id(),
        apiary.name(),
        LocalDate.ofInstant(said.at(), apiary.zoneId()),
        UsualReason.valueOf(said.reason()),
        said.doneBy());
  }

  /** A hive that ended, or of whose queen something was written since, needs no more asking. */
  private static boolean decided(Proposal proposal, HiveLife life) {
    return life.end() != null
        || (proposal.reason() == UsualReason.HIVE_QUEENLESS
            && life.entries().stream()
                .anyMatch(
                    entry ->
                        entry.what() instanceof LifeEvent.QueenChanged
                            && !entry.day().isBefore(proposal.day())));
  }

  /**
   * Says that it is not so. The same again changes nothing.
   *
   * @throws Problem 404 if nothing of the kind was logged
   */
  @Transactional
  public void turnDown(UUID eventId, Account who) {
    if (mapper.isLogged(eventId) == 0) {
      throw Problem.missing(Missing.EVENT);
    }
    Instant now = clock.instant();
    mapper.turnDown(eventId, who.id(), now);
  }
}
