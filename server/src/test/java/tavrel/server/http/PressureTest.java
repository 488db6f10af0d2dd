package tavrel.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.CookieManager;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tavrel.server.people.Accounts;
import tavrel.server.people.Role;

/** A real connector under what strangers may do to it. */
@SpringBootTest(
    webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
    properties = "spring.datasource.url=jdbc:h2:mem:pressure;DB_CLOSE_DELAY=-1")
class PressureTest {

  private static final Duration SOON = Duration.ofSeconds(1);

  private static final String ROSTER =
      """
      --x\r
      Content-Disposition: form-data; name="file"; filename="a.csv"\r
      \r
      apiary,hive,boxes\r
      Hollow,H1,10D\r
      --x--\r
      """;

  @LocalServerPort private int port;
  @Autowired private Accounts accounts;

  private final HttpClient http = HttpClient.newHttpClient();

  @Test
  void a_body_that_says_it_is_too_large_is_refused_before_it_comes() throws Exception {
    try (Socket socket = new Socket("localhost", port)) {
      write(socket, head("Content-Length: 57671680"));
      assertThat(statusOf(socket)).isEqualTo(413);
    }
  }

  @Test
  void one_that_does_not_say_so_is_cut_off_at_the_first_byte_too_many() throws Exception {
    try (Socket socket = new Socket("localhost", port)) {
      write(socket, head("Transfer-Encoding: chunked"));
      String chunk = "4000\r\n" + "x".repeat(0x4000) + "\r\n";
      int sent = 0;
      try {
        for (; sent < 200; sent++) {
          write(socket, chunk);
        }
      } catch (IOException cutOff) {
        assertThat(sent).as("chunks of 16 kB").isGreaterThanOrEqualTo(4);
      }
      assertThat(sent == 200 ? statusOf(socket) : 413).isEqualTo(413);
    }
    assertThat(answeredIn()).isLessThan(SOON);
  }

  @Test
  void bodies_that_are_promised_too_large_and_never_come_hold_nobody_up() throws Exception {
    List<Socket> silent = new ArrayList<>();
    try {
      for (int i = 0; i < 60; i++) {
        Socket socket = new Socket("localhost", port);
        write(socket, head("Content-Length: 57671680"));
        silent.add(socket);
      }
      assertThat(answeredIn()).isLessThan(SOON);
      assertThat(statusOf(silent.get(59))).isEqualTo(413);
    } finally {
      for (Socket each : silent) {
        each.close();
      }
    }
  }

  @Test
  void bodies_that_drip_hold_nobody_up() throws Exception {
    List<Socket> dripping = new ArrayList<>();
    try {
      for (int i = 0; i < 60; i++) {
        Socket socket = new Socket("localhost", port);
        write(socket, head("Content-Length: 60000") + "{");
        dripping.add(socket);
      }
      for (int round = 0; round < 5; round++) {
        for (Socket each : dripping) {
          write(each, " ");
        }
        assertThat(answeredIn()).isLessThan(SOON);
      }
    } finally {
      for (Socket each : dripping) {
        each.close();
      }
    }
  }

  @Test
  void files_that_drip_hold_nobody_up_and_only_their_sender_waits() throws Exception {
    accounts.add("drip-keeper", "D", "long enough password", Role.KEEPER);
    accounts.add("other-keeper", "O", "long enough password", Role.KEEPER);
    Visitor dripper = new Visitor().signedInAs("drip-keeper");
    List<Socket> dripping = new ArrayList<>();
    try {
      for (int i = 0; i < 60; i++) {
        Socket socket = new Socket("localhost", port);
        write(socket, dripper.fileHead() + "--x");
        dripping.add(socket);
      }
      assertThat(answeredIn()).isLessThan(SOON);
      int refused = 0;
      List<Socket> heldOpen = new ArrayList<>();
      for (Socket each : dripping) {
        each.setSoTimeout(500);
        try {
          assertThat(statusOf(each)).isEqualTo(429);
          refused++;
        } catch (SocketTimeoutException noAnswerYet) {
          heldOpen.add(each);
        }
      }
      assertThat(refused).as("all but two").isEqualTo(58);
      for (int round = 0; round < 5; round++) {
        for (Socket each : heldOpen) {
          write(each, "\r\n");
        }
        assertThat(answeredIn()).isLessThan(SOON);
      }
      assertThat(
              new Visitor()
                  .signedInAs("other-keeper")
                  .send("POST", "/api/roster/preview", ROSTER, "multipart/form-data; boundary=x"))
          .as("somebody else's file comes in meanwhile")
          .isEqualTo(200);
    } finally {
      for (Socket each : dripping) {
        each.close();
      }
    }
  }

