package tavrel.server.count;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import tavrel.core.count.Choice;
import tavrel.core.count.Danger;
import tavrel.core.count.Infestation;
import tavrel.core.count.Urgency;
import tavrel.core.count.YardWord;
import tavrel.core.hive.Hive;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.hive.Hives;
import tavrel.server.outfit.OutfitDay;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.register.TreatmentDays;

/** Hives whose latest count asks for something to be done: in danger, or above the limit. */
@Service
public class HighCounts {

  /** No limit of a season is lower. */
  private static final double LEAST = 0.001;

  private final CountMapper mapper;
  private final Counts counts;
  private final Decisions decisions;
  private final YardWords words;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final ApiaryYears apiaryYears;
  private final TreatmentDays treatmentDays;
  private final OwnParameters figures;
  private final OutfitDay day;

  HighCounts(
      CountMapper mapper,
      Counts counts,
      Decisions decisions,
      YardWords words,
      Apiaries apiaries,
      Hives allHives,
      ApiaryYears apiaryYears,
      TreatmentDays treatmentDays,
      OwnParameters figures,
      OutfitDay day) {
    this.mapper = mapper;
    this.counts = counts;
    this.decisions = decisions;
    this.words = words;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.apiaryYears = apiaryYears;
    this.treatmentDays = treatmentDays;
    this.figures = figures;
    this.day = day;
  }

  /**
   * A hive with such a count that no treatment followed.
   *
   * @param urgency how it presses
   * @param left whether somebody decided, with a reason, to leave it
   * @param byYard whether it has no count of its own, and the yard's stands for it on the keeper's
   *     word
   */
  public record High(
      Apiary apiary, Hive hive, Infestation sample, Urgency urgency, boolean left, boolean byYard) {

    /** Whether the colony is in danger. */
    public boolean inDanger() {
      return urgency == Urgency.DANGER;
    }
  }

  /** All of them, by apiary and in walking order. */
  public List<High> all() {
    Danger danger = figures.danger();
    Set<UUID> suspects = suspects();
    List<High> all = new ArrayList<>();
    for (Apiary apiary : apiaries.all()) {
      if (suspects.contains(apiary.id())) {
        all.addAll(of(apiary, danger));
      }
    }
    return all;
  }

  /** Apiaries of which a recent sample holds so many mites that a closer look pays. */
  private Set<UUID> suspects() {
    Set<UUID> suspects = new HashSet<>();
    Map<UUID, UUID> there = allHives.apiaryIds();
    for (CountMapper.SampleOf each :
        mapper.samplesSince(day.today().minusDays(Urgency.RECENT_DAYS + 1L))) {
      if (each.mites() > LEAST * each.bees()) {
        suspects.add(Objects.requireNonNull(there.get(each.hiveId())));
      }
    }
    return suspects;
  }

  private List<High> of(Apiary apiary, Danger danger) {
    LocalDate today = apiaries.today(apiary);
    double limit = apiaryYears.of(apiary).limits().on(today).share();
    Map<UUID, Infestation> samples = counts.samples(apiary);
    YardWord word = words.of(apiary).filter(each -> each.isAbove(limit)).orElse(null);
    Map<UUID, Infestation> borrowed = word == null ? Map.of() : words.borrowed(apiary);
    Map<UUID, List<LocalDate>> treated = treatmentDays.withAnything(apiary.id());
    Map<UUID, CountMapper.Decision> decided = decisions.latest(apiary.id());
    List<High> high = new ArrayList<>();
    for (Hive hive : allHives.in(apiary.id())) {
      Infestation byYard = borrowed.get(hive.id());
      Infestation sample = samples.get(hive.id());
      List<LocalDate> done = treated.getOrDefault(hive.id(), List.of());
      if (byYard != null) {
        if (done.stream().noneMatch(day -> !day.isBefore(byYard.last()))) {
          high.add(new High(apiary, hive, byYard, Urgency.ABOVE, isLeft(decided, hive), true));
        }
      } else if (sample != null) {
        Urgency.of(sample, danger, limit, done, today)
            .ifPresent(
                urgency ->
                    high.add(
                        new High(apiary, hive, sample, urgency, isLeft(decided, hive), false)));
      }
    }
    return high;
  }

  private static boolean isLeft(Map<UUID, CountMapper.Decision> decided, Hive hive) {
    CountMapper.Decision decision = decided.get(hive.id());
    return decision != null && decision.choice() == Choice.LEAVE;
  }
}
