package tavrel.server.apidocs;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.web.util.HtmlUtils;

/** Writes an OpenAPI description as a page: operations by what they are about, then the shapes. */
final class ApiPage {

  private static final String REFERENCE = "#/components/schemas/";

  private final JsonNode description;
  private final StringBuilder html = new StringBuilder(600_000);

  private record Operation(String method, String path, JsonNode says) {}

  private ApiPage(JsonNode description) {
    this.description = description;
  }

  static String of(InputStream description) throws IOException {
    try (description) {
      return new ApiPage(new ObjectMapper().readTree(description)).write();
    }
  }

  private String write() {
    Map<String, List<Operation>> byTag = new TreeMap<>();
    description
        .path("paths")
        .properties()
        .forEach(
            path ->
                path.getValue()
                    .properties()
                    .forEach(
                        each ->
                            byTag
                                .computeIfAbsent(
                                    each.getValue().path("tags").path(0).asText(),
                                    tag -> new ArrayList<>())
                                .add(
                                    new Operation(each.getKey(), path.getKey(), each.getValue()))));
    html.append("<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\">")
        .append("<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">")
        .append("<title>Tavrel: what other programs can ask</title>")
        .append("<link rel=\"stylesheet\" href=\"/api/docs/page.css\"></head><body><main>")
        .append("<h1>What other programs can ask of Tavrel</h1>")
        .append("<p>Sign in with <code>POST /api/session</code> and send its cookie along. ")
        .append("Grams are of acid dihydrate where nothing else is said, temperatures °C, ")
        .append("times with their zone. The same for programs: ")
        .append("<a href=\"/api/docs/openapi.json\">openapi.json</a>.</p><nav>");
    byTag.keySet().forEach(tag -> html.append(link(tag, words(tag))).append(' '));
    html.append("</nav>");
    byTag.forEach(
        (tag, operations) -> {
          html.append("<section id=\"").append(text(tag)).append("\"><h2>");
          html.append(text(words(tag))).append("</h2>");
          operations.forEach(this::operation);
          html.append("</section>");
        });
    html.append("<section><h2>Shapes</h2>");
    description
        .path("components")
        .path("schemas")
        .properties()
        .forEach(shape -> shape(shape.getKey(), shape.getValue()));
    return html.append("</section></main></body></html>").toString();
  }

  private void operation(Operation operation) {
    JsonNode says = operation.says();
    html.append("<article id=\"")
        .append(text(says.path("operationId").asText()))
        .append("\"><h3><b>");
    html.append(operation.method().toUpperCase(Locale.ROOT)).append("</b> ");
    html.append(text(operation.path())).append("</h3><p>");
    String all = says.path("description").asText(says.path("summary").asText());
    html.append(text(all)).append("</p><table>");
    for (JsonNode parameter : says.path("parameters")) {
      row(
          parameter.path("name").asText(),
          parameter.path("in").asText() + ", " + type(parameter.path("schema")),
          parameter.path("description").asText());
    }
    says.path("requestBody")
        .path("content")
        .properties()
        .forEach(content -> row("body", type(content.getValue().path("schema")), content.getKey()));
    JsonNode example = says.at("/requestBody/content/application~1json/example");
    says.path("responses")
        .properties()
        .forEach(
            answer -> {
              JsonNode content = answer.getValue().path("content");
              String shape =
                  content.isEmpty() ? "nothing" : type(content.elements().next().path("schema"));
              row(answer.getKey(), shape, answer.getValue().path("description").asText());
            });
    html.append("</table>");
    if (!example.isMissingNode()) {
      html.append("<p>For example:</p><pre>").append(text(example.toPrettyString()));
      html.append("</pre>");
    }
    html.append("</article>");
  }

  private void shape(String name, JsonNode shape) {
    html.append("<article id=\"").append(text(name)).append("\"><h3>").append(text(name));
    html.append("</h3><p>").append(text(shape.path("description").asText())).append("</p><table>");
    shape
        .path("properties")
        .properties()
        .forEach(
            property ->
                row(
                    property.getKey(),
                    type(property.getValue()),
                    property.getValue().path("description").asText()));
    html.append("</table></article>");
  }

  /** A row; the second column is HTML already. */
  private void row(String name, String type, String says) {
    html.append("<tr><th scope=\"row\">").append(text(name)).append("</th><td>").append(type);
    html.append("</td><td>").append(text(says)).append("</td></tr>");
  }

  private static String type(JsonNode schema) {
    if (schema.has("$ref")) {
      String name = schema.path("$ref").asText().substring(REFERENCE.length());
      return link(name, name);
    }
    if (schema.path("type").asText().equals("array")) {
      return "list of " + type(schema.path("items"));
    }
    if (schema.has("enum")) {
      List<String> values = new ArrayList<>();
      schema.path("enum").forEach(value -> values.add(text(value.asText())));
      return String.join(" | ", values);
    }
    String format = schema.path("format").asText();
    return text(schema.path("type").asText("anything") + (format.isEmpty() ? "" : ", " + format));
  }

  private static String link(String id, String words) {
    return "<a href=\"#" + text(id) + "\">" + text(words) + "</a>";
  }

  private static String words(String tag) {
    return tag.replace("-resource", "").replace('-', ' ');
  }

  private static String text(String raw) {
    return HtmlUtils.htmlEscape(raw, "UTF-8");
  }
}
