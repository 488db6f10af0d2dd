package tavrel.server.reporting.year;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.Fact;
import tavrel.core.count.Interval;
import tavrel.core.count.YardReading;
import tavrel.core.result.Efficacy;
import tavrel.core.result.Given;
import tavrel.core.result.RoundsTogether;
import tavrel.core.result.Winter;
import tavrel.core.result.Wintering;
import tavrel.core.result.WorkedHere;
import tavrel.core.weather.Place;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.count.HiveSpreads;
import tavrel.server.reporting.GivenInRounds;
import tavrel.server.reporting.register.RegisterBook;
import tavrel.server.reporting.register.RegisterTotals;

/** The year on one page: what was done, what was found, what worked, and how the winter judged. */
@Service
class YearReview {

  private final ReviewMapper mapper;
  private final GivenInRounds given;
  private final RegisterBook register;
  private final Apiaries apiaries;
  private final HiveSpreads spreads;

  YearReview(
      ReviewMapper mapper,
      GivenInRounds given,
      RegisterBook register,
      Apiaries apiaries,
      HiveSpreads spreads) {
    this.mapper = mapper;
    this.given = given;
    this.register = register;
    this.apiaries = apiaries;
    this.spreads = spreads;
  }

  /**
   * A month.
   *
   * @param month 1 to 12
   * @param treatments hives treated, each time
   * @param acid grams of acid dihydrate
   * @param samples of bees
   * @param share of bees with mites in all samples together, or null; what a sugar roll misses is
   *     added
   * @param interval Wilson's, 95 %
   */
  record Month(
      int month,
      int treatments,
      double acid,
      int samples,
      @Nullable Double share,
      @Nullable Interval interval) {}

  /**
   * The page.
   *
   * @param year which
   * @param totals of the register
   * @param months January to December
   * @param cases hives counted before and after their rounds
   * @param whole what was taken from all of them together, or null
   * @param worked the same by what was done
   * @param winterName its years in words
   * @param winter the winter that began in this year
   */
  record Reviewed(
      int year,
      RegisterTotals totals,
      List<Month> months,
      int cases,
      @Nullable Efficacy whole,
      List<WorkedHere> worked,
      Fact winterName,
      Winter winter) {}

  Reviewed of(int year) {
    LocalDate from = LocalDate.of(year, 1, 1);
    LocalDate to = LocalDate.of(year, 12, 31);
    List<ReviewMapper.Sample> samples = mapper.samples(from, to);
    List<WorkedHere.Case> cases =
        cases(samples, given.ofSampledHives(from, to), mapper.stand(from, to));
    return new Reviewed(
        year,
        register.totals(from, to),
        months(mapper.treated(from, to), mapper.counted(from, to)),
        cases.size(),
        WorkedHere.together(cases),
        WorkedHere.of(cases),
        usual().told(usual().beginningIn(year)),
        winter(year, samples));
  }

  private List<Month> months(
      List<ReviewMapper.TreatedMonth> treated, List<ReviewMapper.CountedMonth> counted) {
    List<Month> months = new ArrayList<>();
    for (int month = 1; month <= 12; month++) {
      int of = month;
      ReviewMapper.TreatedMonth done =
          treated.stream().filter(each -> each.monthOfYear() == of).findFirst().orElse(null);
      ReviewMapper.CountedMonth found =
          counted.stream().filter(each -> each.monthOfYear() == of).findFirst().orElse(null);
      Double share = found == null ? null : Double.valueOf(found.mites() / found.seen());
      months.add(
          new Month(
              month,
              done == null ? 0 : done.treatments(),
              done == null ? 0 : done.acid(),
              found == null ? 0 : found.samples(),
              share,
              found == null || share == null ? null : interval(found, share)));
    }
    return months;
  }

  /** Few samples are taken as they are; several come from hives that differ. */
  private Interval interval(ReviewMapper.CountedMonth found, double share) {
    return found.samples() < YardReading.LEAST_HIVES
        ? Interval.wilson(share, found.seen())
        : Interval.ofHives(share, found.samples(), found.seen(), spreads.now().k());
  }

  /** Hives with a sample on both sides of a stretch of rounds. */
  private static List<WorkedHere.Case> cases(
      List<ReviewMapper.Sample> samples, List<Given> got, List<ReviewMapper.Stands> stand) {
    Map<UUID, List<ReviewMapper.Sample>> counted =
        samples.stream().collect(Collectors.groupingBy(ReviewMapper.Sample::hiveId));
    Map<UUID, List<Given>> done = got.stream().collect(Collectors.groupingBy(Given::hiveId));
    Map<UUID, ReviewMapper.Stands> there =
        stand.stream().collect(Collectors.toMap(ReviewMapper.Stands::hiveId, Function.identity()));
    List<WorkedHere.Case> cases = new ArrayList<>();
    done.forEach(
        (hive, rounds) -> {
          for (RoundsTogether stretch :
              RoundsTogether.of(rounds.stream().map(Given::day).toList())) {
            List<ReviewMapper.Sample> own = counted.getOrDefault(hive, List.of());
            Efficacy.Found before =
                found(own.stream().filter(each -> stretch.isBefore(each.day())).toList());
            Efficacy.Found after =
                found(own.stream().filter(each -> stretch.isAfter(each.day())).toList());
            ReviewMapper.Stands at = there.get(hive);
            if (before != null && after != null && at != null) {
              cases.add(
                  WorkedHere.Case.of(
                      at.apiary(),
                      at.line(),
                      stretch,
                      rounds.stream().filter(each -> stretch.holds(each.day())).toList(),
                      before,
                      after));
            }
          }
        });
    return cases;
  }

  private static Efficacy.@Nullable Found found(List<ReviewMapper.Sample> samples) {
    return samples.stream()
        .map(ReviewMapper.Sample::found)
        .reduce(Efficacy.Found::and)
        .orElse(null);
  }

  private Winter winter(int year, List<ReviewMapper.Sample> samples) {
    List<Winter.Hive> hives = new ArrayList<>();
    for (Wintering side : Wintering.values()) {
      Map<UUID, Double> load =
          side.loads(
              samples.stream()
                  .map(each -> new Wintering.Sample(each.hiveId(), each.day(), each.found()))
                  .toList());
      mapper.outcomes(side.beginningIn(year)).stream()
          .filter(each -> Wintering.of(Place.isSouth(each.latitude())) == side)
          .filter(each -> each.outcome() != null)
          .map(each -> new Winter.Hive(each.outcome(), each.sign(), load.get(each.hiveId())))
          .forEach(hives::add);
    }
    return Winter.of(usual().beginningIn(year), hives);
  }

  /** Where the outfit winters; one with apiaries on both sides goes by the north. */
  private Wintering usual() {
    List<Apiary> all = apiaries.all();
    return Wintering.of(
        !all.isEmpty() && all.stream().allMatch(each -> Place.isSouth(each.latitude())));
  }
}
