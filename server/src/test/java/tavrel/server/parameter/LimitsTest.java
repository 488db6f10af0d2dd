package tavrel.server.parameter;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;
import tavrel.core.pace.RunSetUp;
import tavrel.core.spacing.Schedule;
import tavrel.server.ServerTest;
import tavrel.server.people.Role;

class LimitsTest extends ServerTest {

  @Test
  void screens_are_told_the_limits_that_the_rules_keep() {
    JsonNode limits = get(person(Role.READER), "/api/limits").json();
    assertThat(limits.path("toolsInARun").asInt()).isEqualTo(RunSetUp.MOST_TOOLS).isEqualTo(6);
    assertThat(limits.path("roundsInASchedule").asInt())
        .isEqualTo(Schedule.MOST_ROUNDS)
        .isEqualTo(16);
  }
}
