package tavrel.server.reporting.due;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tavrel.core.count.BoardsDue;
import tavrel.core.due.Deadline;
import tavrel.core.due.DueTaskKind;
import tavrel.core.spacing.LabelYear;
import tavrel.core.spacing.LatestStart;
import tavrel.server.putoff.PutOff;
import tavrel.server.series.Series;
import tavrel.server.weather.YardWeather;

/**
 * Something that needs somebody.
 *
 * @param line key of this line, the same from day to day while it stands
 * @param kind what
 * @param apiaryId where
 * @param apiary its name
 * @param day by when, or null
 * @param hives the hives that it is about, the first few
 * @param moreHives how many there are besides
 * @param round the round that it is about, or null
 * @param boards what is due of drop boards, or null
 * @param lastCount day of the latest count, or null
 * @param ended day of the last round of a series that ended, or on which a wait for honey does; or
 *     null
 * @param seriesId the series that it belongs to, or null
 * @param series its name, or null
 * @param hiveId the hive that it leads to, or null
 * @param waiting what waiting costs, or null where nobody can say
 * @param lost that the day of its round has no hour worth working in, or null
 * @param putOff that it was put off, or null
 * @param allHives every hive that it is about; empty where it is about a yard
 */
record DueTask(
    String line,
    DueTaskKind kind,
    UUID apiaryId,
    String apiary,
    @Nullable LocalDate day,
    List<NamedHive> hives,
    int moreHives,
    @Nullable DueRound round,
    @Nullable BoardsDue boards,
    @Nullable LocalDate lastCount,
    @Nullable LocalDate ended,
    @Nullable UUID seriesId,
    @Nullable String series,
    @Nullable UUID hiveId,
    @Nullable Waiting waiting,
    YardWeather.@Nullable LostDay lost,
    @Nullable PutOff putOff,
    @JsonIgnore Set<UUID> allHives) {

  /**
   * A hive that is named.
   *
   * @param id the hive
   * @param name its name
   * @param share share of its bees with mites, or null where that is not the matter
   */
  record NamedHive(UUID id, String name, @Nullable Double share) {}

  /**
   * A round of a series that is due.
   *
   * @param number which of its rounds
   * @param of how many there are
   * @param hives how many hives it treats
   * @param crew who was agreed to go, or null
   * @param daysLate how late it is, days; 0 where it is not
   */
  record DueRound(int number, int of, int hives, @Nullable String crew, long daysLate) {}

  /**
   * What waiting costs the hive of a line to which it costs most. A model estimate.
   *
   * @param hive its name
   * @param weekCosts mites more at the deadline if the act begins a week later
   * @param deadline by when its mites should be down
   * @param act what to begin, or null where nothing is on the label
   * @param untreated mites a bee then if nothing is done, a fraction
   * @param labelYear what its label leaves this year, where the act goes by its being shared out;
   *     or null
   * @param spends what would reach the target by spending more of that, where nothing else does; or
   *     null
   */
  record Waiting(
      String hive,
      double weekCosts,
      Deadline deadline,
      LatestStart.@Nullable Begun act,
      double untreated,
      @Nullable LabelYear labelYear,
      LatestStart.@Nullable Begun spends) {

    /** What a reading says of waiting. */
    static Waiting of(String hive, Deadline deadline, LatestStart reading) {
      return new Waiting(
          hive,
          reading.waitingCosts(),
          deadline,
          reading.act(),
          reading.untreated(),
          reading.labelYear(),
          reading.spends());
    }
  }

  /** Where a task is and what it is about; nothing else is said of it yet. */
  static DueTask of(
      DueTaskKind kind,
      UUID apiaryId,
      String apiary,
      @Nullable LocalDate day,
      @Nullable UUID seriesId) {
    return new DueTask(
        kind + ":" + apiaryId + (seriesId == null ? "" : ":" + seriesId),
        kind,
        apiaryId,
        apiary,
        day,
        List.of(),
        0,
        null,
        null,
        null,
        null,
        seriesId,
        null,
        null,
        null,
        null,
        null,
        Set.of());
  }

  /** The same about some hives; the first few are named. */
  DueTask about(List<NamedHive> all, int named) {
    return new DueTask(
        line,
        kind,
        apiaryId,
        apiary,
        day,
        all.stream().limit(named).toList(),
        Math.max(0, all.size() - named),
        round,
        boards,
        lastCount,
        ended,
        seriesId,
        series,
        all.isEmpty() ? null : all.get(0).id(),
        waiting,
        lost,
        putOff,
        all.stream().map(NamedHive::id).collect(Collectors.toSet()));
  }

  /** The same of a series. */
  DueTask ofSeries(Series of, @Nullable DueRound due, @Nullable LocalDate seriesEnded) {
    return new DueTask(
        line,
        kind,
        apiaryId,
        apiary,
        day,
        hives,
        moreHives,
        due,
        boards,
        lastCount,
        seriesEnded,
        seriesId,
        of.name(),
        hiveId,
        waiting,
        lost,
        putOff,
        Set.copyOf(of.hiveIds()));
  }

  /** The same of honey that waits until a day. */
  DueTask honeyUntil(LocalDate until) {
    return new DueTask(
        line, kind, apiaryId, apiary, day, hives, moreHives, round, boards, lastCount, until,
        seriesId, series, hiveId, waiting, lost, putOff, allHives);
  }

  /** The same of drop boards, or of a count. */
  DueTask ofCounts(@Nullable BoardsDue due, @Nullable LocalDate last) {
    return new DueTask(
        line, kind, apiaryId, apiary, day, hives, moreHives, round, due, last, ended, seriesId,
        series, hiveId, waiting, lost, putOff, allHives);
  }

  /** The same with what waiting costs. */
  DueTask waiting(@Nullable Waiting costs) {
    return new DueTask(
        line, kind, apiaryId, apiary, day, hives, moreHives, round, boards, lastCount, ended,
        seriesId, series, hiveId, costs, lost, putOff, allHives);
  }

  /** The same of a day that weather takes. */
  DueTask lost(YardWeather.LostDay day) {
    return new DueTask(
        line, kind, apiaryId, apiary, this.day, hives, moreHives, round, boards, lastCount, ended,
        seriesId, series, hiveId, waiting, day, putOff, allHives);
  }

  /** The same, put off. */
  DueTask putOff(@Nullable PutOff until) {
    return new DueTask(
        line, kind, apiaryId, apiary, day, hives, moreHives, round, boards, lastCount, ended,
        seriesId, series, hiveId, waiting, lost, until, allHives);
  }

  /**
   * What cannot wait comes first, then what is due soonest, then what waiting costs most; what is
   * late is due today.
   */
  static Comparator<DueTask> mostPressingFirst(LocalDate today) {
    return Comparator.comparing((DueTask each) -> !each.kind.cannotWait())
        .thenComparing(each -> each.due(today))
        .thenComparing(DueTask::kind)
        .thenComparing(Comparator.comparingDouble(DueTask::costs).reversed())
        .thenComparing(DueTask::apiary)
        .thenComparing(DueTask::line);
  }

  private LocalDate due(LocalDate today) {
    return day == null || day.isBefore(today) ? today : day;
  }

  private double costs() {
    return waiting == null ? 0 : waiting.weekCosts();
  }
}
