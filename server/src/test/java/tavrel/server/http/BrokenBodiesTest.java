package tavrel.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpMethod;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tavrel.server.Yard;

/**
 * Whatever is typed or sent, the server says what is wrong with it; that something broke is no
 * answer. {@code -Dtavrel.broken-bodies=10000} sends as many.
 */
class BrokenBodiesTest extends Yard {

  private static final int USUAL = 500;
  private static final int MANY = Integer.getInteger("tavrel.broken-bodies", USUAL);

  /** Failed sign-ins from here slow nobody else down. */
  private static final String ANOTHER_ADDRESS = "203.0.113.7";

  private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
  private static final List<String> CRUDE =
      List.of(
          "",
          "null",
          "[]",
          "[null]",
          "{}",
          "[[[[",
          "{\"a\":",
          "\"x\"",
          "7",
          "true",
          "{\"id\":null}",
          "[{}]",
          "\u0000",
          "{\"\":{}}");
  private static final String AS_WE_SEND_IT = "application/json";

  /** What other kinds of bodies are made of: their inside is hardly looked at. */
  private static final List<String> FEW = List.of("[]");

  private static final List<String> OTHER_TYPES =
      List.of("*/*", "text/plain", "multipart/form-data", "application/xml", "nothing");

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  private RequestMappingHandlerMapping mapping;

  private record Way(HttpMethod method, String path, Type body) {}

  @Test
  void crude_bodies_of_every_kind_are_refused_in_words() throws Exception {
    List<String> broken = new ArrayList<>();
    for (Way way : ways()) {
      for (String body : CRUDE) {
        told(way, body, AS_WE_SEND_IT, broken);
      }
      for (String type : OTHER_TYPES) {
        for (String body : MANY > USUAL ? CRUDE : FEW) {
          told(way, body, type, broken);
        }
      }
    }
    assertThat(broken).isEmpty();
  }

  @Test
  void bodies_that_are_half_right_break_nothing() throws Exception {
    Random random = new Random(20_260_818);
    List<Way> all = ways().stream().filter(way -> way.body() != null).toList();
    List<String> broken = new ArrayList<>();
    for (int i = 0; i < MANY; i++) {
      Way way = all.get(random.nextInt(all.size()));
      JsonNode body = drawn(way.body(), random, 0);
      if (send(way, filled(way.path(), random.nextInt(3)), body.toString(), AS_WE_SEND_IT) == 500) {
        broken.add(way.method() + " " + way.path() + ": " + body);
      }
    }
    assertThat(broken).isEmpty();
  }

  private void told(Way way, String body, String type, List<String> broken) throws Exception {
    if (send(way, filled(way.path(), 0), body, type) == 500) {
      broken.add(way.method() + " " + way.path() + " " + type + ": " + body);
    }
  }

  private int send(Way way, String path, String body, String type) throws Exception {
    MockHttpServletRequestBuilder request =
        MockMvcRequestBuilders.request(way.method(), path)
            .remoteAddress(ANOTHER_ADDRESS)
            .header("Content-Type", type)
            .content(body.getBytes(StandardCharsets.UTF_8));
    return mvc.perform(request.with(SecurityMockMvcRequestPostProcessors.csrf()).with(as(keeper)))
        .andReturn()
        .getResponse()
        .getStatus();
  }

  /** Everything that takes something, but for what ends the server or the session. */
  private List<Way> ways() {
    Set<RequestMethod> writing =
        Set.of(RequestMethod.POST, RequestMethod.PUT, RequestMethod.DELETE);
    List<Way> ways = new ArrayList<>();
    for (Map.Entry<RequestMappingInfo, HandlerMethod> each :
        mapping.getHandlerMethods().entrySet()) {
      for (RequestMethod method : each.getKey().getMethodsCondition().getMethods()) {
        for (String path : each.getKey().getPatternValues()) {
          if (writing.contains(method) && path.startsWith("/api/")) {
            ways.add(new Way(method.asHttpMethod(), path, bodyOf(each.getValue())));
          }
        }
      }
    }
    ways.sort(Comparator.comparing(Way::path).thenComparing(way -> way.method().name()));
    return ways;
  }

