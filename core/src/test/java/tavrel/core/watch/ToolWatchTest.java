package tavrel.core.watch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;

class ToolWatchTest {

  private static final WatchedTool TOOL = new WatchedTool(230, 100, SimulatedBowl.CUTOFF_VOLTS);

  @Test
  void a_simulated_tool_is_told_as_one_and_burns_a_load() {
    ToolWatch watch = new ToolWatch(TOOL, simulated());
    assertThat(watch.goOn(150)).containsExactly(WatchState.READY);
    watch.released(2.5, null);
    assertThat(watch.goOn(200))
        .startsWith(WatchState.CHARGED, WatchState.RECOVERING)
        .contains(WatchState.DONE);
    ToolWatch.Seen seen = watch.seen();
    assertThat(seen.standIn()).isTrue();
    assertThat(seen.source()).isEqualTo(Fact.of("stream.simulated"));
    assertThat(seen.lowest()).isBetween(200.0, 215.0);
    assertThat(seen.latest().get(0).seconds()).isGreaterThanOrEqualTo(20);
    assertThat(seen.alerts()).isEmpty();
  }

  @Test
  void a_fault_concerns_the_next_load_alone() {
    SimulatedStream stream = simulated();
    ToolWatch watch = new ToolWatch(TOOL, stream);
    watch.goOn(150);
    stream.breakNext(SimulatedBowl.Fault.STUCK_CAP);
    watch.released(2.5, null);
    watch.goOn(172);
    assertThat(watch.seen().alerts()).containsExactly(WatchAlert.NO_CHARGE);
    watch.released(2.5, null);
    assertThat(watch.goOn(220)).contains(WatchState.DONE);
    assertThat(watch.seen().alerts()).isEmpty();
  }

  @Test
  void a_recorded_trace_is_seen_as_it_was_whenever_it_begins() {
    SimulatedStream recorded = simulated();
    List<Sample> samples = new ArrayList<>(recorded.upTo(150));
    recorded.released(3);
    samples.addAll(recorded.upTo(250));
    List<Sample> later =
        samples.stream()
            .map(each -> new Sample(each.seconds() + 1_000, each.celsius(), each.volts()))
            .toList();
    ToolWatch watch = new ToolWatch(TOOL, new TraceStream(later, "dawn.csv"));
    List<WatchState> states = new ArrayList<>();
    for (double at = 0; at <= 260; at += 0.7) {
      if (at > 149 && at < 149.8) {
        watch.released(3, null);
      }
      states.addAll(watch.goOn(at));
    }
    assertThat(states).contains(WatchState.READY, WatchState.CHARGED, WatchState.DONE);
    assertThat(watch.seen().source()).isEqualTo(Fact.of("stream.trace").text("name", "dawn.csv"));
    assertThat(watch.seen().silentFor()).isBetween(9.0, 11.0);
  }

  @Test
  void samples_that_are_sent_are_seen_once() {
    SentStream stream = new SentStream();
    ToolWatch watch = new ToolWatch(TOOL, stream);
    stream.send(List.of(new Sample(1, 20, 20.0), new Sample(2, 22, 20.0)));
    watch.goOn(2);
    watch.goOn(4);
    assertThat(watch.seen().latest()).hasSize(2);
    assertThat(watch.seen().standIn()).isFalse();
    assertThat(watch.seen().silentFor()).isEqualTo(2);
  }

  @Test
  void a_swapped_pack_is_full_again() {
    SimulatedStream stream = simulated();
    ToolWatch watch = new ToolWatch(TOOL, stream);
    watch.goOn(150);
    stream.breakNext(SimulatedBowl.Fault.WEAK_PACK);
    watch.released(3, null);
    watch.goOn(170);
    assertThat(watch.seen().alerts()).contains(WatchAlert.SWAP_PACK);
    watch.packSwapped();
    watch.goOn(260);
    assertThat(watch.seen().alerts()).isEmpty();
    assertThat(watch.seen().volts()).isGreaterThan(SimulatedBowl.CUTOFF_VOLTS);
  }

  private static SimulatedStream simulated() {
    return new SimulatedStream(new SimulatedBowl(SimulatedBowl.Make.USUAL, 4));
  }
}
