package tavrel.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.Method;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tavrel.core.brood.BroodDefaults;
import tavrel.core.count.LeftOut;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.mite.ColonyGuess;
import tavrel.core.mite.CurveChoice;
import tavrel.core.mite.KillCurve;
import tavrel.core.mite.MiteParameters;
import tavrel.core.seasonplan.Roads;
import tavrel.core.stock.RoundCost;

class ModelParameterTest {

  /** Of every class in the core that has some, by whatever it is asked. */
  private static final List<ModelParameter> ALL =
      new ClassFileImporter()
              .withImportOption(new ImportOption.DoNotIncludeTests())
              .importPackages("tavrel.core")
              .stream()
              .flatMap(each -> each.getMethods().stream())
              .filter(method -> method.getName().equals("parameters"))
              .flatMap(method -> knobsOf(method).stream())
              .toList();

  private static List<ModelParameter> knobsOf(JavaMethod method) {
    try {
      Method reflected = method.reflect();
      reflected.setAccessible(true);
      return ((List<?>) reflected.invoke(null)).stream().map(ModelParameter.class::cast).toList();
    } catch (ReflectiveOperationException broken) {
      throw new LinkageError(method.getFullName(), broken);
    }
  }

  @Test
  void all_groups_of_figures_are_looked_at() {
    assertThat(ALL)
        .containsAll(RoundCost.parameters())
        .containsAll(Roads.parameters())
        .hasSizeGreaterThan(MiteParameters.parameters().size() + BroodDefaults.parameters().size());
  }

  @Test
  void every_figure_has_its_own_key_a_meaning_a_source_and_a_usual_value_in_range() {
    Set<String> keys = new HashSet<>();
    assertThat(ALL)
        .allSatisfy(
            parameter -> {
              assertThat(keys.add(parameter.key())).as(parameter.key()).isTrue();
              assertThat(parameter.meaning()).isNotBlank();
              assertThat(parameter.usual()).isBetween(parameter.least(), parameter.most());
            });
  }

  @Test
  void every_figure_refuses_what_is_out_of_its_range() {
    for (ModelParameter parameter : ALL) {
      assertThat(parameter.in(Map.of())).isEqualTo(parameter.usual());
      assertThat(parameter.in(Map.of(parameter.key(), parameter.most())))
          .isEqualTo(parameter.most());
      assertThatThrownBy(() -> parameter.in(Map.of(parameter.key(), parameter.most() + 1)))
          .isInstanceOfSatisfying(
              InvalidValue.class, wrong -> assertThat(wrong.field()).isEqualTo(parameter.key()));
    }
  }

  @Test
  void each_curve_is_the_keepers_to_change_and_only_that_one() {
    Map<String, Double> own = Map.of("ownScale", 0.4, "ownMost", 0.9);

    assertThat(CurveChoice.FIELD.in(own).kill(2, 0.9))
        .isEqualTo(KillCurve.FIELD.kill(2, 0.9), within(1e-12));
    assertThat(CurveChoice.TRIAL.in(own).kill(2, 0.9))
        .isEqualTo(KillCurve.TRIAL.kill(2, 0.9), within(1e-12));
    assertThat(CurveChoice.OWN.in(own).kill(2, 0.9))
        .isEqualTo(0.9 * (1 - Math.exp(-1.8 / 0.4)), within(1e-12));
  }

  @Test
  void a_guess_from_the_boxes_grows_with_them_and_stays_a_colonys() {
    assertThat(guess("nucleus 5").framesOfBees()).isEqualTo(3.5);
    assertThat(guess("deep 10").framesOfBees()).isEqualTo(7);
    assertThat(guess("deep 10 + medium 10").framesOfBees()).isEqualTo(11.5);
    assertThat(guess("3x deep 10").cappedFrames()).isEqualTo(7);
    assertThat(guess("6x deep 10").cappedFrames()).isEqualTo(8);
  }

  @Test
  void spans_of_days_know_their_ends() {
    LocalDate day = LocalDate.of(2026, 8, 18);
    DaySpan week = new DaySpan(day, day.plusDays(6));

    assertThat(week.days()).isEqualTo(7);
    assertThat(week.contains(day.plusDays(6))).isTrue();
    assertThat(week.contains(day.plusDays(7))).isFalse();
    assertThat(week.meets(new DaySpan(day.plusDays(6), day.plusDays(9)))).isTrue();
    assertThat(week.meets(new DaySpan(day.plusDays(7), day.plusDays(9)))).isFalse();
    assertThatThrownBy(() -> new DaySpan(day, day.minusDays(1)))
        .isInstanceOf(IllegalArgumentException.class);
    assertThat(NumberText.day(day)).isEqualTo("18 Aug");
  }

  @Test
  void a_hive_alone_has_no_neighbour_to_name() {
    Hive one = hive(1, "deep 10");
    Hive far = hive(5, "deep 10");

    assertThat(LeftOut.of(List.of(one, far), one).code()).isEqualTo("leftOut.toOthers");
    assertThat(LeftOut.of(List.of(one, hive(2, "deep 10"), far), one))
        .isEqualTo(Fact.of("leftOut.toOne").text("one", "H2").text("hive", one.name()));
  }

  private static ColonyGuess guess(String boxes) {
    return ColonyGuess.of(hive(1, boxes));
  }

  private static Hive hive(int place, String boxes) {
    return Hive.ofRoster(
        UUID.nameUUIDFromBytes(new byte[] {(byte) place}),
        "H" + place,
        place,
        BoxNotation.read(boxes),
        0,
        Floor.SOLID);
  }
}
