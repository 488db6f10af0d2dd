package tavrel.server.reporting.register;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tavrel.core.register.TreatmentKind;
import tavrel.server.words.Wording;

class RegisterCalendarTest {

  private static final UUID YARD = new UUID(0, 1);
  private static final LocalDate DAY = LocalDate.of(2026, 8, 11);

  @Test
  void an_apiary_waits_for_honey_as_long_as_its_longest_wait_and_once() {
    String calendar = written(done(0, 20, false), done(7, 14, false));
    assertThat(calendar)
        .containsOnlyOnce("supers for honey may go back")
        .contains("DTSTART;VALUE=DATE:20260901")
        .doesNotContain("A sheet is silent");
  }

  @Test
  void a_sheet_that_is_silent_about_honey_is_spoken_of() {
    assertThat(written(done(0, 14, true))).contains("A sheet is silent about it: read the label");
    assertThat(written(done(0, null, true))).doesNotContain("may go back");
  }

  @Test
  void where_no_day_has_to_be_waited_for_none_is_entered() {
    assertThat(written(done(0, 0, false))).doesNotContain("may go back").contains("BEGIN:VEVENT");
  }

  private static String written(RegisterCalendar.DayDone... days) {
    return RegisterCalendar.write(List.of(days), Instant.EPOCH, Wording.PLAIN).replace("\r\n ", "");
  }

  private static RegisterCalendar.DayDone done(int later, Integer waitingDays, boolean silent) {
    return new RegisterCalendar.DayDone(
        DAY.plusDays(later),
        YARD,
        "Low Meadow",
        TreatmentKind.OXALIC_VAPOUR,
        3,
        6,
        waitingDays,
        silent,
        "A label, version 1");
  }
}
