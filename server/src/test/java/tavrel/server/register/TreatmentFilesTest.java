package tavrel.server.register;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tavrel.server.Yard;

class TreatmentFilesTest extends Yard {

  private static final String LOOK = "/api/register/preview";
  private static final String BRING = "/api/register/import";
  private static final String HEADER = "day,apiary,hive,means,acid dihydrate g,amount,operator\n";

  private byte[] file(String... rows) {
    return (HEADER + String.join("\n", rows).replace("YARD", yard))
        .getBytes(StandardCharsets.UTF_8);
  }

  private JsonNode lines() {
    return get(keeper, "/api/register?apiaryId=" + apiaryId).json().path("lines");
  }

  @Test
  void earlier_years_come_into_the_register_once() {
    byte[] two =
        file(
            today.minusYears(2) + ",YARD,Q1,\"oxalic acid, trickled or sprayed\",2.1,,Somebody",
            today.minusYears(2) + ",YARD,q2,\"Oxalic acid, trickled or sprayed\",2.1,,Somebody",
            today.minusMonths(3) + ",YARD,Q1,synthetic strips,,2 strips,Somebody");
    JsonNode looked = upload(keeper, LOOK, two).json();
    assertThat(looked.path("treatments").asInt()).isEqualTo(3);
    assertThat(looked.path("first").asText()).isEqualTo(today.minusYears(2).toString());
    assertThat(lines()).isEmpty();

    assertThat(upload(keeper, BRING, two).json().path("treatments").asInt()).isEqualTo(3);
    assertThat(lines()).hasSize(3);
    JsonNode again = upload(keeper, BRING, two).json();
    assertThat(again.path("treatments").asInt()).isZero();
    assertThat(again.path("known").asInt()).isEqualTo(3);
    assertThat(lines()).hasSize(3);
  }

  @Test
  void what_was_given_this_year_counts_for_the_label() {
    upload(
        keeper,
        BRING,
        file(today.withDayOfYear(1) + ",YARD,Q3,\"oxalic acid, vapour\",2,,Somebody"));
    JsonNode standing =
        get(keeper, "/api/register/standing?apiaryId=" + apiaryId + "&year=" + today.getYear())
            .json();
    assertThat(standing).hasSize(1);
    assertThat(standing.get(0).path("hive").asText()).isEqualTo("Q3");
    assertThat(standing.get(0).path("oxalic").path("done").asInt()).isEqualTo(1);
  }

  @Test
  void each_row_that_cannot_be_says_why_and_nothing_is_brought_in_unless_they_may_stay_out() {
    byte[] mixed =
        file(
            today.plusDays(1) + ",YARD,Q1,thymol,,15 g,Somebody",
            today.minusDays(9) + ",YARD,Q9,thymol,,15 g,Somebody",
            today.minusDays(9) + ",Nowhere,Q1,thymol,,15 g,Somebody",
            today.minusDays(9) + ",YARD,Q1,smoke,,15 g,Somebody",
            today.minusDays(9) + ",YARD,Q1,thymol,,,Somebody",
            today.minusDays(9) + ",YARD,Q1,thymol,,15 g,",
            "9.8.2025,YARD,Q1,thymol,,15 g,Somebody",
            today.minusDays(9) + ",YARD,Q1,thymol,,15 g,Somebody");
    List<JsonNode> errors = list(upload(keeper, LOOK, mixed).json().path("errors"));
    assertThat(errors)
        .extracting(each -> each.path("line").asInt())
        .containsExactly(2, 3, 4, 5, 6, 7, 8);
    assertThat(errors)
        .extracting(each -> each.path("column").asText())
        .containsExactly("day", "hive", "apiary", "means", "amount", "operator", "day");

    assertThat(upload(keeper, BRING, mixed).at("file")).contains("7 bad rows");
    assertThat(lines()).isEmpty();
    upload(keeper, BRING + "?goodRowsOnly=true", mixed);
    assertThat(lines()).hasSize(1);
  }

  @Test
  void a_hive_is_known_by_the_name_that_it_had_on_the_day() {
    Map<String, Object> rename =
        Map.of(
            "kind",
            "RENAMED",
            "day",
            today.minusDays(20).toString(),
            "hiveIds",
            hives.subList(0, 1),
            "name",
            "Z1");
    assertThat(send(keeper, HttpMethod.PUT, "/api/hive-acts/" + UUID.randomUUID(), rename).status())
        .isEqualTo(200);
    JsonNode looked =
        upload(
                keeper,
                LOOK,
                file(
                    today.minusDays(30) + ",YARD,Q1,thymol,,15 g,Somebody",
                    today.minusDays(10) + ",YARD,Z1,thymol,,15 g,Somebody",
                    today.minusDays(10) + ",YARD,Q1,thymol,,15 g,Somebody"))
            .json();
    assertThat(looked.path("treatments").asInt()).isEqualTo(2);
    assertThat(looked.path("errors")).hasSize(1);
  }

  @Test
  void the_registers_own_table_is_known_line_by_line() throws Exception {
    upload(keeper, BRING, file(today.minusDays(9) + ",YARD,Q1,thymol,,15 g,Somebody"));
    MvcResult begun =
        mvc.perform(
                MockMvcRequestBuilders.get("/api/register/treatments.csv?apiaryId=" + apiaryId)
                    .with(as(keeper)))
            .andReturn();
    byte[] own =
        mvc.perform(asyncDispatch(begun)).andReturn().getResponse().getContentAsByteArray();
    JsonNode looked = upload(keeper, LOOK, own).json();
    assertThat(looked.path("errors")).isEmpty();
    assertThat(looked.path("known").asInt()).isEqualTo(1);
    assertThat(looked.path("treatments").asInt()).isZero();
  }

  @Test
  void a_key_that_stands_twice_in_a_file_breaks_nothing() {
    String key = UUID.randomUUID().toString();
    String row = today.minusDays(9) + "," + yard + ",%s,thymol,15 g,Somebody," + key;
    byte[] file =
        String.join(
                "\n",
                "day,apiary,hive,means,amount,operator,entry",
                row.formatted("Q1"),
                row.formatted("Q2"))
            .getBytes(StandardCharsets.UTF_8);
    assertThat(upload(keeper, BRING, file).status()).isEqualTo(200);
    assertThat(lines()).hasSize(2);
    assertThat(upload(keeper, BRING, file).json().path("known").asInt()).isEqualTo(2);
  }

  @Test
  void only_the_keeper_brings_in_and_the_template_can_be_read() {
    byte[] one = file(today.minusDays(9) + ",YARD,Q1,thymol,,15 g,Somebody");
    assertThat(upload(crew, BRING, one).status()).isEqualTo(403);
    byte[] template =
        get(keeper, "/api/register/template.csv").text().getBytes(StandardCharsets.UTF_8);
    assertThat(upload(keeper, LOOK, template).json().path("errors"))
        .as("its yard is not here")
        .hasSize(2);
    assertThat(upload(keeper, LOOK, "PK\u0003\u0004".getBytes(StandardCharsets.UTF_8)).at("file"))
        .contains("not a text file");
    assertThat(upload(keeper, LOOK, "a,b\n1,2".getBytes(StandardCharsets.UTF_8)).at("file"))
        .contains("has no column");
  }

  private static List<JsonNode> list(JsonNode array) {
    return StreamSupport.stream(array.spliterator(), false).toList();
  }
}
