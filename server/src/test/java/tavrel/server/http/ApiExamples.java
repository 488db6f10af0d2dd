package tavrel.server.http;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * An example of what each operation takes, made of its shape: a usual value for each name, the
 * first of words that are listed.
 */
final class ApiExamples {

  private static final int DEEPEST = 6;
  private static final String ID = "01a22822-5a43-7c84-a13b-e1e88d0c799b";

  /** Usual values by the name of their field, where a kind alone would say nothing. */
  private static final Map<String, Object> USUAL =
      Map.ofEntries(
          Map.entry("grams", 2),
          Map.entry("acid", 2),
          Map.entry("gramsPerBox", 2),
          Map.entry("celsius", 12.5),
          Map.entry("low", 4),
          Map.entry("high", 9),
          Map.entry("windMs", 2),
          Map.entry("windFrom", 270),
          Map.entry("latitude", 47.6),
          Map.entry("longitude", -24.3),
          Map.entry("zone", "Etc/GMT+2"),
          Map.entry("name", "Kiln Field"),
          Map.entry("hiveName", "K7"),
          Map.entry("tool", "Bowl 1"),
          Map.entry("product", "Oxalic crystals"),
          Map.entry("lot", "26-014"),
          Map.entry("assay", 0.996),
          Map.entry("step", 0.1),
          Map.entry("capacity", 4),
          Map.entry("sealMinutes", 10),
          Map.entry("day", "2026-08-18"),
          Map.entry("mites", 9),
          Map.entry("bees", 300),
          Map.entry("hours", 48),
          Map.entry("burnSeconds", 30),
          Map.entry("reason", "rain came"),
          Map.entry("login", "tam"),
          Map.entry("password", "three wet herons"),
          Map.entry("boxes", "deep 10"));

  private final Map<String, Schema<?>> shapes;

  @SuppressWarnings({"unchecked", "rawtypes"})
  private ApiExamples(OpenAPI description) {
    shapes = (Map) description.getComponents().getSchemas();
  }

  /** Gives each operation that takes JSON an example of it. */
  static void give(OpenAPI description) {
    ApiExamples examples = new ApiExamples(description);
    description.getPaths().values().forEach(path -> path.readOperations().forEach(examples::give));
  }

  private void give(Operation operation) {
    if (operation.getRequestBody() == null) {
      return;
    }
    MediaType json = operation.getRequestBody().getContent().get("application/json");
    if (json != null) {
      json.setExample(of("", json.getSchema(), 0));
    }
  }

  private Object of(String name, Schema<?> schema, int deep) {
    if (schema.get$ref() != null) {
      String shape = schema.get$ref().substring("#/components/schemas/".length());
      return of(name, shapes.get(shape), deep + 1);
    }
    if (schema.getEnum() != null && !schema.getEnum().isEmpty()) {
      return schema.getEnum().get(0);
    }
    if ("array".equals(schema.getType())) {
      return deep > DEEPEST ? List.of() : List.of(of(name, schema.getItems(), deep + 1));
    }
    if (schema.getProperties() != null) {
      return object(schema, deep);
    }
    if (schema.getAdditionalProperties() instanceof Schema<?> each) {
      return Map.of(name.equals("hives") ? ID : "key", of(name, each, deep + 1));
    }
    return USUAL.getOrDefault(name, plain(schema));
  }

  private Map<String, Object> object(Schema<?> schema, int deep) {
    Map<String, Object> object = new LinkedHashMap<>();
    Set<String> needed =
        schema.getRequired() == null ? Set.of() : new TreeSet<>(schema.getRequired());
    schema
        .getProperties()
        .forEach(
            (name, property) -> {
              if (needed.contains(name) || (needed.isEmpty() && deep <= 2)) {
                object.put(name, of(name, property, deep + 1));
              }
            });
    return object;
  }

  private static Object plain(Schema<?> schema) {
    String type = String.valueOf(schema.getType());
    String format = String.valueOf(schema.getFormat());
    return switch (type) {
      case "integer" -> 1;
      case "number" -> 1.5;
      case "boolean" -> true;
      case "object" -> Map.of();
      default ->
          switch (format) {
            case "uuid" -> ID;
            case "date" -> "2026-08-18";
            case "date-time" -> "2026-08-18T05:12:30Z";
            case "time", "partial-time" -> "06:30:00";
            default -> "as typed";
          };
    };
  }
}
