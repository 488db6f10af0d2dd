package tavrel.core.watch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tavrel.core.watch.SimulatedBowl.Fault;
import tavrel.core.watch.SimulatedBowl.Make;

class BurnWatcherTest {

  private static final WatchedTool TOOL = new WatchedTool(230, 100, SimulatedBowl.CUTOFF_VOLTS);

  @Test
  void two_grams_dip_to_about_211_and_four_to_about_197() {
    for (double grams : new double[] {2, 4}) {
      SimulatedBowl bowl = new SimulatedBowl(new Make(230, 2, 10, 0, 0, false), 1);
      while (bowl.celsius() < 231.5) {
        bowl.after(0.1);
      }
      double began = bowl.seconds();
      bowl.release(grams, Fault.NONE);
      double lowest = 230;
      double back = Double.NaN;
      while (Double.isNaN(back)) {
        bowl.after(0.1);
        lowest = Math.min(lowest, bowl.celsius());
        if (bowl.celsius() >= 220 && bowl.seconds() - began > 5) {
          back = bowl.seconds() - began;
        }
      }
      assertThat(lowest).isCloseTo(grams == 2 ? 211 : 197, within(2.0));
      assertThat(back).isCloseTo(grams == 2 ? 20 : 45, within(3.0));
    }
  }

  @Test
  void a_cold_bowl_is_hot_after_about_a_hundred_seconds() {
    SimulatedBowl bowl = new SimulatedBowl(new Make(230, 2, 10, 0, 0, false), 1);
    while (bowl.celsius() < 224) {
      bowl.after(0.1);
    }
    assertThat(bowl.seconds()).isBetween(85.0, 115.0);
  }

  @Test
  void a_burn_goes_through_its_states_in_order() {
    Watched watched = new Watched(Make.USUAL, 7, 0.5);
    watched.until(WatchState.READY, 200);
    watched.release(2, Fault.NONE);
    watched.until(WatchState.CHARGED, 10);
    watched.until(WatchState.RECOVERING, 30);
    watched.until(WatchState.DONE, 40);
    assertThat(watched.bowl.acid()).isLessThan(0.2);
    watched.until(WatchState.READY, 40);
    assertThat(watched.watcher.alerts()).isEmpty();
    assertThat(watched.watcher.lowest()).isBetween(205.0, 216.0);
    assertThat(watched.watcher.doneAt()).isGreaterThan(watched.watcher.chargedAt());
  }

  @ParameterizedTest
  @CsvSource({"2, 0.5, 0", "3, 2, 0.1"})
  void ends_of_a_thousand_burns_are_neither_missed_nor_false(
      double band, double noise, double dropped) {
    int missed = 0;
    int wrong = 0;
    for (int seed = 1; seed <= 1_000; seed++) {
      SplittableRandom random = new SplittableRandom(seed);
      double spacing = 0.25 + 1.75 * random.nextDouble();
      Watched watched =
          new Watched(
              new Make(230, band, 20 * random.nextDouble(), noise, dropped, false), seed, spacing);
      watched.until(WatchState.READY, 300);
      boolean charged = watched.sees(WatchState.CHARGED, 40);
      watched.release(2 + 2 * random.nextDouble(), Fault.NONE);
      double released = watched.bowl.seconds();
      while (watched.watcher.state() != WatchState.DONE
          && !(watched.bowl.seconds() > watched.bowl.goneAt() + 45)
          && watched.bowl.seconds() < released + 200) {
        watched.next();
      }
      boolean done = watched.watcher.state() == WatchState.DONE;
      missed += done ? 0 : 1;
      wrong += charged || (done && watched.bowl.acid() > 0.1 * watched.loaded) ? 1 : 0;
    }
    assertThat(missed).as("missed ends of 1,000").isLessThan(5);
    assertThat(wrong).as("false ends of 1,000").isLessThan(5);
  }

  @Test
  void acid_let_go_before_the_bowl_is_hot_is_told_at_once() {
    Watched watched = new Watched(Make.USUAL, 3, 0.5);
    watched.next();
    watched.release(2, Fault.NONE);
    assertThat(watched.watcher.alerts()).containsExactly(WatchAlert.TOO_EARLY);
  }

