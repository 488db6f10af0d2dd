package tavrel.server.hive;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/**
 * A made-up outfit lives through three years day by day: swarms, splits, moves, new names, unions,
 * deaths and rounds. A ledger of its own, kept here as a spreadsheet would be, says the same.
 */
class ThreeYearsTest extends Yard {

  private static final int DAYS = 3 * 365;
  private static final int MOST_HIVES = 24;

  /** A hive as the ledger has it. */
  private static final class Line {

    private String yard = "";
    private String name = "";
    private boolean lives = true;
    private final TreeMap<Integer, List<LocalDate>> rounds = new TreeMap<>();

    private void treat(LocalDate day) {
      rounds.computeIfAbsent(day.getYear(), year -> new ArrayList<>()).add(day);
    }

    /** Another's bees come in: of each year the longer list, and the latest day of both. */
    private void takeIn(Line other) {
      other.rounds.forEach(
          (year, theirs) -> {
            List<LocalDate> mine = rounds.getOrDefault(year, List.of());
            List<LocalDate> longer = new ArrayList<>(theirs.size() > mine.size() ? theirs : mine);
            LocalDate latest = theirs.get(theirs.size() - 1);
            if (!mine.isEmpty() && mine.get(mine.size() - 1).isAfter(latest)) {
              latest = mine.get(mine.size() - 1);
            }
            longer.set(longer.size() - 1, latest);
            rounds.put(year, longer);
          });
    }
  }

  private final Random random = new Random(23);
  private final Map<String, Line> ledger = new LinkedHashMap<>();
  private final Map<LocalDate, Map<String, Set<String>>> stood = new HashMap<>();
  private final List<String> yards = new ArrayList<>();
  private int names;

  @BeforeEach
  void three_yards() {
    yards.add(apiaryId);
    yards.add(another());
    yards.add(another());
    for (int i = 0; i < hives.size(); i++) {
      Line line = new Line();
      line.yard = apiaryId;
      line.name = "Q" + (i + 1);
      ledger.put(hives.get(i), line);
    }
  }

  @Test
  void every_day_says_what_the_ledger_says() {
    for (int ago = DAYS; ago > 0; ago--) {
      LocalDate day = today.minusDays(ago);
      live(day);
      if (ago % 73 == 0) {
        stood.put(day, standing());
      }
    }
    assertThat(ledger.values().stream().filter(line -> !line.lives).count()).isGreaterThan(10);
    assertThat(ledger).hasSizeGreaterThan(30);
    stood.forEach(
        (day, byYard) ->
            byYard.forEach(
                (yardId, named) ->
                    assertThat(stoodOn(yardId, day)).as("%s", day).isEqualTo(named)));
    standing().forEach((yardId, named) -> assertThat(now(yardId)).isEqualTo(named));
    for (int year = today.minusDays(DAYS).getYear(); year <= today.getYear(); year++) {
      for (String yardId : yards) {
        countsAre(yardId, year);
      }
    }
  }

  private void live(LocalDate day) {
    List<String> living = ledger.keySet().stream().filter(id -> ledger.get(id).lives).toList();
    switch (random.nextInt(14)) {
      case 0 -> begin(day, "SWARM", null);
      case 1 -> begin(day, "SPLIT", one(living));
      case 2, 3 -> move(day, living);
      case 4 -> rename(day, one(living));
      case 5 -> unite(day, living);
      case 6 -> end(day, living);
      case 7 -> treat(day, living);
      default -> {
        // Nothing happens on most days.
      }
    }
  }

  private String one(List<String> of) {
    return of.get(random.nextInt(of.size()));
  }

  private void begin(LocalDate day, String as, String motherId) {
    if (ledger.values().stream().filter(line -> line.lives).count() >= MOST_HIVES) {
      return;
    }
    String id = UUID.randomUUID().toString();
    Line line = new Line();
    line.yard = motherId == null ? one(yards) : ledger.get(motherId).yard;
    line.name = "S" + ++names;
    Map<String, Object> hive = new HashMap<>();
    hive.put("name", line.name);
    hive.put("boxes", "deep 10");
    hive.put("supers", 0);
    hive.put("floor", "SOLID");
    hive.put("since", day.toString());
    hive.put("beganAs", as);
    hive.put("motherId", motherId);
    done("/api/apiaries/%s/hives/%s".formatted(line.yard, id), hive);
    if (motherId != null) {
      ledger
          .get(motherId)
          .rounds
          .forEach((year, days) -> line.rounds.put(year, new ArrayList<>(days)));
    }
    ledger.put(id, line);
  }

