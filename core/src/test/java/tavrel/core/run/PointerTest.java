package tavrel.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tavrel.core.Fact;
import tavrel.core.burn.ToolFamily;

/** The cases that devices without network are held to as well. */
class PointerTest {

  private static final Instant NOW = Log.DAWN;
  private static final Pattern CASE = Pattern.compile("\"((?:tool \\d|hands) \\|[^\"]*)\"");

  static Stream<String> cases() {
    try (InputStream file =
        Objects.requireNonNull(PointerTest.class.getResourceAsStream("/pointer-cases.json"))) {
      String told = new String(file.readAllBytes(), StandardCharsets.UTF_8);
      return CASE.matcher(told).results().map(found -> found.group(1));
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  @ParameterizedTest
  @MethodSource("cases")
  void points_at_the_hive_to_act_on(String line) {
    String[] fields = line.split("\\|");
    List<HiveOnBoard> hives = new ArrayList<>();
    Map<Integer, Map<UUID, Fact>> unfit = new HashMap<>();
    for (String told : fields[2].strip().split(" ")) {
      hives.add(hive(told, Log.hive(String.valueOf(hives.size() + 1)), unfit));
    }
    Pointer pointer = new Pointer(plan(unfit), hives, NOW);
    Part part =
        fields[0].strip().equals("hands")
            ? Part.HANDS
            : new Part(Integer.valueOf(fields[0].strip().substring(5)), null);
    String at =
        pointer
            .actOn(part, fields[1].strip().equals("yes"))
            .map(hive -> String.valueOf(hives.indexOf(hive) + 1))
            .orElse("-");
    assertThat(at).isEqualTo(fields[3].strip());
  }

  private static RunPlan plan(Map<Integer, Map<UUID, Fact>> unfit) {
    List<RunTool> tools =
        Stream.of(1, 2)
            .map(
                number ->
                    new RunTool(
                        number,
                        "Bowl " + number,
                        ToolFamily.HEATED_BOWL,
                        0,
                        0,
                        null,
                        Map.of(),
                        unfit.getOrDefault(number, Map.of())))
            .toList();
    return new RunPlan(
        List.of(),
        Duration.ofMinutes(10),
        Duration.ofMinutes(30),
        tools,
        RunPlan.USUAL_OPEN_FIRST_AFTER,
        null);
  }

  private static HiveOnBoard hive(String told, UUID id, Map<Integer, Map<UUID, Fact>> unfit) {
    String[] parts = told.split(":");
    Integer tool = null;
    Instant opens = null;
    List<Integer> notFor = new ArrayList<>();
    for (int i = 1; i < parts.length; i++) {
      if (parts[i].startsWith("tool")) {
        tool = Integer.valueOf(parts[i].substring(4));
      } else if (parts[i].startsWith("not")) {
        int number = Integer.parseInt(parts[i].substring(3));
        notFor.add(number);
        unfit.computeIfAbsent(number, key -> new HashMap<>()).put(id, Fact.of("unfit.hotPan"));
      } else {
        opens = NOW.plusSeconds(Long.parseLong(parts[i]));
      }
    }
    return new HiveOnBoard(
        id,
        Stage.valueOf(parts[0]),
        null,
        0,
        1,
        null,
        opens,
        null,
        null,
        List.of(),
        null,
        List.of(),
        tool,
        Map.of(),
        notFor,
        List.of(),
        false);
  }
}
