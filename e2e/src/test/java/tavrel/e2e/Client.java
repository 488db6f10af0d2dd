package tavrel.e2e;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;

/** Speaks to the application's API as a browser does: cookies, token, JSON. */
final class Client {

  private final ObjectMapper json = new ObjectMapper();
  private final CookieManager cookies = new CookieManager();
  private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
  private final String url;

  Client(String url) {
    this.url = url;
  }

  /** Makes the first keeper of an application that has nobody yet, and signs in as them. */
  void firstKeeper(App app) throws IOException, InterruptedException {
    send("GET", "/api/welcome", null);
    send(
        "POST",
        "/api/welcome",
        Map.of(
            "code",
            app.firstCode(),
            "login",
            "bench",
            "name",
            "Bench",
            "password",
            Bench.PASSWORD));
  }

  String apiaryNamed(String name) throws IOException, InterruptedException {
    for (JsonNode each : send("GET", "/api/apiaries", null)) {
      if (each.path("apiary").path("name").asText().equals(name)) {
        return each.path("apiary").path("id").asText();
      }
    }
    throw new IllegalStateException("There is no " + name);
  }

  void upload(String csv) throws IOException, InterruptedException {
    String edge = "edge" + UUID.randomUUID();
    String body =
        "--"
            + edge
            + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"roster.csv\"\r\nContent-Type: text/csv\r\n\r\n"
            + csv
            + "\r\n--"
            + edge
            + "--\r\n";
    answer(
        request("/api/roster/import?zone=Etc/GMT%2B2")
            .header("Content-Type", "multipart/form-data; boundary=" + edge)
            .POST(BodyPublishers.ofString(body))
            .build());
  }

  JsonNode send(String method, String path, Object body) throws IOException, InterruptedException {
    HttpRequest.Builder request = request(path);
    if (body == null) {
      request.method(method, BodyPublishers.noBody());
    } else {
      request
          .header("Content-Type", "application/json")
          .method(method, BodyPublishers.ofString(json.writeValueAsString(body)));
    }
    return answer(request.build());
  }

  /** Sends something as it is. */
  void put(String path, String type, byte[] body) throws IOException, InterruptedException {
    answer(
        request(path).header("Content-Type", type).PUT(BodyPublishers.ofByteArray(body)).build());
  }

  /** The headers by which the server knows this browser, for a request that is written by hand. */
  String cookieLine() {
    String kept =
        cookies.getCookieStore().getCookies().stream()
            .map(cookie -> cookie.getName() + "=" + cookie.getValue())
            .collect(Collectors.joining("; "));
    String token =
        cookies.getCookieStore().getCookies().stream()
            .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
            .map(cookie -> "X-XSRF-TOKEN: " + cookie.getValue() + "\r\n")
            .collect(Collectors.joining());
    return "Cookie: " + kept + "\r\n" + token;
  }

  /** Takes a file away. */
  void take(String path, Path into) throws IOException, InterruptedException {
    var response = http.send(request(path).GET().build(), BodyHandlers.ofFile(into));
    if (response.statusCode() >= 300) {
      throw new IllegalStateException(path + " answered " + response.statusCode());
    }
  }

  private HttpRequest.Builder request(String path) {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url + path));
    cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
        .forEach(cookie -> request.header("X-XSRF-TOKEN", cookie.getValue()));
    return request;
  }

  private JsonNode answer(HttpRequest request) throws IOException, InterruptedException {
    var response = http.send(request, BodyHandlers.ofString());
    if (response.statusCode() >= 300) {
      throw new IllegalStateException(
          request.uri() + " answered " + response.statusCode() + ": " + response.body());
    }
    return json.readTree(response.body());
  }
}
