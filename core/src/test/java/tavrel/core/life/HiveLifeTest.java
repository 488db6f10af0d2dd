package tavrel.core.life;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tavrel.core.InvalidValue;
import tavrel.core.hive.BoxNotation;

/** Where a hive stood, what it was called, and what cannot have happened to it. */
class HiveLifeTest {

  private static final UUID HIVE = new UUID(0, 1);
  private static final UUID FERN = new UUID(1, 1);
  private static final UUID MOOR = new UUID(1, 2);
  private static final UUID HEATH = new UUID(1, 3);
  private static final LocalDate MAY = LocalDate.of(2026, 5, 1);
  private static final LocalDate AUGUST = LocalDate.of(2026, 8, 10);
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 30);

  private static final LifeEvent.SetUp STOOD =
      new LifeEvent.SetUp(BoxNotation.read("deep 10"), 0, null);

  private int written;

  @Test
  void stands_where_it_began_until_it_moves() {
    HiveLife life = life(moved(AUGUST, MOOR));
    assertThat(life.on(AUGUST.minusDays(1)).orElseThrow().apiaryId()).isEqualTo(FERN);
    assertThat(life.on(AUGUST).orElseThrow().apiaryId()).isEqualTo(MOOR);
    assertThat(life.on(MAY.minusDays(1))).as("before it began").isEmpty();
    assertThat(life.last()).isEqualTo(new Stay(MOOR, "F1", AUGUST, null));
  }

  @Test
  void keeps_its_old_name_for_the_days_on_which_it_had_it() {
    HiveLife life = life(entry(AUGUST, new LifeEvent.Renamed("M7")), moved(AUGUST, MOOR));
    assertThat(life.on(AUGUST.minusDays(1)).orElseThrow().name()).isEqualTo("F1");
    assertThat(life.on(TODAY).orElseThrow()).isEqualTo(new Stay(MOOR, "M7", AUGUST, null));
    assertThat(life.stays()).filteredOn(Stay::isEmpty).as("a name of no day").hasSize(1);
  }

  @Test
  void of_two_moves_the_later_day_stands_and_of_one_day_the_later_written() {
    assertThat(life(moved(AUGUST.plusDays(2), HEATH), moved(AUGUST, MOOR)).last().apiaryId())
        .isEqualTo(HEATH);
    assertThat(life(moved(AUGUST, HEATH), moved(AUGUST, MOOR)).last().apiaryId()).isEqualTo(MOOR);
  }

  @Test
  void stands_in_the_boxes_of_its_day_and_says_no_to_what_changes_nothing() {
    LifeEvent.SetUp high = new LifeEvent.SetUp(BoxNotation.read("2x deep 10"), 3, null);
    LifeEvent.SetUp low = new LifeEvent.SetUp(BoxNotation.read("deep 10"), 1, HEATH);
    HiveLife life = life(entry(AUGUST.plusDays(9), low), entry(AUGUST, high));
    assertThat(life.setUpOn(AUGUST.minusDays(1))).isEqualTo(STOOD);
    assertThat(life.setUpOn(AUGUST.plusDays(8))).isEqualTo(high);
    assertThat(life.setUp()).isEqualTo(low);
    assertThat(life.stays()).as("boxes are no move").hasSize(1);
    refused(life, entry(AUGUST.plusDays(3), high), "standsSo");
  }

  @Test
  void is_the_same_in_whatever_order_it_was_written_down() {
    List<LifeEntry> entries =
        new ArrayList<>(
            List.of(
                moved(AUGUST, MOOR),
                entry(AUGUST.plusDays(3), new LifeEvent.Renamed("M7")),
                moved(AUGUST.plusDays(20), FERN),
                entry(
                    AUGUST.plusDays(40),
                    new LifeEvent.Ended(EndKind.DIED, DeadOutSign.STARVED, null))));
    HiveLife life = HiveLife.of(HIVE, began(), entries);
    for (int seed = 0; seed < 20; seed++) {
      Collections.shuffle(entries, new Random(seed));
      assertThat(HiveLife.of(HIVE, began(), entries)).isEqualTo(life).hasSameHashCodeAs(life);
    }
    assertThat(life.stays())
        .extracting(Stay::from)
        .containsExactly(MAY, AUGUST, AUGUST.plusDays(3), AUGUST.plusDays(20));
    assertThat(life.endedOn()).isEqualTo(AUGUST.plusDays(40));
    assertThat(life.on(AUGUST.plusDays(40))).isEmpty();
  }

  @Test
  void cannot_do_anything_before_it_began_ahead_of_today_or_after_its_end() {
    refused(life(), moved(MAY.minusDays(1), MOOR), "beforeItBegan");
    refused(life(), moved(TODAY.plusDays(1), MOOR), "lifeAhead");
    HiveLife ended = life(entry(AUGUST, new LifeEvent.Ended(EndKind.SOLD, null, "Alder")));
    refused(ended, moved(AUGUST.plusDays(1), MOOR), "hasEnded");
    refused(ended, entry(TODAY, new LifeEvent.Ended(EndKind.DIED, null, null)), "hasEnded");
    LifeEntry end = ended.end();
    assertThat(ended.without(end.id()).endedOn()).as("an end can be taken back").isNull();
  }

  @Test
  void cannot_change_into_what_it_is() {
    refused(life(), moved(AUGUST, FERN), "standsThere");
    refused(life(), entry(AUGUST, new LifeEvent.Renamed("F1")), "isItsName");
    refused(life(), entry(AUGUST, new LifeEvent.UnitedInto(HIVE)), "unitedWithItself");
  }

  @Test
  void cannot_end_before_the_last_that_was_done_or_written() {
    refused(
        life(),
        entry(AUGUST, new LifeEvent.Ended(EndKind.DIED, null, null)),
        "endsBeforeLastWork",
        new Evidence(AUGUST.plusDays(1), null));
    refused(
        life(moved(AUGUST, MOOR)),
        entry(AUGUST.minusDays(1), new LifeEvent.UnitedInto(HEATH)),
        "endsBeforeOtherEntry");
    assertThat(
            life()
                .with(
                    entry(AUGUST, new LifeEvent.Ended(EndKind.DIED, null, null)),
                    TODAY,
                    List.of(new Evidence(AUGUST, FERN)))
                .endedOn())
        .as("treated in the morning, found dead in the evening")
        .isEqualTo(AUGUST);
  }

  @Test
  void cannot_have_left_a_yard_in_which_it_was_treated_later() {
    refused(
        life(), moved(AUGUST, MOOR), "wasTreatedElsewhere", new Evidence(AUGUST.plusDays(2), FERN));
    assertThat(
            life()
                .with(
                    moved(AUGUST, MOOR),
                    TODAY,
                    List.of(
                        new Evidence(AUGUST.plusDays(2), MOOR),
                        new Evidence(AUGUST.plusDays(3), null)))
                .last()
                .apiaryId())
        .isEqualTo(MOOR);
    HiveLife back = life(moved(AUGUST.plusDays(5), FERN), moved(AUGUST.minusDays(5), MOOR));
    assertThat(
            back.with(moved(AUGUST, HEATH), TODAY, List.of(new Evidence(AUGUST.plusDays(9), FERN)))
                .stays())
        .as("treated after it had come back")
        .hasSize(4);
  }

  @Test
  void a_move_that_a_treatment_shows_to_be_true_is_not_taken_back() {
    LifeEntry move = moved(AUGUST, MOOR);
    List<Evidence> seen = List.of(new Evidence(AUGUST.plusDays(2), MOOR));
    HiveLife life = life(move);
    life.refuseAgainst(seen);
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(() -> life.without(move.id()).refuseAgainst(seen))
        .satisfies(says -> assertThat(says.code()).isEqualTo("wasTreatedThere"));
  }

  @Test
  void a_queen_is_known_from_the_day_on_which_she_was_written_down() {
    LifeEvent.QueenChanged queen =
        new LifeEvent.QueenChanged(QueenChange.GIVEN, 2026, "blue", "moor");
    HiveLife life =
        life(
            entry(AUGUST, queen),
            entry(
                AUGUST.plusDays(30), new LifeEvent.QueenChanged(QueenChange.LOST, null, " ", "")));
    assertThat(life.queenOn(AUGUST.plusDays(1))).contains(queen);
    assertThat(life.queenOn(MAY)).isEmpty();
    assertThat(life.queenOn(TODAY).orElseThrow().change()).isEqualTo(QueenChange.LOST);
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(() -> new LifeEvent.QueenChanged(QueenChange.LOST, 2026, null, null))
        .satisfies(says -> assertThat(says.code()).isEqualTo("lostQueenDescribed"));
  }

  @Test
  void a_split_names_its_mother_and_its_day() {
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(() -> new Beginning(BeganAs.SPLIT, MAY, FERN, "F2", null, STOOD))
        .satisfies(says -> assertThat(says.code()).isEqualTo("splitNeedsMother"));
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(() -> new Beginning(BeganAs.SWARM, MAY, FERN, "F2", HIVE, STOOD))
        .satisfies(says -> assertThat(says.code()).isEqualTo("onlySplitHasMother"));
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(() -> new Beginning(BeganAs.SPLIT, null, FERN, "F2", HIVE, STOOD))
        .satisfies(says -> assertThat(says.code()).isEqualTo("splitNeedsDay"));
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(() -> new LifeEvent.Ended(EndKind.SOLD, DeadOutSign.WET, null))
        .satisfies(says -> assertThat(says.code()).isEqualTo("signOfTheLiving"));
  }

  private static Beginning began() {
    return new Beginning(BeganAs.ALREADY_HERE, MAY, FERN, "F1", null, STOOD);
  }

  private static HiveLife life(LifeEntry... entries) {
    return HiveLife.of(HIVE, began(), List.of(entries));
  }

  private LifeEntry moved(LocalDate day, UUID to) {
    return entry(day, new LifeEvent.Moved(to));
  }

  private LifeEntry entry(LocalDate day, LifeEvent what) {
    written++;
    return new LifeEntry(
        new UUID(2, written), day, what, "Wren", Instant.EPOCH.plusSeconds(written));
  }

  private static void refused(HiveLife life, LifeEntry entry, String code, Evidence... seen) {
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(() -> life.with(entry, TODAY, List.of(seen)))
        .satisfies(says -> assertThat(says.code()).isEqualTo(code));
  }
}
