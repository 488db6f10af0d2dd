package tavrel.server.count;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.count.Choice;
import tavrel.core.count.LeftOut;
import tavrel.core.hive.Hive;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.Hives;
import tavrel.server.people.Account;

/** What a keeper decides of a hive from its counts: to treat it, to leave it, to wait. */
@Service
class Decisions {

  /**
   * A decision to keep.
   *
   * @param id made on the device
   * @param choice what
   * @param reason why; needed to leave a hive untreated
   */
  record NewDecision(UUID id, Choice choice, @Nullable String reason) {

    NewDecision {
      reason = reason == null || reason.isBlank() ? null : InvalidValue.text("reason", reason, 500);
      if (choice == Choice.LEAVE && reason == null) {
        throw new InvalidValue(
            "reason", "missingSayWhyThis", "is missing; say why this hive is left untreated");
      }
    }
  }

  /**
   * What was decided, with what to think of.
   *
   * @param choice treat it or leave it
   * @param says a word on the neighbours, or null
   */
  record Decided(Choice choice, @Nullable Fact says) {}

  private final CountMapper mapper;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final Clock clock;

  Decisions(CountMapper mapper, Apiaries apiaries, Hives allHives, Clock clock) {
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.clock = clock;
  }

  /** The latest decision of each hive that has one. */
  Map<UUID, CountMapper.Decision> latest(UUID apiaryId) {
    List<UUID> hiveIds = allHives.idsIn(apiaryId);
    if (hiveIds.isEmpty()) {
      return Map.of();
    }
    return mapper.decisions(hiveIds).stream()
        .collect(
            Collectors.toMap(
                CountMapper.Decision::hiveId, Function.identity(), (first, second) -> second));
  }

  /** Keeps a decision. */
  @Transactional
  Decided decide(UUID hiveId, NewDecision decision, Account who) {
    Apiary apiary = allHives.apiaryOf(hiveId);
    mapper.decide(
        decision.id(),
        hiveId,
        decision.choice(),
        decision.reason(),
        apiaries.today(apiary),
        who.name(),
        who.id(),
        clock.instant());
    if (decision.choice() != Choice.LEAVE) {
      return new Decided(decision.choice(), null);
    }
    List<Hive> row = allHives.in(apiary.id());
    Fact says =
        row.stream()
            .filter(hive -> hive.id().equals(hiveId))
            .findFirst()
            .map(hive -> LeftOut.of(row, hive))
            .orElse(null);
    return new Decided(decision.choice(), says);
  }
}
