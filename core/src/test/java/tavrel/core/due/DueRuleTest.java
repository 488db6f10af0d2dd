package tavrel.core.due;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tavrel.core.Value;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.count.Danger;

class DueRuleTest {

  private static final LocalDate TODAY = LocalDate.of(2026, 8, 18);
  private static final SeasonDates NORTH = SeasonDates.usual(false);

  @Test
  void each_kind_has_a_rule_of_its_own() {
    assertThat(
            Arrays.stream(DueTaskKind.values()).map(kind -> DueRule.of(kind, Danger.USUAL).code()))
        .doesNotHaveDuplicates();
  }

  @Test
  void danger_is_as_the_keeper_has_it() {
    Danger own = Danger.of(Map.of("dangerPercent", 6.0));
    assertThat(DueRule.of(DueTaskKind.DANGER, own).values())
        .containsEntry("danger", new Value.Share(0.06));
  }

  @Test
  void days_are_those_that_lines_are_told_by() {
    LocalDate counted = TODAY.minusDays(days(DueTaskKind.COUNT_DUE));
    assertThat(DueDays.countIsDue(counted, NORTH, TODAY)).isTrue();
    assertThat(DueDays.countIsDue(counted.plusDays(1), NORTH, TODAY)).isFalse();
    LocalDate seen = TODAY.minusDays(days(DueTaskKind.UNSEEN));
    assertThat(DueDays.isUnseen(seen, NORTH, TODAY)).isFalse();
    assertThat(DueDays.isUnseen(seen.minusDays(1), NORTH, TODAY)).isTrue();
    LocalDate ahead = TODAY.plusDays(days(DueTaskKind.ROUND_AHEAD));
    assertThat(DueDays.ofRound(ahead, TODAY)).contains(DueTaskKind.ROUND_AHEAD);
    assertThat(DueDays.ofRound(ahead.plusDays(1), TODAY)).isEmpty();
    LocalDate look = TODAY.plusDays(days(DueTaskKind.LOOK_DUE));
    assertThat(DueDays.lookIsDue(look, NORTH, TODAY)).isTrue();
    assertThat(DueDays.lookIsDue(look.plusDays(1), NORTH, TODAY)).isFalse();
  }

  private static long days(DueTaskKind kind) {
    return ((Value.Count) DueRule.of(kind, Danger.USUAL).values().get("days")).n();
  }
}
