package tavrel.server.reporting.due;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import tavrel.core.rulesheet.ExampleSheets;

/** What the screens send when a series of one hive is adopted from its bench. */
final class AdoptedSeries {

  private AdoptedSeries() {}

  static Map<String, Object> of(
      String apiaryId, String hive, List<LocalDate> days, LocalDate commonDate) {
    return Map.of(
        "apiaryId",
        apiaryId,
        "name",
        "A series",
        "hiveIds",
        List.of(hive),
        "days",
        days.stream().map(LocalDate::toString).toList(),
        "tool",
        "Bowl 1",
        "benchHiveId",
        hive,
        "bench",
        bench(commonDate));
  }

  private static Map<String, Object> bench(LocalDate commonDate) {
    return Map.of(
        "load",
        Map.of(
            "mites", 9,
            "sampleBees", 300,
            "recovery", 1,
            "framesOfBees", 10,
            "cappedFrames", 4,
            "droneShare", 0.02),
        "gramsPerBox",
        2,
        "shut",
        "TIGHT",
        "curve",
        "FIELD",
        "commonDate",
        commonDate.toString(),
        "targetPercent",
        2,
        "ruleSheetId",
        ExampleSheets.all().get(2).id().toString());
  }
}
