package tavrel.core.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;
import tavrel.core.Value;
import tavrel.core.result.WorkedHere.Case;
import tavrel.core.result.WorkedHere.What;

class WinterTest {

  @Test
  void hives_that_left_before_the_winter_are_not_in_its_losses() {
    Winter winter =
        Winter.of(
            2027,
            List.of(
                hive(WinterOutcome.STRONG, null, 0.005),
                hive(WinterOutcome.WEAK, null, 0.02),
                hive(WinterOutcome.DEAD, DeathSign.MITES, 0.05),
                hive(WinterOutcome.GONE, null, 0.05)));
    assertThat(winter.looked()).isEqualTo(4);
    assertThat(winter.lost().of()).isEqualTo(3);
    assertThat(winter.lost().share()).isCloseTo(1 / 3.0, within(1e-12));
    assertThat(winter.signs()).containsOnlyKeys(DeathSign.MITES);
  }

  @Test
  void loads_fall_into_their_bands_at_the_limits_and_wilson_stands_beside() {
    Winter winter =
        Winter.of(
            2027,
            List.of(
                hive(WinterOutcome.STRONG, null, 0.0),
                hive(WinterOutcome.STRONG, null, 0.01),
                hive(WinterOutcome.DEAD, null, 0.03),
                hive(WinterOutcome.DEAD, null, 1.0),
                hive(WinterOutcome.STRONG, null, null)));
    assertThat(winter.byLoad().stream().map(band -> band.lost() == null ? 0 : band.lost().of()))
        .containsExactly(1, 1, 2, 1);
    assertThat(winter.byLoad().get(2).lost().share()).isEqualTo(1);
    // Wilson, 2 of 2: 1 / (1 + 1.96² / 2) = 0.342
    assertThat(winter.byLoad().get(2).lost().interval().low()).isCloseTo(0.342, within(0.001));
    assertThat(winter.signs()).as("no sign given is told").containsEntry(DeathSign.UNKNOWN, 2);
  }

  @Test
  void nobody_looked_is_no_loss_of_nothing() {
    assertThat(Winter.of(2027, List.of()).lost()).isNull();
  }

  @Test
  void ways_are_told_apart_only_where_cases_differ_and_with_how_many_hives() {
    List<Case> cases = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      cases.add(a("Bowl", 2.0, 12, 60, 3));
    }
    for (int i = 0; i < 4; i++) {
      cases.add(a("Pan", 2.0, 12, 60, 30));
    }
    List<WorkedHere> worked = WorkedHere.of(cases);
    assertThat(worked)
        .singleElement()
        .returns(What.TOOL, WorkedHere::what)
        .satisfies(
            each ->
                assertThat(each.compared())
                    .singleElement()
                    .satisfies(
                        pair -> {
                          assertThat(pair.verdict()).isEqualTo(WaysCompared.Verdict.DIFFERENT);
                          assertThat(pair.one()).isEqualTo(new Value.Text("Bowl"));
                          assertThat(pair.other()).isEqualTo(new Value.Text("Pan"));
                          assertThat(pair.times()).isCloseTo(0.1, within(0.05));
                          assertThat(pair.says().code()).isEqualTo("ways.hivesDiffer");
                        }));
    assertThat(worked.get(0).groups())
        .extracting(WorkedHere.Group::name)
        .containsExactly(new Value.Text("Bowl"), new Value.Text("Pan"));
    assertThat(worked.get(0).groups().get(0).hives()).isEqualTo(6);
    assertThat(worked.get(0).groups().get(0).whole().share()).isCloseTo(0.95, within(1e-9));
  }

  @Test
  void bands_begin_with_their_lower_end_and_the_order_of_cases_does_not_matter() {
    List<Case> cases =
        new ArrayList<>(
            List.of(
                a("Bowl", 2.0, 12, 60, 3), a("Bowl", 2.9, 17, 60, 3), a("Bowl", 3.0, -2, 60, 3)));
    List<WorkedHere> worked = WorkedHere.of(cases);
    assertThat(worked.get(0).groups())
        .extracting(WorkedHere.Group::name)
        .containsExactly(
            band("ways.gramsBetween", Value.Grams.set(2), Value.Grams.set(3)),
            band("ways.gramsBetween", Value.Grams.set(3), Value.Grams.set(4)));
    assertThat(worked.get(1).groups())
        .extracting(WorkedHere.Group::name)
        .containsExactly(warmth(-5), warmth(10), warmth(15));
    Collections.shuffle(cases, new Random(3));
    assertThat(WorkedHere.of(cases)).isEqualTo(worked);
  }

  @Test
  void lines_of_bees_are_held_against_each_other_and_those_without_a_name_stand_together() {
    assertThat(WorkedHere.of(List.of(a("Bowl 1", 2, 10, 14, 3), a("Bowl 1", 2, 10, 15, 3))))
        .singleElement()
        .satisfies(
            worked -> {
              assertThat(worked.what()).isEqualTo(What.LINE);
              assertThat(worked.groups())
                  .extracting(WorkedHere.Group::name)
                  .containsExactly(new Value.Said(Fact.of("ways.noLine")), new Value.Text("dark"));
            });
  }

  private static Winter.Hive hive(WinterOutcome outcome, DeathSign sign, Double load) {
    return new Winter.Hive(outcome, sign, load);
  }

  private static Case a(String tool, double grams, double celsius, int before, int after) {
    return new Case(
        "Low Meadow",
        before % 2 == 0 ? "dark" : null,
        tool,
        grams,
        10,
        celsius,
        1,
        Efficacy.Found.of(before, 300),
        Efficacy.Found.of(after, 300));
  }

  private static Value band(String code, Value from, Value to) {
    return new Value.Said(Fact.of(code).with("from", from).with("to", to));
  }

  private static Value warmth(int from) {
    return band("ways.warmthBetween", new Value.Celsius(from), new Value.Celsius(from + 5));
  }
}
