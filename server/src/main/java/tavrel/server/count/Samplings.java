package tavrel.server.count;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.Fact;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodEvent;
import tavrel.core.brood.Capped;
import tavrel.core.count.HiveSpread;
import tavrel.core.count.Infestation;
import tavrel.core.count.LooksInside;
import tavrel.core.count.Sign;
import tavrel.core.count.Wash;
import tavrel.core.count.WashKind;
import tavrel.core.count.YardReading;
import tavrel.core.count.YardSampling;
import tavrel.core.due.DueDays;
import tavrel.core.hive.Hive;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiarySeason;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.brood.BroodService;
import tavrel.server.hive.Hives;
import tavrel.server.register.TreatmentDays;

/** Which hives of a yard to wash or to look into today, and what those done so far say of it. */
@Service
class Samplings {

  /** Bees of a usual sample: half a cup. */
  private static final int USUAL_BEES = 300;

  /**
   * A yard to be sampled today.
   *
   * @param washes which hives to wash
   * @param looks which hives to look into
   * @param word that the yard's sample stands for the others, or null
   * @param mayStand whether this week's sample could stand for hives that were not sampled
   */
  record Sampling(
      Washes washes, Looks looks, YardWords.@Nullable WordForYard word, boolean mayStand) {}

  /**
   * Hives to wash.
   *
   * @param drawn in the order in which they were drawn
   * @param besides those with signs or long unseen, to be washed besides
   * @param reading what those counted today say of the yard
   * @param next the next one, or null where it is settled or all are counted
   * @param boundaries where to stop, for a pad without a network and samples of 300 bees
   */
  record Washes(
      List<SampledHive> drawn,
      List<SampledHive> besides,
      YardSampling.SoFar reading,
      @Nullable UUID next,
      List<YardSampling.Boundary> boundaries) {}

  /**
   * A hive to wash.
   *
   * @param id the hive
   * @param name its name
   * @param mites counted in it today, or null
   * @param inJar whether its bees were counted today in a jar with those of others drawn
   */
  record SampledHive(UUID id, String name, @Nullable Integer mites, boolean inJar) {}

  /**
   * Hives to look into for capped brood.
   *
   * @param drawn in the order in which they were drawn, as many as are wanted if none is capped
   * @param looked how many of them were looked into today
   * @param capped how many of those had capped brood
   * @param broodless whether the yard counts as broodless
   * @param says what that says of the yard
   */
  record Looks(List<LookedInto> drawn, int looked, int capped, boolean broodless, Fact says) {}

  /**
   * A hive to look into.
   *
   * @param id the hive
   * @param name its name
   * @param capped whether capped brood was seen today, or null where nobody looked yet
   */
  record LookedInto(UUID id, String name, @Nullable Boolean capped) {}

  private final Counts counts;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final ApiaryYears apiaryYears;
  private final BroodService brood;
  private final HiveSpreads spreads;
  private final Jars jars;
  private final TreatmentDays treatmentDays;
  private final YardWords words;

  Samplings(
      Counts counts,
      Apiaries apiaries,
      Hives allHives,
      ApiaryYears apiaryYears,
      BroodService brood,
      HiveSpreads spreads,
      Jars jars,
      TreatmentDays treatmentDays,
      YardWords words) {
    this.counts = counts;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.apiaryYears = apiaryYears;
    this.brood = brood;
    this.spreads = spreads;
    this.jars = jars;
    this.treatmentDays = treatmentDays;
    this.words = words;
  }

  /** Today's plan of an apiary: the same all day long. */
  Sampling of(UUID apiaryId) {
    Apiary apiary = apiaries.byId(apiaryId);
    LocalDate today = apiaries.today(apiary);
    List<Hive> hives = allHives.in(apiaryId);
    long seed = apiaryId.getLeastSignificantBits() ^ today.toEpochDay();
    int lately = YardReading.lately(counts.samples(apiary).values(), today).size();
    return new Sampling(
        washes(apiary, today, hives, seed),
        looks(apiary, today, hives, seed),
        words.told(apiary),
        lately >= YardReading.LEAST_HIVES && lately < hives.size());
  }

  private Washes washes(Apiary apiary, LocalDate today, List<Hive> hives, long seed) {
    ApiarySeason season = apiaryYears.of(apiary);
    double limit = season.limits().on(today).share();
    HiveSpread spread = spreads.now();
    Set<UUID> signs =
        counts.signs(apiary.id(), today.minusDays(Sign.TELL_FOR_DAYS)).stream()
            .filter(each -> each.sign() != Sign.NONE_SEEN)
            .map(CountMapper.SeenSign::hiveId)
            .collect(Collectors.toSet());
    Set<UUID> besides = YardSampling.besides(hives, signs, unseen(apiary, season, today, hives));
    YardSampling plan = YardSampling.draw(hives, besides, spread, seed);
    Map<UUID, Infestation> washed = washed(hives, today, season.rollRecovery());
    List<Infestation> counted =
        plan.drawn().stream().map(hive -> washed.get(hive.id())).filter(Objects::nonNull).toList();
    List<Jars.Filled> filled = jarsOf(plan, apiary.id(), today, washed.keySet());
    Set<UUID> inJars =
        filled.stream().flatMap(each -> each.hiveIds().stream()).collect(Collectors.toSet());
    YardSampling.SoFar reading =
        plan.read(
            counted, filled.stream().map(Jars.Filled::jar).toList(), season.rollRecovery(), limit);
    UUID next =
        reading.go() == YardSampling.Go.NEXT
            ? plan.drawn().stream()
                .map(Hive::id)
                .filter(id -> !washed.containsKey(id) && !inJars.contains(id))
                .findFirst()
                .orElse(null)
            : null;
    return new Washes(
        plan.drawn().stream().map(hive -> sampled(hive, washed, inJars)).toList(),
        plan.besides().stream().map(hive -> sampled(hive, washed, Set.of())).toList(),
        reading,
        next,
        plan.boundaries(USUAL_BEES, 1, limit, today));
  }

