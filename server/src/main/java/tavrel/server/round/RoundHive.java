package tavrel.server.round;

import java.util.List;
import java.util.UUID;
import tavrel.core.dose.HiveDose;
import tavrel.core.hive.BroodBox;
import tavrel.core.hive.Floor;
import tavrel.core.rule.Finding;
import tavrel.core.rule.Verdict;

/**
 * A hive's line on a round's dose sheet, as it was on the day.
 *
 * @param hiveId the hive
 * @param place position in the walking order
 * @param hiveName its name then
 * @param boxes its brood boxes then
 * @param supers its supers then
 * @param floor its floor then
 * @param loads loads planned
 * @param eachLoad one load in the words of the measure
 * @param productPerLoad grams of product in each
 * @param acidPerLoad grams of acid dihydrate in each
 * @param verdict what the rule sheet said
 * @param labelSays the finding that decided it
 */
public record RoundHive(
    UUID hiveId,
    int place,
    String hiveName,
    List<BroodBox> boxes,
    int supers,
    Floor floor,
    int loads,
    String eachLoad,
    double productPerLoad,
    double acidPerLoad,
    Verdict verdict,
    String labelSays) {

  static RoundHive of(HiveDose dose) {
    Finding worst = dose.judgement().findings().get(0);
    return new RoundHive(
        dose.hive().id(),
        dose.hive().place(),
        dose.hive().name(),
        dose.hive().boxes(),
        dose.hive().supers(),
        dose.hive().floor(),
        dose.loads().count(),
        dose.eachLoad(),
        dose.loads().product(),
        dose.loads().acid(),
        dose.judgement().verdict(),
        worst.point()
            + ": "
            + worst.says()
            + (worst.line() == null ? "" : " (" + worst.line() + ")"));
  }
}