  @ParameterizedTest
  @EnumSource(
      value = Fault.class,
      names = {"STUCK_CAP", "CLOG", "WEAK_PACK", "OVERLOAD"})
  void every_fault_is_told_within_two_minutes(Fault fault) {
    for (int seed = 1; seed <= 50; seed++) {
      Watched watched = new Watched(Make.USUAL, seed, 0.5);
      watched.until(WatchState.READY, 200);
      watched.release(fault == Fault.OVERLOAD ? 4 : 3, fault);
      WatchAlert wanted =
          switch (fault) {
            case STUCK_CAP, CLOG -> WatchAlert.NO_CHARGE;
            case WEAK_PACK -> WatchAlert.SWAP_PACK;
            default -> WatchAlert.NO_RECOVERY;
          };
      double from = watched.bowl.seconds();
      while (!watched.watcher.alerts().contains(wanted) && watched.bowl.seconds() < from + 120) {
        watched.next();
      }
      assertThat(watched.watcher.alerts()).as("%s, seed %d", fault, seed).contains(wanted);
    }
  }

  @Test
  void a_bowl_that_never_gets_hot_is_told_after_twice_the_usual_time() {
    BurnWatcher watcher = new BurnWatcher(TOOL);
    for (double at = 0; at < 201; at += 1) {
      watcher.take(new Sample(at, 120, null));
    }
    assertThat(watcher.alerts()).isEmpty();
    watcher.take(new Sample(201, 120, null));
    assertThat(watcher.alerts()).containsExactly(WatchAlert.NEVER_READY);
  }

  @Test
  void far_too_hot_means_stop_until_it_is_cooler() {
    BurnWatcher watcher = new BurnWatcher(TOOL);
    for (double at = 0; at < 5; at += 1) {
      watcher.take(new Sample(at, 256, null));
    }
    assertThat(watcher.alerts()).containsExactly(WatchAlert.TOO_HOT);
    for (double at = 5; at < 10; at += 1) {
      watcher.take(new Sample(at, 240, null));
    }
    assertThat(watcher.alerts()).isEmpty();
  }

  @Test
  void one_wild_sample_changes_nothing() {
    Watched watched = new Watched(Make.USUAL, 11, 0.5);
    watched.until(WatchState.READY, 200);
    double at = watched.bowl.seconds();
    watched.watcher.take(new Sample(at + 0.1, 20, 5.0));
    watched.next();
    watched.next();
    assertThat(watched.watcher.state()).isEqualTo(WatchState.READY);
    assertThat(watched.watcher.alerts()).isEmpty();
  }

  @Test
  void a_late_or_repeated_sample_is_left_aside() {
    BurnWatcher watcher = new BurnWatcher(TOOL);
    watcher.take(new Sample(10, 100, null));
    watcher.take(new Sample(11, 101, null));
    watcher.take(new Sample(12, 102, null));
    watcher.take(new Sample(11, 300, null));
    watcher.take(new Sample(12, 300, null));
    assertThat(watcher.celsius()).isEqualTo(101);
  }

  @Test
  void a_fresh_pack_ends_the_call_for_one() {
    BurnWatcher watcher = new BurnWatcher(TOOL);
    for (double at = 0; at < 3; at += 1) {
      watcher.take(new Sample(at, 100, 14.9));
    }
    assertThat(watcher.alerts()).containsExactly(WatchAlert.SWAP_PACK);
    watcher.packSwapped();
    watcher.take(new Sample(4, 100, 20.1));
    assertThat(watcher.alerts()).isEmpty();
  }

  @Test
  void a_second_load_is_seen_after_the_first() {
    Watched watched = new Watched(Make.USUAL, 5, 1);
    watched.until(WatchState.READY, 200);
    for (int load = 1; load <= 2; load++) {
      watched.release(3, Fault.NONE);
      watched.until(WatchState.CHARGED, 20);
      watched.until(WatchState.DONE, 90);
      watched.until(WatchState.READY, 60);
    }
    assertThat(watched.watcher.alerts()).isEmpty();
  }

