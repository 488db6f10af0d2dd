package tavrel.server.reporting.yards;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;
import tavrel.server.Yard;

class YardsTest extends Yard {

  @Test
  void a_yard_nobody_counted_is_unknown_and_one_with_a_heavy_count_is_in_danger() {
    assertThat(line().path("state").asText()).isEqualTo("UNKNOWN");
    assertThat(line().path("hives").asInt()).isEqualTo(hives.size());
    assertThat(line().path("sampled").asInt()).isZero();
    assertThat(line().path("begin").isMissingNode()).as("until when to begin").isTrue();

    for (String hive : hives) {
      wash(hive, today, 2);
    }
    JsonNode counted = line();
    assertThat(counted.path("sampled").asInt()).isEqualTo(hives.size());
    assertThat(counted.path("share").asDouble()).isBetween(0.006, 0.007);
    assertThat(counted.path("lastSeen").asText()).isEqualTo(today.toString());
    assertThat(counted.path("interval").path("low").asDouble()).isLessThan(0.0067);
  }

  @Test
  void the_table_can_be_taken_away_with_the_same_yards() {
    String csv = get(reader, "/api/yards/table.csv").text();

    assertThat(csv).startsWith("apiary,hives,state,held_since,sampled,counted_percent");
    assertThat(csv.lines().filter(each -> each.contains("," + hives.size() + ","))).isNotEmpty();
  }

  @Test
  void what_was_counted_this_year_is_told_month_by_month() {
    wash(hives.get(0), today, 6);

    JsonNode months = get(reader, "/api/yards").json().path("months");

    JsonNode last = months.get(months.size() - 1);
    assertThat(last.path("month").asInt()).isEqualTo(today.getMonthValue());
    assertThat(last.path("mites").asInt()).isGreaterThanOrEqualTo(6);
  }

  private JsonNode line() {
    for (JsonNode each : get(reader, "/api/yards").json().path("yards")) {
      if (each.path("apiary").path("id").asText().equals(apiaryId)) {
        return each;
      }
    }
    throw new AssertionError("the yard is missing");
  }
}
