package tavrel.server.winter;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Hive;
import tavrel.core.result.DeathSign;
import tavrel.core.result.WinterOutcome;
import tavrel.core.result.Wintering;
import tavrel.core.weather.Place;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.Hives;
import tavrel.server.people.Account;

/** How hives came through winters. */
@Service
public class WinterOutcomes {

  private final WinterOutcomeMapper mapper;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final Clock clock;

  WinterOutcomes(WinterOutcomeMapper mapper, Apiaries apiaries, Hives allHives, Clock clock) {
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.clock = clock;
  }

  /**
   * The winters of an apiary to choose from.
   *
   * @param now the one that is looked at today
   * @param all the latest first
   */
  record Winters(int now, List<NamedWinter> all) {}

  /**
   * A winter.
   *
   * @param winter year of its spring
   * @param name its years
   */
  record NamedWinter(int winter, Fact name) {}

  /** So many winters are to choose from. */
  private static final int WINTERS = 6;

  /**
   * An outcome to keep.
   *
   * @param id made on the device
   * @param hiveId the hive
   * @param outcome how it came through
   * @param sign what it showed, where it died
   * @param note anything else
   */
  public record NewOutcome(
      UUID id,
      UUID hiveId,
      WinterOutcome outcome,
      @Nullable DeathSign sign,
      @Nullable String note) {

    /**
     * @throws InvalidValue if a sign of death is given for a hive that lives, or the note is long
     */
    public NewOutcome {
      if (sign != null && outcome != WinterOutcome.DEAD) {
        throw new InvalidValue(
            "sign",
            "deadHiveThisOne",
            "is of a dead hive; this one is {words}",
            Fact.of("winter.outcome").word("outcome", outcome));
      }
      note = note == null || note.isBlank() ? null : InvalidValue.text("note", note, 300);
    }
  }

  /**
   * How a hive came through a winter.
   *
   * @param hiveId the hive
   * @param hive its name
   * @param outcome how it came through, or null where nobody has said
   * @param sign what a dead one showed, or null
   * @param note in words, or null
   */
  record Outcome(
      UUID hiveId,
      String hive,
      @Nullable WinterOutcome outcome,
      @Nullable DeathSign sign,
      @Nullable String note) {}

  /** The winters of an apiary. */
  Winters winters(UUID apiaryId) {
    Apiary apiary = apiaries.byId(apiaryId);
    LocalDate today = apiaries.today(apiary);
    Wintering side = Wintering.of(Place.isSouth(apiary.latitude()));
    int latest = side.beginningIn(today.getYear());
    return new Winters(
        side.on(today),
        IntStream.range(0, WINTERS)
            .mapToObj(back -> new NamedWinter(latest - back, side.told(latest - back)))
            .toList());
  }

  /** An apiary's hives and how they came through. */
  List<Outcome> of(UUID apiaryId, int winter) {
    apiaries.byId(apiaryId);
    List<Hive> hives = allHives.in(apiaryId);
    if (hives.isEmpty()) {
      return List.of();
    }
    Map<UUID, WinterOutcomeMapper.Said> said = new HashMap<>();
    mapper
        .said(hives.stream().map(Hive::id).toList(), winter)
        .forEach(each -> said.put(each.hiveId(), each));
    return hives.stream().map(hive -> outcome(hive, said.get(hive.id()))).toList();
  }

  private static Outcome outcome(Hive hive, WinterOutcomeMapper.@Nullable Said said) {
    return new Outcome(
        hive.id(),
        hive.name(),
        said == null ? null : said.outcome(),
        said == null ? null : said.sign(),
        said == null ? null : said.note());
  }

  /** Keeps outcomes, all or none; the same id twice is the same. */
  @Transactional
  public void keep(int winter, List<NewOutcome> outcomes, Account who) {
    if (outcomes.isEmpty() || outcomes.size() > 1_000) {
      throw new InvalidValue("outcomes", "nameHives", "name 1 to 1,000 hives");
    }
    for (NewOutcome each : outcomes) {
      Apiary apiary = allHives.apiaryOf(each.hiveId());
      LocalDate today = apiaries.today(apiary);
      if (winter > Wintering.of(Place.isSouth(apiary.latitude())).beginningIn(today.getYear())) {
        throw new InvalidValue("winter", "hasNotComeYet3", "has not come yet");
      }
      mapper.add(
          each.id(),
          each.hiveId(),
          winter,
          today,
          each.outcome(),
          each.sign(),
          each.note(),
          who.name(),
          who.id(),
          clock.instant());
    }
  }
}
