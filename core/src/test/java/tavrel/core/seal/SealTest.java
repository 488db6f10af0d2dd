package tavrel.core.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tavrel.core.InvalidValue;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Cracks;
import tavrel.core.hive.Entrance;
import tavrel.core.hive.Fittings;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.hive.InnerCover;
import tavrel.core.hive.Port;
import tavrel.core.hive.Shutting;
import tavrel.core.hive.SupersPlan;
import tavrel.core.mite.KillCurve;

class SealTest {

  /** The four set-ups that the estimate is calibrated to. */
  @ParameterizedTest
  @CsvSource({
    "SOLID, WET_CLOTH, 0.90",
    "SOLID, LEFT_OPEN, 0.68",
    "MESH_LOOSE_TRAY, WET_CLOTH, 0.45",
    "BARE_MESH, WET_CLOTH, 0.20"
  })
  void one_deep_keeps_what_keepers_say(Floor floor, Shutting shutting, double kept) {
    assertThat(estimate(hive("deep", floor, shutting)).kept()).isCloseTo(kept, within(0.01));
  }

  @Test
  void after_ten_minutes_95_percent_of_what_will_settle_is_down() {
    SealEstimate tight = estimate(hive("deep", Floor.SOLID, Shutting.WET_CLOTH));
    assertThat(tight.mostlyDownSeconds()).isBetween(480.0, 600.0);
  }

  @Test
  void nothing_of_the_acid_is_forgotten() {
    for (SealPoint point :
        SealEstimate.of(
                hive("2x deep", Floor.MESH_LOOSE_TRAY, Shutting.LEFT_OPEN),
                new Release(2, 40, 60),
                10,
                SealParameters.USUAL)
            .curve()) {
      double released = new Release(2, 40, 60).released(point.second());
      assertThat(point.inAir() + point.settled() + point.lost()).isCloseTo(released, within(1e-12));
    }
  }

  @Test
  void the_closed_form_is_what_small_steps_in_time_come_to() {
    Release release = new Release(2, 35, 50);
    Hive hive = hive("deep", Floor.MESH_LOOSE_TRAY, Shutting.LEFT_OPEN);
    SealEstimate estimate = SealEstimate.of(hive, release, 8, SealParameters.USUAL);
    double leaking =
        estimate.leaks().stream().mapToDouble(Leak::litresASecond).sum() / estimate.litres();
    double settling = SealParameters.USUAL.settling();
    double step = 0.01;
    double air = 0;
    double settled = 0;
    for (double t = 0; t < release.seconds() + 480 - step / 2; t += step) {
      double into = release.released(t + step) - release.released(t);
      settled += settling * air * step;
      air += into - (settling + leaking) * air * step;
    }
    assertThat(estimate.kept()).isCloseTo(settled, within(1e-4));
    assertThat(estimate.inAir()).isCloseTo(air, within(1e-4));
  }

  @Test
  void a_larger_hive_keeps_more_with_the_same_openings() {
    assertThat(estimate(hive("2x deep", Floor.MESH_LOOSE_TRAY, Shutting.WET_CLOTH)).kept())
        .isGreaterThan(
            estimate(hive("deep", Floor.MESH_LOOSE_TRAY, Shutting.WET_CLOTH)).kept() + 0.1);
  }

  @Test
  void supers_that_stay_on_are_filled_too() {
    Hive hive = hive("deep", Floor.SOLID, Shutting.WET_CLOTH);
    Hive withSupers = hive.withSupers(2).with(hive.fittings().with(SupersPlan.LEFT_ON));
    assertThat(estimate(hive).litres()).isCloseTo(42, within(1e-9));
    assertThat(estimate(withSupers).litres()).isCloseTo(42 + 56, within(1e-9));
  }

