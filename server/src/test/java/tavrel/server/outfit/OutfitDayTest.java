package tavrel.server.outfit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiary.ZoneFrom;
import tavrel.server.hive.Hives;

class OutfitDayTest {

  private static final Instant LATE = Instant.parse("2026-02-28T23:30:00Z");

  private final DepotMapper depot = mock();
  private final Apiaries apiaries = mock();
  private final Hives hives = mock();

  @BeforeEach
  void nobody_has_said_anything() {
    when(depot.depot()).thenReturn(Optional.empty());
  }

  @ParameterizedTest
  @CsvSource({"Pacific/Kiritimati, 2026-03-01", "UTC, 2026-02-28", "Etc/GMT+11, 2026-02-28"})
  void today_is_the_day_where_the_outfit_is(String zone, LocalDate day) {
    when(depot.depot()).thenReturn(Optional.of(new Depot("Barn", 47, -24, zone)));
    assertThat(outfit(ZoneOffset.UTC).today()).isEqualTo(day);
  }

  @Test
  void without_a_depot_it_goes_by_where_most_hives_stand() {
    Apiary one = apiary("Cold Quay", "Etc/GMT+11");
    Apiary two = apiary("Kiln Field", "Pacific/Kiritimati");
    Apiary three = apiary("Hollow Bank", "Pacific/Kiritimati");
    when(apiaries.all()).thenReturn(List.of(one, two, three));
    when(hives.counts()).thenReturn(Map.of(one.id(), 10, two.id(), 6, three.id(), 6));
    assertThat(outfit(ZoneOffset.UTC).zone()).isEqualTo(ZoneId.of("Pacific/Kiritimati"));
    when(hives.counts()).thenReturn(Map.of(one.id(), 10, two.id(), 6));
    assertThat(outfit(ZoneOffset.UTC).zone()).isEqualTo(ZoneId.of("Etc/GMT+11"));
    when(hives.counts()).thenReturn(Map.of());
    assertThat(outfit(ZoneOffset.UTC).zone()).isEqualTo(ZoneId.of("Etc/GMT+11"));
  }

  @Test
  void without_any_place_it_goes_by_the_machine() {
    ZoneOffset here = ZoneOffset.ofHours(2);
    assertThat(outfit(here).zone()).isEqualTo(here);
    assertThat(outfit(here).today()).isEqualTo("2026-03-01");
  }

  private OutfitDay outfit(ZoneId machine) {
    return new OutfitDay(depot, apiaries, hives, Clock.fixed(LATE, machine));
  }

  private static Apiary apiary(String name, String zone) {
    return new Apiary(UUID.randomUUID(), name, null, null, null, zone, ZoneFrom.PERSON, null);
  }
}
