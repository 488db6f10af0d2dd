package tavrel.server.run;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.burn.BurnTime;
import tavrel.core.dose.HiveDose;
import tavrel.core.dose.Loads;
import tavrel.core.hive.BroodBox;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Shutting;
import tavrel.core.hive.SupersPlan;
import tavrel.core.ready.HiveReady;
import tavrel.core.ready.Task;
import tavrel.core.rulesheet.Finding;
import tavrel.core.rulesheet.Verdict;

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
 * @param eachLoad one load as it is measured
 * @param productPerLoad grams of product in each
 * @param acidPerLoad grams of acid dihydrate in each
 * @param verdict what the rule sheet said
 * @param labelSays the finding that decided it
 * @param supersPlan what is done with its supers
 * @param firstProduct grams of product in a first load that differs, or null
 * @param firstAcid grams of acid dihydrate in it, or null
 * @param largerLoads loads after that one which are larger than the rest
 * @param largerProduct grams of product in each of these, or null
 * @param largerAcid grams of acid dihydrate in each of these, or null
 * @param burnSeconds how long to plan for a load, seconds, or null where nobody knows
 * @param burnSays what that figure rests on, or null
 * @param kept share of the acid that settles inside, a model estimate; null in older rounds
 * @param exception why it gets another amount than the round, or null
 * @param tasks what to do before the burn, one a line, in English; of older rounds alone
 * @param todo the same as codes with their values; empty in older rounds
 * @param prepSeconds how long making it ready should take, s
 * @param cloth whether a cloth shuts it
 */
record RoundHive(
    UUID hiveId,
    int place,
    String hiveName,
    List<BroodBox> boxes,
    int supers,
    Floor floor,
    int loads,
    Fact eachLoad,
    double productPerLoad,
    double acidPerLoad,
    Verdict verdict,
    Fact labelSays,
    SupersPlan supersPlan,
    @Nullable Double firstProduct,
    @Nullable Double firstAcid,
    int largerLoads,
    @Nullable Double largerProduct,
    @Nullable Double largerAcid,
    @Nullable Integer burnSeconds,
    @Nullable Fact burnSays,
    @Nullable Double kept,
    @Nullable String exception,
    String tasks,
    List<Task> todo,
    int prepSeconds,
    boolean cloth) {

  static RoundHive of(HiveDose dose, HiveReady ready) {
    Loads.FirstLoad first = dose.loads().first();
    Loads.LargerLoads larger = dose.loads().larger();
    BurnTime burn = ready.burn();
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
        worst.told(),
        dose.supersPlan(),
        first == null ? null : first.product(),
        first == null ? null : first.acid(),
        larger == null ? 0 : larger.count(),
        larger == null ? null : larger.product(),
        larger == null ? null : larger.acid(),
        burn == null ? null : burn.planned(),
        burn == null ? null : burn.says(),
        ready.kept(),
        dose.exception(),
        "",
        ready.tasks(),
        ready.tasks().stream().mapToInt(task -> task.kind().seconds()).sum(),
        dose.hive().fittings().shutting() == Shutting.WET_CLOTH);
  }

  /** Grams of product in all loads. */
  double product() {
    return all(firstProduct, largerProduct, productPerLoad);
  }

  /** Grams of acid dihydrate in all loads. */
  double acid() {
    return all(firstAcid, largerAcid, acidPerLoad);
  }

  private double all(@Nullable Double first, @Nullable Double larger, double each) {
    int plain = loads - largerLoads - (first == null ? 0 : 1);
    return (first == null ? 0 : first) + (larger == null ? 0 : largerLoads * larger) + plain * each;
  }
}