  private static Type bodyOf(HandlerMethod method) {
    for (MethodParameter each : method.getMethodParameters()) {
      if (each.hasParameterAnnotation(RequestBody.class)) {
        return each.getGenericParameterType();
      }
    }
    return null;
  }

  private String filled(String path, int how) {
    String filled = path;
    while (filled.contains("{")) {
      String value =
          how == 0
              ? UUID.randomUUID().toString()
              : how == 1
                  ? (filled.startsWith("/api/apiaries/{") ? apiaryId : hives.get(0))
                  : "2026";
      filled = filled.replaceFirst("\\{[^}]*}", value);
    }
    return filled;
  }

  /** A body of a kind, right here and wrong there. */
  private JsonNode drawn(Type type, Random random, int depth) {
    int luck = random.nextInt(12);
    if (luck == 0) {
      return JSON.nullNode();
    }
    if (luck == 1) {
      return wrong(random);
    }
    if (type instanceof ParameterizedType parts && depth < 5) {
      Class<?> raw = (Class<?>) parts.getRawType();
      if (Map.class.isAssignableFrom(raw)) {
        ObjectNode map = JSON.objectNode();
        map.set("some", drawn(parts.getActualTypeArguments()[1], random, depth + 1));
        return map;
      }
      ArrayNode list = JSON.arrayNode();
      for (int i = random.nextInt(3); i > 0; i--) {
        list.add(drawn(parts.getActualTypeArguments()[0], random, depth + 1));
      }
      return list;
    }
    if (type instanceof Class<?> one) {
      return one.isRecord() && depth < 6 ? record(one, random, depth) : plain(one, random);
    }
    return wrong(random);
  }

  private JsonNode record(Class<?> one, Random random, int depth) {
    ObjectNode object = JSON.objectNode();
    for (RecordComponent each : one.getRecordComponents()) {
      if (random.nextInt(15) > 0) {
        object.set(each.getName(), drawn(each.getGenericType(), random, depth + 1));
      }
    }
    if (random.nextInt(20) == 0) {
      object.put("unheard of", 1);
    }
    return object;
  }

  private JsonNode plain(Class<?> one, Random random) {
    if (one.isEnum()) {
      Object[] all = one.getEnumConstants();
      return JSON.textNode(((Enum<?>) all[random.nextInt(all.length)]).name());
    }
    if (one == boolean.class || one == Boolean.class) {
      return JSON.booleanNode(random.nextBoolean());
    }
    if (one == UUID.class) {
      return JSON.textNode(
          random.nextBoolean()
              ? hives.get(0)
              : random.nextBoolean() ? apiaryId : new UUID(1, random.nextInt(9)).toString());
    }
    if (one == LocalDate.class) {
      return JSON.textNode(
          random.nextInt(9) == 0
              ? "9999-12-31"
              : today.plusDays(random.nextInt(40) - 20).toString());
    }
    if (one == Instant.class) {
      return JSON.textNode(clock.instant().plusSeconds(random.nextInt(9_000) - 4_500).toString());
    }
    if (one == String.class) {
      return JSON.textNode(
          List.of("", " ", "Wren", "=1+1", "\u0000", "x".repeat(500), "12:30", "<b>", "é\u202e")
              .get(random.nextInt(9)));
    }
    double number =
        switch (random.nextInt(6)) {
          case 0 -> 0;
          case 1 -> -1;
          case 2 -> 1e300;
          case 3 -> random.nextInt(300);
          default -> random.nextInt(10);
        };
    return one == int.class || one == Integer.class || one == long.class || one == Long.class
        ? JSON.numberNode((long) Math.max(-2e9, Math.min(2e9, number)))
        : JSON.numberNode(number);
  }

  private static JsonNode wrong(Random random) {
    return switch (random.nextInt(5)) {
      case 0 -> JSON.textNode("wrong");
      case 1 -> JSON.numberNode(-7.5);
      case 2 -> JSON.arrayNode().addNull();
      case 3 -> JSON.objectNode();
      default -> JSON.booleanNode(true);
    };
  }
}
