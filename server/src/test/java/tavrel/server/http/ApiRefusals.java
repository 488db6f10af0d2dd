package tavrel.server.http;

import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.responses.ApiResponses;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.method.HandlerMethod;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.AllowedToAnyone;
import tavrel.server.people.Role;

/** What is answered where something is refused, for the description of the API. */
final class ApiRefusals {

  private static final String PROBLEM = "Problem";

  private ApiRefusals() {}

  /** Adds to an operation the refusals that it can meet. */
  static Operation of(Operation operation, HandlerMethod handler) {
    ApiResponses answers = operation.getResponses();
    boolean reads = handler.hasMethodAnnotation(GetMapping.class);
    boolean names =
        Arrays.stream(handler.getMethodParameters())
            .anyMatch(parameter -> parameter.hasParameterAnnotation(PathVariable.class));
    if (operation.getRequestBody() != null || operation.getParameters() != null) {
      add(answers, "400", "Something cannot be; errors say what, field by field.");
    }
    if (!handler.hasMethodAnnotation(AllowedToAnyone.class)) {
      add(answers, "401", "Nobody is signed in.");
      Set<Role> roles = roles(handler, reads);
      if (roles.size() < Role.values().length) {
        String named =
            roles.stream()
                .map(role -> role.name().toLowerCase(Locale.ROOT))
                .sorted()
                .collect(Collectors.joining(" and "));
        add(answers, "403", "Allowed to " + named + " alone.");
      }
    }
    if (names) {
      add(answers, "404", "There is no such thing, or no longer.");
    }
    if (!reads) {
      add(answers, "409", "Not as things stand; detail says why.");
    }
    return operation;
  }

  /**
   * Who may: as the method says, else its resource; else reading is for all, the rest the keeper's.
   */
  private static Set<Role> roles(HandlerMethod handler, boolean reads) {
    AllowedTo allowed = handler.getMethodAnnotation(AllowedTo.class);
    if (allowed == null) {
      allowed = handler.getBeanType().getAnnotation(AllowedTo.class);
    }
    if (allowed != null) {
      return Set.of(allowed.value());
    }
    return reads ? Set.of(Role.values()) : Set.of(Role.KEEPER);
  }

  private static void add(ApiResponses answers, String status, String says) {
    if (!answers.containsKey(status)) {
      Schema<?> problem = new Schema<>().$ref("#/components/schemas/" + PROBLEM);
      answers.addApiResponse(
          status,
          new ApiResponse()
              .description(says)
              .content(
                  new Content()
                      .addMediaType("application/problem+json", new MediaType().schema(problem))));
    }
  }

  /** What a refusal looks like. */
  static void describe(Components components) {
    Schema<?> field =
        new ObjectSchema()
            .properties(
                Map.of(
                    "field",
                        text("name of the field, with dots for what lies within", "amount.grams"),
                    "says", text("what is wrong with it", "is 40; allowed is 0.1 to 10 g"),
                    "code", text("the same as a lasting code, where it has one", "outsideRange"),
                    "values",
                        new ObjectSchema()
                            .description("what the code speaks of, by name")
                            .additionalProperties(new Schema<>())));
    components.addSchemas(
        PROBLEM,
        new ObjectSchema()
            .addProperty("type", text("kind of refusal, lasting", "tag:tavrel,2026:invalid"))
            .addProperty("title", text("the kind in words", "Something cannot be"))
            .addProperty("status", new IntegerSchema().description("HTTP status"))
            .addProperty("detail", text("what is wrong, in words", "This round was not found."))
            .addProperty("fact", new Schema<>().$ref("#/components/schemas/Fact"))
            .addProperty(
                "errors",
                new ArraySchema().items(field).description("what is wrong, field by field")));
  }

  private static Schema<?> text(String says, String example) {
    return new StringSchema().description(says).example(example);
  }
}