  @Test
  void more_leak_never_keeps_more_and_a_longer_seal_never_less() {
    SplittableRandom random = new SplittableRandom(4);
    for (int i = 0; i < 5_000; i++) {
      Hive hive = anyHive(random);
      Release release =
          new Release(random.nextInt(1, 4), random.nextDouble(5, 400), random.nextDouble(0, 200));
      double minutes = random.nextDouble(2, 30);
      double kept = SealEstimate.of(hive, release, minutes, SealParameters.USUAL).kept();
      assertThat(kept).isBetween(0.0, 1.0);
      for (LeakKind kind : LeakKind.values()) {
        Hive shut = kind.shut(hive);
        assertThat(SealEstimate.kept(shut, release, minutes, SealParameters.USUAL))
            .as("%s shut in %s", kind, hive)
            .isGreaterThanOrEqualTo(kept - 1e-12);
      }
      assertThat(SealEstimate.kept(hive, release, minutes + 5, SealParameters.USUAL))
          .isGreaterThanOrEqualTo(kept - 1e-12);
      assertThat(SealEstimate.kept(hive, release, minutes, SealParameters.USUAL))
          .isCloseTo(kept, within(1e-12));
    }
  }

  @Test
  void the_opening_that_costs_most_comes_first_and_beats_a_gram() {
    Hive tight = hive("deep", Floor.MESH_LOOSE_TRAY, Shutting.WET_CLOTH);
    Hive leaky = tight.with(tight.fittings().with(InnerCover.HOLE_OPEN).with(Cracks.A_FEW));
    SealReading reading = read(leaky, 2);
    assertThat(reading.gains())
        .extracting(SealReading.Gain::kind)
        .containsExactly(LeakKind.FLOOR, LeakKind.INNER_COVER, LeakKind.CRACKS);
    assertThat(reading.gains().get(0).kill())
        .as("a tight tray kills more than a third gram")
        .isGreaterThan(reading.killGramMore());
    assertThat(reading.keptShut()).isGreaterThan(reading.gains().get(0).kept());
  }

  @Test
  void a_tight_hive_is_told_to_shut_nothing() {
    SealReading reading = read(hive("deep", Floor.SOLID, Shutting.WET_CLOTH), 2);
    assertThat(reading.gains()).isEmpty();
    assertThat(reading.leaky()).isFalse();
    assertThat(read(hive("deep", Floor.MESH_LOOSE_TRAY, Shutting.WET_CLOTH), 2).leaky()).isTrue();
    assertThat(read(hive("deep", Floor.SOLID, Shutting.LEFT_OPEN), 2).leaky()).isFalse();
    assertThat(reading.kill()).isCloseTo(KillCurve.FIELD.kill(2, reading.kept()), within(1e-12));
    assertThat(reading.killShut()).isCloseTo(reading.kill(), within(1e-12));
  }

  @ParameterizedTest
  @ValueSource(doubles = {-5, 0, Double.NaN, 3_600})
  void a_burn_that_cannot_be_is_refused(double seconds) {
    assertThatThrownBy(() -> new Release(1, seconds, 0))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("1 to 1800 s");
  }

  private static Hive anyHive(SplittableRandom random) {
    Fittings fittings =
        new Fittings(
            Fittings.USUAL.material(),
            any(Entrance.values(), random),
            any(Shutting.values(), random),
            any(InnerCover.values(), random),
            any(Cracks.values(), random),
            any(Port.values(), random),
            any(SupersPlan.values(), random),
            null,
            false);
    String[] boxes = {"nucleus", "deep", "2x deep", "medium 8 + deep 12"};
    return new Hive(
        UUID.randomUUID(),
        "h",
        1,
        1,
        BoxNotation.read(boxes[random.nextInt(boxes.length)]),
        random.nextInt(3),
        any(Floor.values(), random),
        fittings,
        null,
        null);
  }

  private static <T> T any(T[] from, SplittableRandom random) {
    return from[random.nextInt(from.length)];
  }

  private static SealReading read(Hive hive, double grams) {
    return SealReading.of(hive, Release.USUAL, 10, grams, SealParameters.USUAL, KillCurve.FIELD);
  }

  private static SealEstimate estimate(Hive hive) {
    return SealEstimate.of(hive, Release.USUAL, 10, SealParameters.USUAL);
  }

  private static Hive hive(String boxes, Floor floor, Shutting shutting) {
    Hive hive = Hive.ofRoster(UUID.randomUUID(), "h", 1, BoxNotation.read(boxes), 0, floor);
    return hive.with(hive.fittings().with(shutting));
  }
}
