package tavrel.core.ready;

import java.util.ArrayList;
import java.util.List;
import tavrel.core.dose.BoxFactor;
import tavrel.core.dose.DoseSheet;
import tavrel.core.dose.HiveDose;
import tavrel.core.dose.MediumBoxes;
import tavrel.core.hive.Hive;
import tavrel.core.hive.Shutting;
import tavrel.core.pace.HiveWork;
import tavrel.core.pace.PaceTimes;
import tavrel.core.pace.RunSetUp;
import tavrel.core.pace.ToolAtWork;
import tavrel.core.pace.UsualWork;

/** A yard sheet as work whose time can be told. */
public final class YardWork {

  private static final double LEAST_GRAMS = 0.1;
  private static final double USUAL_GRAMS = 2;

  private YardWork() {}

  /**
   * What a round asks of tools and people.
   *
   * @param ready one for each line of the dose sheet, in its order
   * @param tools that come along, at least one
   */
  public static RunSetUp of(
      DoseSheet sheet, List<HiveReady> ready, List<ToolAtWork> tools, UsualWork usual) {
    List<HiveWork> hives = new ArrayList<>();
    for (int line = 0; line < ready.size(); line++) {
      HiveDose dose = sheet.hives().get(line);
      hives.add(
          hive(dose.hive(), dose.totalProduct(), ready.get(line).tasks(), usual.preparedAhead()));
    }
    PaceTimes times = usual.times().withSeal(60 * sheet.sealMinutes());
    return new RunSetUp(hives, tools, usual.crew(), usual.cloths(), usual.caps(), times);
  }

  /** Hives as they stand, at two grams a box, before any sheet is made. */
  public static RunSetUp asTheyStand(List<Hive> hives, ToolAtWork tool, UsualWork usual) {
    List<HiveWork> work =
        hives.stream()
            .map(
                hive ->
                    hive(
                        hive,
                        USUAL_GRAMS * BoxFactor.sum(hive.boxes(), MediumBoxes.BY_COMB),
                        Readying.tasks(hive, tool.family()),
                        usual.preparedAhead()))
            .toList();
    return new RunSetUp(
        work, List.of(tool), usual.crew(), usual.cloths(), usual.caps(), usual.times());
  }

  private static HiveWork hive(Hive hive, double grams, List<Task> tasks, boolean preparedAhead) {
    return new HiveWork(
        hive.id(),
        hive.name(),
        Math.max(LEAST_GRAMS, grams),
        preparedAhead ? 0 : tasks.stream().mapToInt(task -> task.kind().seconds()).sum(),
        hive.fittings().shutting() == Shutting.WET_CLOTH);
  }
}
