package tavrel.core.result;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A small {@link RefitBench}: what the fit says of colonies that it shares no code with. */
class RefitTest {

  private static final int COLONIES = 20;

  @Test
  void bands_hold_the_truth_nothing_leans_and_no_sound_hive_is_sent_to_look_for_leaks() {
    List<RefitBench.Found> all = new ArrayList<>();
    RefitBench.SCENARIOS.forEach(each -> all.add(RefitBench.measure(each, COLONIES, 4)));
    int of = COLONIES * all.size();
    assertThat(all.stream().mapToInt(RefitBench.Found::startHeld).sum())
        .as("80 %% bands of the start, of %s", of)
        .isBetween(140, 182);
    assertThat(all.stream().mapToInt(RefitBench.Found::killHeld).sum()).isBetween(140, 182);
    for (RefitBench.Found found : all) {
      String what = found.scenario().name();
      assertThat(found.startOff()).as("start, log: " + what).isBetween(-0.3, 0.35);
      assertThat(found.killOff()).as("kill: " + what).isBetween(-0.1, 0.3);
      boolean sound = !what.contains("leak") && !what.contains("come in");
      if (sound) {
        assertThat(found.leaks() + found.inflows()).as(what).isLessThanOrEqualTo(2);
      } else if (what.contains("leak")) {
        assertThat(found.leaks()).as(what).isGreaterThanOrEqualTo(6);
      } else {
        assertThat(found.inflows()).as(what).isGreaterThanOrEqualTo(2);
      }
    }
  }
}
