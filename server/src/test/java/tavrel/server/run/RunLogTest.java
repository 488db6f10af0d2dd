package tavrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;

/** The run log over the real stack: guards, undo, shuffles, two phones at once. */
class RunLogTest extends RoundFixture {

  @Test
  void a_row_is_run_and_found_in_the_register() {
    UUID id = planned();
    confirm(id);
    treat(id, hives.get(0), -700);
    post(id, skip(hives.get(2)));
    JsonNode board = treat(id, hives.get(1), -650).json();
    assertThat(board.path("finished").asBoolean()).isTrue();
    assertThat(board.path("hives").size()).as("only what was moved").isEqualTo(1);
    assertThat(get(keeper, "/api/rounds/" + id + "/board").json().path("hives").size())
        .isEqualTo(3);
    assertThat(board.path("treated").asInt()).isEqualTo(2);
    JsonNode page = register();
    assertThat(page.path("totals").path("acid").asDouble()).isEqualTo(6.0);
    assertThat(page.path("lines").get(0).path("line").path("people").asText())
        .isEqualTo(crew.name());
    assertThat(page.path("lines").get(0).path("line").path("weatherFrom").isMissingNode())
        .as("nobody told of the weather, and none is made up")
        .isTrue();
    assertThat(plan(UUID.randomUUID(), 1, "five days are not over").status())
        .as("the round is finished")
        .isEqualTo(200);
  }

  @Test
  void opening_early_is_refused_without_a_reason_and_written_down_with_one() {
    UUID id = planned();
    confirm(id);
    post(
        id,
        event(hives.get(0), "BURN_STARTED", -60, 1),
        event(hives.get(0), "BURN_ENDED", -20, 1),
        event(hives.get(0), "REMOVED", -20, null));
    Map<String, Object> opened = event(hives.get(0), "OPENED", 0, null);
    assertThat(post(id, opened).json().path("detail").asText()).startsWith("Shut for another");
    opened.put("reason", "cloth fell out");
    assertThat(post(id, opened).status()).isEqualTo(200);
    assertThat(plain(register().path("lines").get(0).path("line").path("remarks")))
        .contains("opened early: cloth fell out");
  }

  @Test
  void the_same_events_shuffled_repeated_and_late_give_the_same_board_and_one_register_line() {
    UUID id = planned();
    confirm(id);
    List<Map<String, Object>> log = new ArrayList<>();
    for (int i = 0; i < 2; i++) {
      String hive = hives.get(i);
      log.add(event(hive, "BURN_STARTED", -900 + 60 * i, 1));
      log.add(event(hive, "BURN_ENDED", -860 + 60 * i, 1));
      log.add(event(hive, "REMOVED", -858 + 60 * i, null));
      log.add(event(hive, "LEAK_SEEN", -855 + 60 * i, null));
    }
    Random random = new Random(7);
    for (int round = 0; round < 6; round++) {
      List<Map<String, Object>> sent = new ArrayList<>(log);
      Collections.shuffle(sent, random);
      for (Map<String, Object> each : sent.subList(0, 5)) {
        assertThat(post(id, each).status()).isEqualTo(200);
      }
    }
    JsonNode board = send(crew, HttpMethod.POST, "/api/rounds/" + id + "/events", log).json();
    assertThat(board.path("hives").get(0).path("stage").asText()).isEqualTo("SEALED");
    assertThat(board.path("hives").get(0).path("marks").size()).isEqualTo(1);
    assertThat(register().path("lines").size()).isEqualTo(2);
    assertThat(
            jdbc.queryForObject(
                "select count(*) from run_event where round_id = ?", Integer.class, id))
        .isEqualTo(log.size());
  }

  @Test
  void an_undone_burn_leaves_the_register_and_stays_in_the_log() {
    UUID id = planned();
    confirm(id);
    Map<String, Object> start = event(hives.get(0), "BURN_STARTED", -60, 1);
    Map<String, Object> end = event(hives.get(0), "BURN_ENDED", -20, 1);
    post(id, start, end);
    assertThat(register().path("lines").size()).isEqualTo(1);
    JsonNode board = post(id, undo(hives.get(0), end), undo(hives.get(0), start)).json();
    assertThat(board.path("hives").get(0).path("stage").asText()).isEqualTo("WAITING");
    assertThat(register().path("lines").size()).isZero();
    assertThat(
            jdbc.queryForObject(
                "select count(*) from run_event where round_id = ?", Integer.class, id))
        .isEqualTo(4);
  }

  @Test
  void two_phones_that_post_the_same_hive_at_once_are_merged_without_a_doubled_treatment()
      throws Exception {
    UUID id = planned();
    confirm(id);
    CountDownLatch go = new CountDownLatch(1);
    ExecutorService phones = Executors.newFixedThreadPool(4);
    List<Future<Integer>> answers = new ArrayList<>();
    for (int phone = 0; phone < 4; phone++) {
      int second = phone;
      answers.add(
          phones.submit(
              () -> {
                go.await();
                return post(
                        id,
                        event(hives.get(0), "BURN_STARTED", -60 + second, 1),
                        event(hives.get(0), "BURN_ENDED", -20 + second, 1))
                    .status();
              }));
    }
    go.countDown();
    for (Future<Integer> answer : answers) {
      assertThat(answer.get()).isEqualTo(200);
    }
    phones.shutdown();
    assertThat(register().path("lines").size()).isEqualTo(1);
    assertThat(register().path("totals").path("acid").asDouble()).isEqualTo(2.0);
  }

  @Test
  void
      an_event_from_the_future_from_another_round_or_of_no_kind_is_refused_and_nothing_of_its_parcel_is_kept() {
    UUID id = planned();
    confirm(id);
    assertThat(
            post(
                    id,
                    event(hives.get(0), "BURN_STARTED", 0, 1),
                    event(hives.get(0), "BURN_ENDED", 3_600, 1))
                .at("at"))
        .contains("future");
    assertThat(post(id, event(UUID.randomUUID().toString(), "BURN_STARTED", 0, 1)).at("hiveId"))
        .contains("not in this round");
    assertThat(post(id, event(hives.get(0), "DANCED", 0, null)).at("0.kind"))
        .contains("BURN_STARTED");
    assertThat(post(id, event(hives.get(0), "SKIPPED", 0, null)).at("reason")).contains("say why");
    assertThat(
            jdbc.queryForObject(
                "select count(*) from run_event where round_id = ?", Integer.class, id))
        .isZero();
  }

  @Test
  void an_id_that_means_something_else_already_is_refused() {
    UUID id = planned();
    confirm(id);
    Map<String, Object> start = event(hives.get(0), "BURN_STARTED", -5, 1);
    post(id, start);
    start.put("kind", "BURN_ENDED");
    assertThat(post(id, start).status()).isEqualTo(409);
  }
}
