package tavrel.core.dose;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.hive.Hive;
import tavrel.core.measure.SlipCheck;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.Verdict;

/**
 * A round's dose sheet: every hive in walking order.
 *
 * @param day day of the round
 * @param hives one line a hive
 * @param totalAcid grams of acid dihydrate in all
 * @param totalProduct grams of product in all
 * @param caps loads in all: caps or pans to fill
 * @param verdict the worst of all hives
 * @param sealMinutes minutes shut: the later of the keeper's and the sheet's
 * @param slip whether the scoop looks mistaken
 * @param unmeasurable names of hives for which the measure is too coarse
 */
public record DoseSheet(
    LocalDate day,
    List<HiveDose> hives,
    double totalAcid,
    double totalProduct,
    int caps,
    Verdict verdict,
    int sealMinutes,
    SlipCheck slip,
    List<String> unmeasurable) {

  /**
   * Computes the sheet.
   *
   * @param past what is on record, by hive; a hive that is missing was never treated
   */
  public static DoseSheet of(
      List<Hive> hives,
      DoseSettings settings,
      RuleSheet sheet,
      Map<UUID, OnRecord> past,
      LocalDate day,
      @Nullable Double celsius) {
    List<HiveDose> lines =
        hives.stream()
            .sorted(Comparator.comparingInt(Hive::place).thenComparing(Hive::name))
            .map(
                hive ->
                    HiveDose.of(
                        hive,
                        settings,
                        sheet,
                        past.getOrDefault(hive.id(), OnRecord.NONE),
                        day,
                        celsius))
            .toList();
    Integer least = sheet.minSealMinutes();
    return new DoseSheet(
        day,
        lines,
        lines.stream().mapToDouble(HiveDose::totalAcid).sum(),
        lines.stream().mapToDouble(HiveDose::totalProduct).sum(),
        lines.stream().mapToInt(line -> line.loads().count()).sum(),
        lines.stream()
            .map(line -> line.judgement().verdict())
            .max(Comparator.naturalOrder())
            .orElse(Verdict.ALLOWED),
        least == null ? settings.sealMinutes() : Math.max(least, settings.sealMinutes()),
        settings.measure().slip(),
        lines.stream()
            .filter(line -> !line.loads().measurable())
            .map(line -> line.hive().name())
            .toList());
  }
}