  /**
   * Jars of today that hold bees of hives drawn alone, each hive in one of them and in no other.
   */
  private List<Jars.Filled> jarsOf(
      YardSampling plan, UUID apiaryId, LocalDate today, Set<UUID> alone) {
    Set<UUID> open = plan.drawn().stream().map(Hive::id).collect(Collectors.toSet());
    open.removeAll(alone);
    List<Jars.Filled> filled = new ArrayList<>();
    for (Jars.Filled jar : jars.on(apiaryId, today)) {
      if (open.containsAll(jar.hiveIds())) {
        filled.add(jar);
        jar.hiveIds().forEach(open::remove);
      }
    }
    return filled;
  }

  /** Hives of which nothing was counted, seen or done for long, and that stand there for long. */
  private Set<UUID> unseen(Apiary apiary, ApiarySeason season, LocalDate today, List<Hive> hives) {
    Map<UUID, Infestation> samples = counts.samples(apiary);
    Map<UUID, List<LocalDate>> treated = treatmentDays.withAnything(apiary.id());
    Map<UUID, BroodClock> clocks = brood.clocksOf(apiary);
    Set<UUID> unseen = new HashSet<>();
    for (Hive hive : hives) {
      Infestation sample = samples.get(hive.id());
      LocalDate last =
          Stream.of(
                  Stream.ofNullable(sample == null ? null : sample.last()),
                  Stream.ofNullable(hive.since()),
                  treated.getOrDefault(hive.id(), List.of()).stream(),
                  Objects.requireNonNull(clocks.get(hive.id())).events().stream()
                      .map(BroodEvent::day))
              .flatMap(Function.identity())
              .filter(day -> !day.isAfter(today))
              .max(LocalDate::compareTo)
              .orElse(null);
      if (DueDays.isUnseen(last, season.dates(), today)) {
        unseen.add(hive.id());
      }
    }
    return unseen;
  }

  private static SampledHive sampled(Hive hive, Map<UUID, Infestation> washed, Set<UUID> inJars) {
    Infestation sample = washed.get(hive.id());
    return new SampledHive(
        hive.id(), hive.name(), sample == null ? null : sample.mites(), inJars.contains(hive.id()));
  }

  /** What was washed today, by hive. */
  private Map<UUID, Infestation> washed(List<Hive> hives, LocalDate today, double rolls) {
    return counts.byHive(hives.stream().map(Hive::id).toList(), today).entrySet().stream()
        .filter(each -> each.getValue().stream().anyMatch(count -> count.wash() != null))
        .collect(
            Collectors.toMap(
                Map.Entry::getKey,
                each ->
                    each.getValue().stream()
                        .map(NewCount::wash)
                        .filter(Objects::nonNull)
                        .findFirst()
                        .map(wash -> sample(wash, rolls))
                        .orElseThrow()));
  }

  private static Infestation sample(Wash wash, double rolls) {
    double recovery = wash.kind() == WashKind.SUGAR_ROLL ? rolls : 1;
    return new Infestation(wash.mites(), wash.bees(), recovery, 1, wash.day());
  }

  private Looks looks(Apiary apiary, LocalDate today, List<Hive> hives, long seed) {
    if (hives.isEmpty()) {
      return new Looks(List.of(), 0, 0, false, Fact.of("sampling.noHives"));
    }
    Map<UUID, BroodClock> clocks = brood.clocksOf(apiary);
    List<LookedInto> drawn =
        YardSampling.shuffled(hives, seed).stream()
            .limit(LooksInside.wanted(hives.size()))
            .map(
                hive ->
                    new LookedInto(
                        hive.id(),
                        hive.name(),
                        cappedToday(Objects.requireNonNull(clocks.get(hive.id())), today)))
            .toList();
    int looked = (int) drawn.stream().filter(each -> each.capped() != null).count();
    int capped = (int) drawn.stream().filter(each -> Boolean.TRUE.equals(each.capped())).count();
    LooksInside looks = new LooksInside(hives.size(), looked, capped);
    return new Looks(drawn, looked, capped, looks.broodless(), looks.told());
  }

  private static @Nullable Boolean cappedToday(BroodClock clock, LocalDate day) {
    BroodEvent.Inspection look = clock.lastLook();
    if (look == null || !look.day().equals(day)) {
      return null;
    }
    return look.capped() != Capped.NONE;
  }
}