  @Test
  void on_ten_bowls_ends_are_told_by_temperature_and_fitted_time_and_a_stuck_cap_has_none() {
    for (WatcherBench.Bowl bowl : WatcherBench.BOWLS) {
      WatcherBench.Ends ends = WatcherBench.measure(bowl, 50);
      assertThat(ends.wrong()).as("false ends of 50: " + bowl.name()).isLessThanOrEqualTo(1);
      assertThat(ends.missed()).as("missed ends of 50: " + bowl.name()).isLessThanOrEqualTo(1);
      assertThat(WatcherBench.measure(bowl, 15, Fault.STUCK_CAP).wrong()).isZero();
    }
  }

  @Test
  void power_that_was_away_is_no_load() {
    for (int seed = 1; seed <= 20; seed++) {
      Watched watched = new Watched(Make.USUAL, seed, 0.5);
      watched.until(WatchState.READY, 200);
      double at = watched.bowl.seconds();
      for (int i = 1; i <= 40; i++) {
        watched.watcher.take(new Sample(at + i * 0.5, 230 - 0.4 * i, 20.0));
      }
      assertThat(watched.watcher.state()).isEqualTo(WatchState.PREHEATING);
      assertThat(watched.watcher.alerts()).contains(WatchAlert.UNMARKED_FALL);
      for (int i = 41; i <= 90; i++) {
        watched.watcher.take(new Sample(at + i * 0.5, Math.min(230, 214 + (i - 41)), 20.0));
      }
      assertThat(watched.watcher.doneAt()).as("logs nothing").isNaN();
      assertThat(watched.watcher.state()).isEqualTo(WatchState.READY);
      watched.watcher.answered();
      assertThat(watched.watcher.alerts()).isEmpty();
    }
  }

  @Test
  void a_pack_swap_or_a_gap_in_the_samples_means_heating_up_again() {
    Watched watched = new Watched(Make.USUAL, 3, 0.5);
    watched.until(WatchState.READY, 200);
    watched.watcher.packSwapped();
    assertThat(watched.watcher.state()).isEqualTo(WatchState.PREHEATING);
    watched.until(WatchState.READY, 20);
    watched.watcher.take(new Sample(watched.bowl.seconds() + 3.1, 215, 20.0));
    assertThat(watched.watcher.state()).isEqualTo(WatchState.PREHEATING);
  }

  @Test
  void a_mark_that_comes_a_little_after_the_fall_is_its_mark() {
    Watched watched = new Watched(Make.USUAL, 9, 0.5);
    watched.until(WatchState.READY, 200);
    watched.bowl.release(3, Fault.NONE);
    while (!watched.watcher.alerts().contains(WatchAlert.UNMARKED_FALL)) {
      watched.next();
    }
    watched.watcher.released(watched.bowl.seconds(), 3, 30.0);
    assertThat(watched.watcher.alerts()).isEmpty();
    assertThat(watched.watcher.state()).isEqualTo(WatchState.CHARGED);
    watched.until(WatchState.DONE, 90);
  }

  @Test
  void far_below_its_set_temperature_a_load_is_told_as_weak_power_or_overload() {
    Watched watched = new Watched(Make.USUAL, 9, 0.5);
    watched.until(WatchState.READY, 200);
    watched.release(9, Fault.NONE);
    double from = watched.bowl.seconds();
    while (!watched.watcher.alerts().contains(WatchAlert.WEAK_OR_OVERLOADED)) {
      watched.next();
      assertThat(watched.bowl.seconds()).isLessThan(from + 60);
    }
  }

  /** A bowl and its watcher. */
  private static final class Watched {

    final SimulatedBowl bowl;
    final BurnWatcher watcher = new BurnWatcher(TOOL);
    final double spacing;
    double loaded;

    Watched(Make make, long seed, double spacing) {
      this.bowl = new SimulatedBowl(make, seed);
      this.spacing = spacing;
    }

    void next() {
      Sample sample = bowl.after(spacing);
      if (sample != null) {
        watcher.take(sample);
      }
    }

    void release(double grams, Fault fault) {
      loaded = grams;
      watcher.released(bowl.seconds(), grams, null);
      bowl.release(grams, fault);
    }

    void until(WatchState wanted, double seconds) {
      assertThat(sees(wanted, seconds)).as("%s within %s s", wanted, seconds).isTrue();
    }

    boolean sees(WatchState wanted, double seconds) {
      double from = bowl.seconds();
      while (watcher.state() != wanted && bowl.seconds() < from + seconds) {
        next();
      }
      return watcher.state() == wanted;
    }
  }
}
