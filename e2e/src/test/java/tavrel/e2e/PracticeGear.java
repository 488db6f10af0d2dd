package tavrel.e2e;

import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;

/** What a practised row is run with. */
final class PracticeGear {

  private final Client client;

  PracticeGear(Client client) {
    this.client = client;
  }

  /** A heated bowl with one test burn; gives its id. */
  String bowl(String name) throws IOException, InterruptedException {
    String id = UUID.randomUUID().toString();
    Map<String, Object> tool = new HashMap<>();
    tool.put("id", id);
    tool.put("name", name);
    tool.put("family", "HEATED_BOWL");
    tool.put("power", "MAINS");
    tool.put("release", "CAP_TURNED");
    tool.put("endSign", "NONE");
    tool.put("capacity", 4.5);
    tool.put("preheatSeconds", 100);
    tool.put("coolSeconds", 0);
    tool.put("reloadSeconds", 0);
    tool.put("setCelsius", 230);
    tool.put("watts", 275);
    tool.put("dunkAllowed", false);
    tool.put("marginPercent", 15);
    tool.put("retired", false);
    client.send("PUT", "/api/tools/" + id, tool);
    String burn = UUID.randomUUID().toString();
    client.send(
        "PUT",
        "/api/test-burns/" + burn,
        Map.of(
            "id",
            burn,
            "toolId",
            id,
            "load",
            2,
            "seconds",
            22,
            "at",
            now().minusSeconds(3_600).toString()));
    return id;
  }

  /** A rule sheet that is silent on how long hives stay shut. */
  String shortSheet() throws IOException, InterruptedException {
    String id = UUID.randomUUID().toString();
    client.send(
        "PUT",
        "/api/rule-sheets/" + id,
        Map.of(
            "id",
            id,
            "name",
            "Practice",
            "gramsOf",
            "ACID_DIHYDRATE",
            "maxPerBox",
            2,
            "registeredProduct",
            true,
            "example",
            false,
            "version",
            1,
            "copiedOn",
            LocalDate.ofInstant(now(), ZoneOffset.UTC).minusDays(1).toString(),
            "copiedBy",
            "Wren"));
    return id;
  }

  private Instant now() throws IOException, InterruptedException {
    return Instant.parse(client.send("GET", "/api/today", null).path("now").asText());
  }
}
