package tavrel.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.measure.GramsOf;
import tavrel.core.rulesheet.BroodRule;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.SupersRule;

/** A label that nobody printed. */
final class DemoLabel {

  private DemoLabel() {}

  /** The label as it was read on a day: a new print allows more. */
  static RuleSheet readOn(
      LocalDate readOn, double maxPerBox, int roundsPerSeries, @Nullable RuleSheet before) {
    return new RuleSheet(
        UUID.nameUUIDFromBytes(("demo rule sheet " + readOn).getBytes(StandardCharsets.UTF_8)),
        "Drum label, read in spring",
        false,
        "Wren",
        readOn,
        GramsOf.ACID_DIHYDRATE,
        maxPerBox,
        null,
        roundsPerSeries,
        6,
        5,
        BroodRule.ANY,
        SupersRule.BARRIER,
        0,
        10,
        null,
        null,
        true,
        "Sample data: no real label says this.",
        before == null ? 1 : before.version() + 1,
        before == null ? null : before.id());
  }
}
