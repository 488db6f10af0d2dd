package tavrel.core.rulesheet;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.measure.GramsOf;

/** The four rule sheets that ship as examples, named by what they say. */
public final class ExampleSheets {

  private static final String CHECK = "Example: check your label.";

  private ExampleSheets() {}

  /** All four, in the order in which they are offered. */
  public static List<RuleSheet> all() {
    return List.of(
        sheet(
            1,
            "1 g a box, supers off",
            GramsOf.ACID_DIHYDRATE,
            1.0,
            null,
            null,
            null,
            BroodRule.ANY,
            SupersRule.OFF,
            10),
        sheet(
            2,
            "2 g a box, supers off",
            GramsOf.ACID_DIHYDRATE,
            2.0,
            null,
            null,
            5,
            BroodRule.ANY,
            SupersRule.OFF,
            10),
        sheet(
            3,
            "up to 4 g a box, supers allowed",
            GramsOf.ACID_DIHYDRATE,
            4.0,
            null,
            null,
            null,
            BroodRule.ANY,
            SupersRule.ALLOWED,
            10),
        sheet(
            4,
            "2.3 g a hive, once, broodless",
            GramsOf.PRODUCT,
            null,
            2.3,
            1,
            null,
            BroodRule.BROODLESS_ONLY,
            SupersRule.OFF,
            10));
  }

  private static RuleSheet sheet(
      int number,
      String name,
      GramsOf gramsOf,
      @Nullable Double maxPerBox,
      @Nullable Double maxPerHive,
      @Nullable Integer roundsPerYear,
      @Nullable Integer daysBetween,
      BroodRule brood,
      SupersRule supers,
      int sealMinutes) {
    return new RuleSheet(
        new UUID(0x7a7e_0000_0000_4000L, 0x8000_0000_0000_0000L + number),
        name,
        true,
        null,
        null,
        gramsOf,
        maxPerBox,
        maxPerHive,
        roundsPerYear,
        roundsPerYear,
        daysBetween,
        brood,
        supers,
        null,
        sealMinutes,
        null,
        null,
        null,
        CHECK,
        1,
        null);
  }
}