  private void move(LocalDate day, List<String> living) {
    String from = ledger.get(one(living)).yard;
    List<String> truck =
        living.stream()
            .filter(id -> ledger.get(id).yard.equals(from))
            .filter(id -> random.nextInt(3) > 0)
            .toList();
    String to = one(yards);
    if (truck.isEmpty() || to.equals(from)) {
      return;
    }
    act(day, "MOVED", truck, Map.of("apiaryId", to, "series", "GO_ALONG"));
    truck.forEach(id -> ledger.get(id).yard = to);
  }

  private void rename(LocalDate day, String id) {
    ledger.get(id).name = "R" + ++names;
    act(day, "RENAMED", List.of(id), Map.of("name", ledger.get(id).name));
  }

  private void unite(LocalDate day, List<String> living) {
    String gone = one(living);
    String into = one(living);
    if (living.size() < 5 || gone.equals(into)) {
      return;
    }
    act(day, "UNITED", List.of(gone), Map.of("intoId", into));
    ledger.get(gone).lives = false;
    ledger.get(into).takeIn(ledger.get(gone));
  }

  private void end(LocalDate day, List<String> living) {
    if (living.size() < 5) {
      return;
    }
    String id = one(living);
    act(day, "ENDED", List.of(id), Map.of("endKind", "DIED"));
    ledger.get(id).lives = false;
  }

  private void treat(LocalDate day, List<String> living) {
    String yardId = ledger.get(one(living)).yard;
    List<String> here = living.stream().filter(id -> ledger.get(id).yard.equals(yardId)).toList();
    Map<String, Object> given = new HashMap<>();
    Map<String, String> lines = new HashMap<>();
    here.forEach(id -> lines.put(id, UUID.randomUUID().toString()));
    given.put("hives", lines);
    given.put("day", day.toString());
    given.put("means", "OXALIC_TRICKLED");
    given.put("method", "trickled");
    given.put("amount", "40 ml");
    given.put("acid", 1.5);
    given.put("people", "Ada");
    given.put("supersPlan", "TAKEN_OFF");
    given.put("remarks", "");
    Answer answer = send(keeper, HttpMethod.POST, "/api/register", given);
    assertThat(answer.status()).as(answer.text()).isBetween(200, 204);
    here.forEach(id -> ledger.get(id).treat(day));
  }

  private void act(LocalDate day, String kind, List<String> ids, Map<String, Object> more) {
    Map<String, Object> act = new HashMap<>(more);
    act.put("kind", kind);
    act.put("day", day.toString());
    act.put("hiveIds", ids);
    done("/api/hive-acts/" + UUID.randomUUID(), act);
  }

  private void done(String path, Map<String, Object> body) {
    Answer answer = send(keeper, HttpMethod.PUT, path, body);
    assertThat(answer.status()).as(answer.text()).isEqualTo(200);
  }

  /** Which names stand in which yard, as the ledger has it now. */
  private Map<String, Set<String>> standing() {
    Map<String, Set<String>> standing = new HashMap<>();
    yards.forEach(yardId -> standing.put(yardId, new HashSet<>()));
    ledger.values().stream()
        .filter(line -> line.lives)
        .forEach(line -> standing.get(line.yard).add(line.name));
    return standing;
  }

  private Set<String> stoodOn(String yardId, LocalDate day) {
    return new HashSet<>(
        get(reader, "/api/apiaries/%s/stood?on=%s".formatted(yardId, day))
            .json()
            .findValuesAsText("name"));
  }

  private Set<String> now(String yardId) {
    return new HashSet<>(
        get(reader, "/api/apiaries/" + yardId).json().path("hives").findValuesAsText("name"));
  }

  /**
   * Rounds of a year by the register are those of the ledger, however often hives moved or were
   * united.
   */
  private void countsAre(String yardId, int year) {
    Map<String, Integer> told = new HashMap<>();
    for (JsonNode each :
        get(reader, "/api/register/standing?apiaryId=%s&year=%d".formatted(yardId, year)).json()) {
      told.put(each.path("hive").asText(), each.path("oxalic").path("done").asInt());
    }
    ledger.values().stream()
        .filter(line -> line.lives && line.yard.equals(yardId))
        .forEach(
            line ->
                assertThat(told.getOrDefault(line.name, 0))
                    .as("%s in %d, %s", line.name, year, line.rounds)
                    .isEqualTo(line.rounds.getOrDefault(year, List.of()).size()));
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
    done("/api/apiaries/" + id + "/opened", yard);
    return id;
  }
}
