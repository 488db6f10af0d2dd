package tavrel.server.series;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.rulesheet.Verdict;
import tavrel.core.spacing.RoundState;
import tavrel.core.spacing.SeriesDays;

/**
 * A series.
 *
 * @param id key
 * @param apiaryId where
 * @param apiary its name
 * @param name what the keeper calls it
 * @param ruleSheetId the sheet that it was judged by, or null
 * @param gramsPerBox acid dihydrate a box, g
 * @param tool the tool's name
 * @param verdict what the sheet said of its days, or null
 * @param labelSays the line that decides it, or null
 * @param offLabelReason why, where it is not on the label
 * @param adoptedOn when
 * @param adoptedBy who
 * @param hives its hives in walking order
 * @param rounds its rounds in order
 * @param today the date there
 */
public record Series(
    UUID id,
    UUID apiaryId,
    String apiary,
    String name,
    @Nullable UUID ruleSheetId,
    double gramsPerBox,
    String tool,
    @Nullable Verdict verdict,
    @Nullable Fact labelSays,
    @Nullable String offLabelReason,
    LocalDate adoptedOn,
    String adoptedBy,
    List<SeriesHive> hives,
    List<SeriesRound> rounds,
    LocalDate today) {

  /**
   * A round of a series.
   *
   * @param number from 1
   * @param day its day as it stands
   * @param firstDay its day when the series was adopted
   * @param state how it stands today
   * @param roundId the round planned for it, or null
   */
  public record SeriesRound(
      int number, LocalDate day, LocalDate firstDay, RoundState state, @Nullable UUID roundId) {}

  /** The next round that is not done, or null. */
  public @Nullable SeriesRound next() {
    SeriesDays.Round next = days().next();
    return next == null
        ? null
        : rounds.stream().filter(round -> round.number() == next.number()).findFirst().orElse(null);
  }

  /** Days of the rounds still to come, ascending. */
  public List<LocalDate> toCome() {
    return days().toCome();
  }

  /** Whether it stands between two rounds: some done, some to come, none planned or being run. */
  public boolean standsBetweenRounds() {
    return days().isBetweenRounds();
  }

  /**
   * A hive of a series.
   *
   * @param id the hive
   * @param name its name
   */
  public record SeriesHive(UUID id, String name) {}

  /** Its hives, in walking order. */
  public List<UUID> hiveIds() {
    return hives.stream().map(SeriesHive::id).toList();
  }

  /** Day of the last round, where all that were not left out are done; else null. */
  public @Nullable LocalDate doneOn() {
    return days().doneOn();
  }

  /** Its rounds with nothing but their days. */
  SeriesDays days() {
    return new SeriesDays(
        rounds.stream()
            .map(round -> new SeriesDays.Round(round.number(), round.day(), round.state()))
            .toList(),
        today);
  }
}