  @Test
  void a_body_that_comes_in_pieces_is_read_whole_and_past_no_rule() throws Exception {
    try (Socket socket = new Socket("localhost", port)) {
      String body = "{\"login\":\"nobody\",\"password\":\"wrong\"}";
      write(socket, head("Content-Length: " + body.length()) + body.substring(0, 10));
      Thread.sleep(50);
      write(socket, body.substring(10));
      assertThat(statusOf(socket)).as("no token of this server's").isEqualTo(403);
    }
  }

  @Test
  void whoever_sends_a_body_is_held_to_the_role_of_the_session() throws Exception {
    accounts.add("gate-reader", "R", "long enough password", Role.READER);
    accounts.add("gate-keeper", "K", "long enough password", Role.KEEPER);
    String path = "/api/apiaries/" + UUID.randomUUID();
    assertThat(new Visitor().put(path)).as("nobody").isEqualTo(401);
    assertThat(new Visitor().signedInAs("gate-reader").put(path)).isEqualTo(403);
    assertThat(new Visitor().signedInAs("gate-keeper").put(path)).isEqualTo(404);
  }

  @Test
  void odd_requests_of_strangers_are_answered_in_words() throws Exception {
    Visitor visitor = new Visitor();
    assertThat(visitor.send("POST", "/api/session", "x", "multipart/form-data")).isLessThan(500);
    assertThat(visitor.send("POST", "/api/session", "{}", "*/*")).isLessThan(500);
    assertThat(visitor.send("POST", "/api/session", "{}", "text/plain")).isEqualTo(415);
    assertThat(visitor.send("GET", "/error", null, null)).isLessThan(500);
    assertThat(visitor.send("GET", "/api/nothing", null, null)).isEqualTo(401);
    assertThat(visitor.send("HEAD", "/calendars/" + UUID.randomUUID() + ".ics", null, null))
        .isLessThan(500);
    assertThat(visitor.send("TRACE", "/", null, null)).isLessThan(500);
    assertThat(visitor.send("GET", "/health", null, null)).as("for a supervisor").isEqualTo(200);
  }

  /** A browser with its cookies and the token. */
  private final class Visitor {

    private final CookieManager cookies = new CookieManager();
    private final HttpClient browser = HttpClient.newBuilder().cookieHandler(cookies).build();

    Visitor signedInAs(String login) throws Exception {
      assertThat(
              send(
                  "POST",
                  "/api/session",
                  "{\"login\":\"" + login + "\",\"password\":\"long enough password\"}"))
          .isEqualTo(200);
      return this;
    }

    int put(String path) throws Exception {
      return send("PUT", path, "{\"name\":\"Gate\"}");
    }

    /** The head of a file with this browser's cookies, to be sent by hand. */
    String fileHead() {
      String kept =
          cookies.getCookieStore().getCookies().stream()
              .map(cookie -> cookie.getName() + "=" + cookie.getValue())
              .collect(Collectors.joining("; "));
      return "POST /api/roster/preview HTTP/1.1\r\nHost: localhost\r\nCookie: "
          + kept
          + "\r\nContent-Type: multipart/form-data; boundary=x\r\nContent-Length: 60000\r\n\r\n";
    }

    private int send(String method, String path, String body) throws Exception {
      return send(method, path, body, "application/json");
    }

    private int send(String method, String path, String body, String type) throws Exception {
      browser.send(
          HttpRequest.newBuilder(at("/api/welcome")).build(),
          HttpResponse.BodyHandlers.discarding());
      HttpRequest.Builder request =
          HttpRequest.newBuilder(at(path))
              .method(
                  method,
                  body == null
                      ? HttpRequest.BodyPublishers.noBody()
                      : HttpRequest.BodyPublishers.ofString(body));
      if (type != null) {
        request.header("Content-Type", type);
      }
      cookies.getCookieStore().getCookies().stream()
          .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
          .forEach(cookie -> request.header("X-XSRF-TOKEN", cookie.getValue()));
      return browser.send(request.build(), HttpResponse.BodyHandlers.discarding()).statusCode();
    }
  }

  private URI at(String path) {
    return URI.create("http://localhost:" + port + path);
  }

  private Duration answeredIn() throws IOException, InterruptedException {
    long begin = System.nanoTime();
    HttpResponse<String> answer =
        http.send(
            HttpRequest.newBuilder(at("/api/welcome")).build(),
            HttpResponse.BodyHandlers.ofString());
    assertThat(answer.statusCode()).isEqualTo(200);
    return Duration.ofNanos(System.nanoTime() - begin);
  }

  private static String head(String length) {
    return "POST /api/session HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
        + length
        + "\r\n\r\n";
  }

  private static void write(Socket socket, String text) throws IOException {
    OutputStream out = socket.getOutputStream();
    out.write(text.getBytes(StandardCharsets.US_ASCII));
    out.flush();
  }

  private static int statusOf(Socket socket) throws IOException {
    InputStream in = socket.getInputStream();
    String head = new String(in.readNBytes(12), StandardCharsets.US_ASCII);
    return Integer.parseInt(head.substring(9));
  }
}
