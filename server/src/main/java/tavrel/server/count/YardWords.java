package tavrel.server.count;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.count.Infestation;
import tavrel.core.count.YardReading;
import tavrel.core.count.YardWord;
import tavrel.core.hive.Hive;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.hive.Hives;
import tavrel.server.people.Account;
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

/** Yards whose sample stands for the hives that were not sampled, on the keeper's word. */
@Service
public class YardWords {

  /**
   * A word that stands.
   *
   * @param id key
   * @param day of the latest count that it is made of
   * @param hives that were sampled
   * @param others hives for which it stands
   * @param share mean of the sampled hives' shares, a fraction
   * @param low lower end of its 95 % interval
   * @param high upper end
   * @param saidBy whose word it is
   */
  public record WordForYard(
      UUID id,
      LocalDate day,
      int hives,
      int others,
      double share,
      double low,
      double high,
      String saidBy) {}

  private final YardWordMapper mapper;
  private final Counts counts;
  private final Apiaries apiaries;
  private final ApiaryYears years;
  private final Hives allHives;
  private final HiveSpreads spreads;
  private final Clock clock;
  private final KeptWhileUnchanged<String, Map<UUID, YardWordMapper.Row>> standing;

  YardWords(
      YardWordMapper mapper,
      Counts counts,
      Apiaries apiaries,
      ApiaryYears years,
      Hives allHives,
      HiveSpreads spreads,
      Changes changes,
      Clock clock) {
    standing =
        new KeptWhileUnchanged<>(
            changes,
            all ->
                mapper.standing().stream()
                    .collect(
                        Collectors.toMap(
                            YardWordMapper.Row::apiaryId,
                            Function.identity(),
                            (one, atTheSameTime) -> one)),
            "count");
    this.mapper = mapper;
    this.counts = counts;
    this.apiaries = apiaries;
    this.years = years;
    this.allHives = allHives;
    this.spreads = spreads;
    this.clock = clock;
  }

  /** The word that stands for a yard and still tells something. */
  Optional<YardWord> of(Apiary apiary) {
    return row(apiary).map(YardWordMapper.Row::word);
  }

  private Optional<YardWordMapper.Row> row(Apiary apiary) {
    return Optional.ofNullable(standing.of("").get(apiary.id()))
        .filter(each -> each.word().tellsOn(apiaries.today(apiary)));
  }

  /** The same, told, or null. */
  @Nullable WordForYard told(Apiary apiary) {
    return row(apiary)
        .map(
            each ->
                new WordForYard(
                    each.id(),
                    each.day(),
                    each.hives(),
                    borrowed(apiary).size(),
                    each.share(),
                    each.low(),
                    each.high(),
                    each.saidBy()))
        .orElse(null);
  }

  /**
   * What is known of each hive of a yard: its own latest sample; where the keeper lets the yard's
   * sample stand, that for the others.
   */
  public Map<UUID, Infestation> samples(Apiary apiary) {
    Map<UUID, Infestation> own = counts.samples(apiary);
    Map<UUID, Infestation> borrowed = borrowed(apiary);
    if (borrowed.isEmpty()) {
      return own;
    }
    Map<UUID, Infestation> all = new HashMap<>(own);
    all.putAll(borrowed);
    return all;
  }

  /** Of hives without a count of their own in the time for which a count tells. */
  Map<UUID, Infestation> borrowed(Apiary apiary) {
    YardWord word = of(apiary).orElse(null);
    if (word == null) {
      return Map.of();
    }
    Map<UUID, Infestation> own = counts.samples(apiary);
    Infestation said = word.ofOneHive();
    Map<UUID, Infestation> borrowed = new HashMap<>();
    for (Hive hive : allHives.in(apiary.id())) {
      Infestation sample = own.get(hive.id());
      boolean known = sample != null && word.isBehind(sample);
      boolean there = hive.since() == null || !hive.since().isAfter(word.day());
      if (!known && there) {
        borrowed.put(hive.id(), said);
      }
    }
    return borrowed;
  }

  /**
   * Lets this week's sample of a yard stand for all its hives. The same id again changes nothing.
   *
   * @throws InvalidValue at {@code apiaryId} if fewer than three hives were sampled this week
   */
  @Transactional
  public void say(UUID id, UUID apiaryId, Account who) {
    if (mapper.isThere(id)) {
      return;
    }
    Apiary apiary = apiaries.byId(apiaryId);
    LocalDate today = apiaries.today(apiary);
    List<Infestation> lately = YardReading.lately(counts.samples(apiary).values(), today);
    double limit = years.of(apiary).limits().on(today).share();
    YardReading reading = YardReading.of(lately, limit, spreads.now());
    if (reading == null) {
      throw new InvalidValue(
          "apiaryId",
          "tooFewForYard",
          "has {hives} hives sampled this week; three and more tell of a yard",
          lately.size());
    }
    LocalDate day = lately.stream().map(Infestation::last).max(LocalDate::compareTo).orElse(today);
    mapper.add(id, apiaryId, YardWord.of(reading, day), who.name(), who.id(), clock.instant());
  }

  /** Takes a word back; it stays on record. */
  @Transactional
  public void takeBack(UUID id, Account who) {
    mapper.strike(id, who.name(), clock.instant());
  }
}
