package tavrel.server.hive;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/** A yard that is held lets nothing in or out until the order is lifted. */
class HoldsTest extends Yard {

  @Test
  void nothing_leaves_it_comes_in_or_is_given_away_on_the_days_on_which_it_is_held() {
    hold(today.minusDays(5).toString(), "foulbrood, order 12");
    String other = another();
    assertThat(act("MOVED", Map.of("apiaryId", other), 2)).contains("apiaryHeld");
    assertThat(act("UNITED", Map.of("intoId", hives.get(1)), 2)).contains("apiaryHeld");
    assertThat(act("SET_UP", Map.of("intoId", hives.get(1), "supers", 1), 2))
        .contains("apiaryHeld");
    assertThat(split(2)).contains("apiaryHeld");
    assertThat(act("MOVED", Map.of("apiaryId", other), 6)).as("before it was held").isEmpty();
    assertThat(act("ENDED", Map.of("endKind", "DIED"), 1, 1)).as("a hive may die").isEmpty();
    assertThat(get(reader, "/api/apiaries/" + apiaryId).json().path("hold").path("why").asText())
        .isEqualTo("foulbrood, order 12");
  }

  @Test
  void once_it_is_lifted_all_goes_on_and_the_order_stays_on_record() {
    hold(today.minusDays(5).toString(), "ban");
    hold(today.minusDays(6).toString(), "ban on movement");
    assertThat(lift(today.minusDays(7).toString()).text()).contains("beforeFrom");
    assertThat(lift(today.plusDays(1).toString()).text()).contains("lifeAhead");
    assertThat(lift(today.minusDays(1).toString()).json())
        .hasSize(1)
        .first()
        .satisfies(
            hold -> {
              assertThat(hold.path("why").asText()).isEqualTo("ban on movement");
              assertThat(hold.path("until").asText()).isEqualTo(today.minusDays(1).toString());
            });
    assertThat(act("MOVED", Map.of("apiaryId", another()), 0)).isEmpty();
    assertThat(get(reader, "/api/apiaries/" + apiaryId).json().has("hold")).isFalse();
  }

  @Test
  void an_order_that_nobody_can_know_later_and_one_of_tomorrow_are_refused() {
    assertThat(hold(today.toString(), " ").text()).contains("\"field\":\"why\"");
    assertThat(hold(today.plusDays(1).toString(), "x").text()).contains("lifeAhead");
    assertThat(
            send(
                    crew,
                    HttpMethod.PUT,
                    "/api/apiaries/" + apiaryId + "/hold",
                    Map.of("from", today.toString(), "why", "x"))
                .status())
        .isEqualTo(403);
  }

  private Answer hold(String from, String why) {
    return send(
        keeper,
        HttpMethod.PUT,
        "/api/apiaries/" + apiaryId + "/hold",
        Map.of("from", from, "why", why));
  }

  private Answer lift(String day) {
    return send(
        keeper, HttpMethod.PUT, "/api/apiaries/" + apiaryId + "/hold/lifted", Map.of("day", day));
  }

  /** What the first hive's act was refused with; empty if it was not. */
  private String act(String kind, Map<String, Object> more, int daysAgo, int which) {
    Map<String, Object> act = new HashMap<>(more);
    act.put("kind", kind);
    act.put("day", today.minusDays(daysAgo).toString());
    act.put("hiveIds", List.of(hives.get(which)));
    Answer answer = send(keeper, HttpMethod.PUT, "/api/hive-acts/" + UUID.randomUUID(), act);
    return answer.status() == 200 ? "" : answer.text();
  }

  private String act(String kind, Map<String, Object> more, int daysAgo) {
    return act(kind, more, daysAgo, 0);
  }

  private String split(int daysAgo) {
    return send(
            keeper,
            HttpMethod.PUT,
            "/api/apiaries/%s/hives/%s".formatted(another(), UUID.randomUUID()),
            Map.of(
                "name",
                "S" + UUID.randomUUID(),
                "boxes",
                "deep 10",
                "supers",
                0,
                "floor",
                "SOLID",
                "since",
                today.minusDays(daysAgo).toString(),
                "beganAs",
                "SPLIT",
                "motherId",
                hives.get(0)))
        .text();
  }

  private String another() {
    String id = UUID.randomUUID().toString();
    Map<String, Object> yard = new HashMap<>();
    yard.put("apiary", Map.of("name", "Other " + id));
    yard.put("device", "UTC");
    yard.put("hives", 0);
    yard.put("before", "");
    yard.put("first", 1);
    yard.put("boxes", "deep 10");
    yard.put("supers", 0);
    yard.put("floor", "SOLID");
    Answer opened = send(keeper, HttpMethod.PUT, "/api/apiaries/" + id + "/opened", yard);
    assertThat(opened.status()).as(opened.text()).isEqualTo(200);
    return id;
  }
}
