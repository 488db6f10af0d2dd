package tavrel.core.life;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Whose rounds count for a split and for a united hive. */
class KinshipTest {

  private static final UUID MOTHER = new UUID(0, 1);
  private static final UUID DAUGHTER = new UUID(0, 2);
  private static final UUID GRANDDAUGHTER = new UUID(0, 3);
  private static final LocalDate MARCH = LocalDate.of(2026, 3, 1);
  private static final LocalDate MAY = LocalDate.of(2026, 5, 1);
  private static final LocalDate JUNE = LocalDate.of(2026, 6, 1);
  private static final LocalDate AUGUST = LocalDate.of(2026, 8, 1);
  private static final LocalDate NOVEMBER = LocalDate.of(2025, 11, 1);

  @Test
  void a_split_keeps_what_was_done_to_its_mother_until_that_day() {
    Kinship kin =
        Kinship.of(
            List.of(
                new Tie(DAUGHTER, MOTHER, MAY, Tie.TieKind.SPLIT),
                new Tie(GRANDDAUGHTER, DAUGHTER, JUNE, Tie.TieKind.SPLIT)));
    Map<UUID, List<LocalDate>> own =
        Map.of(
            MOTHER,
            List.of(MARCH, AUGUST),
            DAUGHTER,
            List.of(JUNE),
            GRANDDAUGHTER,
            List.of(AUGUST));
    assertThat(kin.days(DAUGHTER, own::get)).containsExactly(MARCH, JUNE);
    assertThat(kin.days(GRANDDAUGHTER, own::get)).containsExactly(MARCH, JUNE, AUGUST);
    assertThat(kin.days(MOTHER, own::get)).containsExactly(MARCH, AUGUST);
    assertThat(kin.withKin(List.of(GRANDDAUGHTER)))
        .containsExactlyInAnyOrder(GRANDDAUGHTER, DAUGHTER, MOTHER);
  }

  @Test
  void a_united_hive_takes_on_the_stricter_of_both() {
    Kinship kin = Kinship.of(List.of(new Tie(MOTHER, DAUGHTER, JUNE, Tie.TieKind.UNION)));
    assertThat(
            kin.days(
                MOTHER,
                Map.of(MOTHER, List.of(NOVEMBER, MAY), DAUGHTER, List.of(MARCH, JUNE, AUGUST))
                    ::get))
        .as("two rounds of the year, not three; what came after the union was another hive's")
        .containsExactly(NOVEMBER, MARCH, JUNE);
    assertThat(kin.days(MOTHER, Map.of(MOTHER, List.of(MARCH, MAY), DAUGHTER, List.of(JUNE))::get))
        .as("as many rounds as the one had, the latest day of the other")
        .containsExactly(MARCH, JUNE);
    assertThat(kin.days(MOTHER, Map.of(MOTHER, List.<LocalDate>of(), DAUGHTER, List.of(MAY))::get))
        .containsExactly(MAY);
  }

  @Test
  void rounds_after_a_union_come_on_top_of_those_that_either_had_before() {
    Kinship kin = Kinship.of(List.of(new Tie(MOTHER, DAUGHTER, JUNE, Tie.TieKind.UNION)));
    assertThat(
            kin.days(MOTHER, Map.of(MOTHER, List.of(AUGUST), DAUGHTER, List.of(MARCH, MAY))::get))
        .as("the bees that were united had two rounds, and the third in August")
        .containsExactly(MARCH, MAY, AUGUST);
  }

  @Test
  void what_a_mother_took_in_later_is_no_past_of_a_split_that_had_left_her() {
    Kinship kin =
        Kinship.of(
            List.of(
                new Tie(DAUGHTER, MOTHER, MAY, Tie.TieKind.SPLIT),
                new Tie(MOTHER, GRANDDAUGHTER, JUNE, Tie.TieKind.UNION)));
    assertThat(
            kin.days(
                DAUGHTER,
                Map.of(
                        MOTHER,
                        List.<LocalDate>of(),
                        DAUGHTER,
                        List.<LocalDate>of(),
                        GRANDDAUGHTER,
                        List.of(NOVEMBER, MARCH))
                    ::get))
        .isEmpty();
  }

  @Test
  void a_super_brings_the_wait_for_its_honey_and_no_round() {
    Kinship kin = Kinship.of(List.of(new Tie(DAUGHTER, MOTHER, JUNE, Tie.TieKind.SUPERS)));
    Map<UUID, List<LocalDate>> own =
        Map.of(MOTHER, List.of(MAY, AUGUST), DAUGHTER, List.<LocalDate>of());
    assertThat(kin.clinging(DAUGHTER, own::get, day -> day)).containsExactly(MAY);
    assertThat(kin.all(DAUGHTER, own::get, day -> day)).isEmpty();
    assertThat(kin.days(DAUGHTER, own::get)).isEmpty();
    assertThat(kin.withKin(List.of(DAUGHTER))).containsExactlyInAnyOrder(DAUGHTER, MOTHER);
  }

  @Test
  void a_wait_of_any_of_them_clings_to_who_took_its_life_on() {
    Kinship kin =
        Kinship.of(
            List.of(
                new Tie(GRANDDAUGHTER, DAUGHTER, JUNE, Tie.TieKind.UNION),
                new Tie(DAUGHTER, MOTHER, MAY, Tie.TieKind.SPLIT)));
    Map<UUID, List<LocalDate>> own =
        Map.of(
            MOTHER,
            List.of(MARCH, AUGUST),
            DAUGHTER,
            List.of(JUNE),
            GRANDDAUGHTER,
            List.of(NOVEMBER));
    assertThat(kin.all(GRANDDAUGHTER, own::get, day -> day)).containsExactly(NOVEMBER, MARCH, JUNE);
    assertThat(kin.mothers(DAUGHTER)).extracting(Tie::otherId).containsExactly(MOTHER);
  }

  @Test
  void hives_that_were_tied_both_ways_are_read_once() {
    Kinship kin =
        Kinship.of(
            List.of(
                new Tie(DAUGHTER, MOTHER, MAY, Tie.TieKind.SPLIT),
                new Tie(MOTHER, DAUGHTER, AUGUST, Tie.TieKind.UNION)));
    Map<UUID, List<LocalDate>> own = Map.of(MOTHER, List.of(MARCH), DAUGHTER, List.of(JUNE));
    assertThat(kin.days(MOTHER, own::get)).as("March as mother and daughter, June").hasSize(2);
  }
}
