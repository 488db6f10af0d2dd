package tavrel.e2e;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** A crew's devices in one run, without their screens: each is signed in and posts its presses. */
final class Crew {

  static final String LOGIN = "crew";

  private Crew() {}

  /** The first account, a row of hives, a round planned for them and its people checked. */
  static String round(App app, int hives) throws IOException, InterruptedException {
    String round = planned(app, hives);
    return begin(device(app), round);
  }

  /** The first account, a row of hives, and a round planned for them. */
  static String planned(App app, int hives) throws IOException, InterruptedException {
    return planned(keeper(app), "Long Row", hives);
  }

  /** A row of hives, and a round planned for them. */
  static String planned(Client client, String yard, int hives)
      throws IOException, InterruptedException {
    client.upload(Bench.roster(yard, hives));
    String sheet = client.send("GET", "/api/rule-sheets", null).get(1).path("id").asText();
    return plan(client, yard, sheet, Bench.SETTINGS, null);
  }

  /** The first account of an empty outfit, signed in. */
  static Client keeper(App app) throws IOException, InterruptedException {
    Client client = new Client(app.url());
    client.send("GET", "/api/welcome", null);
    client.send(
        "POST",
        "/api/welcome",
        Map.of(
            "code", app.firstCode(), "login", LOGIN, "name", "Wren", "password", Bench.PASSWORD));
    return client;
  }

  /** The demo's keeper, signed in by the button. */
  static Client demoKeeper(App app) throws IOException, InterruptedException {
    Client client = new Client(app.url());
    client.send("GET", "/api/session", null);
    client.send("POST", "/api/demo/session", Map.of("role", "KEEPER"));
    return client;
  }

  /** A round for all hives of an apiary, with a tool of the gear or one that is only a name. */
  static String plan(
      Client client, String apiary, String sheet, Map<String, Object> settings, String toolId)
      throws IOException, InterruptedException {
    String round = UUID.randomUUID().toString();
    Map<String, Object> wanted = new HashMap<>();
    wanted.put("apiaryId", client.apiaryNamed(apiary));
    wanted.put("ruleSheetId", sheet);
    wanted.put("settings", settings);
    wanted.put("tool", "Bowl");
    wanted.put("toolId", toolId);
    client.send("PUT", "/api/rounds/" + round, wanted);
    return round;
  }

  /** Confirms a round's people check. */
  static String begin(Client client, String round) throws IOException, InterruptedException {
    client.send(
        "PUT",
        "/api/rounds/" + round + "/people-check",
        Map.of(
            "confirmed",
            List.of("RESPIRATOR", "FIT", "EYES", "GLOVES", "WIND", "WATER", "BYSTANDERS", "SKY")));
    return round;
  }

  /** A device that has signed in. */
  static Client device(App app) throws IOException, InterruptedException {
    Client client = new Client(app.url());
    client.send("GET", "/api/session", null);
    client.send("POST", "/api/session", Map.of("login", LOGIN, "password", Bench.PASSWORD));
    return client;
  }

  static List<String> hives(Client client, String round) throws IOException, InterruptedException {
    List<String> hives = new ArrayList<>();
    for (JsonNode hive :
        client.send("GET", "/api/rounds/" + round + "/board", null).path("hives")) {
      hives.add(hive.path("hiveId").asText());
    }
    return hives;
  }

  static Map<String, Object> event(String hive, String kind, Instant at, Integer load) {
    Map<String, Object> event = new HashMap<>();
    event.put("id", UUID.randomUUID().toString());
    event.put("hiveId", hive);
    event.put("kind", kind);
    event.put("at", at.toString());
    event.put("load", load);
    return event;
  }
}
