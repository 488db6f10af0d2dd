package tavrel.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springdoc.core.customizers.JavadocPropertyCustomizer;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springdoc.core.providers.JavadocProvider;
import org.springdoc.core.providers.ObjectMapperProvider;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.support.BeanDefinitionRegistryPostProcessor;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tavrel.core.Value;

/**
 * The description of the API that the screens' types are made from is the API as it is. Run with
 * {@code -Dtavrel.write-api=true} to write it anew.
 */
@SpringBootTest(
    properties = {
      "springdoc.api-docs.version=openapi_3_0",
      "springdoc.override-with-generic-response=false",
      "springdoc.default-produces-media-type=application/json"
    })
@AutoConfigureMockMvc(addFilters = false)
@ActiveProfiles("demo")
@Import(ApiDescriptionTest.Described.class)
class ApiDescriptionTest {

  private static final Path KEPT = Path.of("..", "web", "src", "api", "openapi.json");

  @Autowired MockMvc mvc;
  @Autowired ObjectMapper json;

  @TestConfiguration(proxyBeanMethods = false)
  static class Described {

    static {
      SpringDocUtils.getConfig()
          .replaceWithSchema(MonthDay.class, new StringSchema())
          .replaceWithSchema(
              Value.class,
              new ObjectSchema()
                  .additionalProperties(true)
                  .description(
                      "a value, known by its field: grams (with decimals to show), scoops with holding (g), celsius, day, n with of, share (1 is all),"
                          + " minutes, seconds, km, metres, litres, wind (m/s), figure, text, word, fact, sum or all (lists)"));
    }

    /** Nobody reads the sample data here. */
    @Bean
    static BeanDefinitionRegistryPostProcessor withoutSampleData() {
      return registry -> registry.removeBeanDefinition("demoOutfit");
    }

    @Bean
    ModelResolver modelResolver(ObjectMapper mapper) {
      return new ModelResolver(mapper);
    }

    @Bean
    OpenAPI description() {
      return new OpenAPI()
          .info(new Info().title("Tavrel").version("1").license(new License().name("Apache-2.0")));
    }

    @Bean
    JavadocProvider javadoc() {
      return new SourceJavadoc();
    }

    @Bean
    JavadocPropertyCustomizer ofProperties(JavadocProvider javadoc, ObjectMapperProvider mapper) {
      return new JavadocPropertyCustomizer(javadoc, mapper);
    }

    @Bean
    OperationCustomizer refusals() {
      return ApiRefusals::of;
    }

    @Bean
    OpenApiCustomizer inWords() {
      return description -> {
        description.setServers(null);
        ApiRefusals.describe(description.getComponents());
        ApiExamples.give(description);
        description
            .getPaths()
            .forEach(
                (path, item) ->
                    item.readOperationsMap()
                        .forEach(
                            (method, operation) ->
                                operation.setOperationId(words(method.name(), path))));
      };
    }

    /** {@code get /api/apiaries/{id}/counts} is {@code getApiariesCounts}. */
    private static String words(String method, String path) {
      StringBuilder words = new StringBuilder(method.toLowerCase(Locale.ROOT));
      for (String part : path.split("[/.-]")) {
        if (!part.isEmpty() && !part.equals("api") && !part.startsWith("{")) {
          words.append(part.substring(0, 1).toUpperCase(Locale.ROOT)).append(part.substring(1));
        }
      }
      String last = path.substring(path.lastIndexOf('/') + 1);
      return last.startsWith("{")
          ? words + "By" + capital(last.replaceAll("\\W", ""))
          : words.toString();
    }

    private static String capital(String word) {
      return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }
  }

  @Test
  void the_kept_description_is_the_api_as_it_is() throws Exception {
    String raw =
        mvc.perform(MockMvcRequestBuilders.get("/v3/api-docs"))
            .andReturn()
            .getResponse()
            .getContentAsString();
    ObjectMapper pretty =
        json.copy()
            .enable(
                SerializationFeature.INDENT_OUTPUT, SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS);
    String described =
        pretty.writeValueAsString(pretty.treeToValue(pretty.readTree(raw), Object.class)) + "\n";
    if (Boolean.getBoolean("tavrel.write-api")) {
      Files.createDirectories(KEPT.getParent());
      Files.writeString(KEPT, described);
    }
    assertThat(KEPT)
        .as("run ./tavrel types and look at what changed")
        .content()
        .isEqualTo(described);
  }

  @Test
  void every_operation_says_what_it_does_and_every_property_what_it_is() throws Exception {
    JsonNode told = json.readTree(KEPT.toFile());
    List<String> silent = new ArrayList<>();
    Set<String> ids = new HashSet<>();
    told.path("paths")
        .properties()
        .forEach(
            path ->
                path.getValue()
                    .forEach(
                        operation -> {
                          String id = operation.path("operationId").asText();
                          assertThat(ids.add(id)).as("%s is one operation's id", id).isTrue();
                          assertThat(id).matches("[a-z]+([A-Z][a-zA-Z]*)+");
                          if (operation.path("summary").asText().isBlank()) {
                            silent.add(path.getKey());
                          }
                        }));
    told.path("components")
        .path("schemas")
        .properties()
        .forEach(
            schema ->
                schema
                    .getValue()
                    .path("properties")
                    .properties()
                    .forEach(
                        property -> {
                          if (!property.getValue().has("$ref")
                              && !schema.getKey().equals("SseEmitter")
                              && property.getValue().path("description").asText().isBlank()) {
                            silent.add(schema.getKey() + "." + property.getKey());
                          }
                        }));
    assertThat(silent).isEmpty();
  }
}
