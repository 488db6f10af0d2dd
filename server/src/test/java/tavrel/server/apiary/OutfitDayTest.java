package tavrel.server.apiary;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OutfitDayTest {

  private static final Instant LATE = Instant.parse("2026-02-28T23:30:00Z");

  private final ApiaryMapper mapper = mock();

  @ParameterizedTest
  @CsvSource({"Pacific/Kiritimati, 2026-03-01", "UTC, 2026-02-28", "Etc/GMT+11, 2026-02-28"})
  void today_is_the_day_where_the_outfit_is(String zone, LocalDate day) {
    when(mapper.outfitZone()).thenReturn(Optional.of(zone));
    assertThat(new OutfitDay(mapper, Clock.fixed(LATE, ZoneOffset.UTC)).today()).isEqualTo(day);
  }

  @Test
  void without_any_place_or_with_a_zone_nobody_knows_it_goes_by_the_machine() {
    ZoneOffset here = ZoneOffset.ofHours(2);
    when(mapper.outfitZone()).thenReturn(Optional.empty()).thenReturn(Optional.of("Nowhere/Land"));
    OutfitDay day = new OutfitDay(mapper, Clock.fixed(LATE, here));
    assertThat(day.zone()).isEqualTo(here);
    assertThat(day.today()).isEqualTo("2026-03-01");
  }
}
