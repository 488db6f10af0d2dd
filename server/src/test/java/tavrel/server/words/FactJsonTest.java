package tavrel.server.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;
import tavrel.core.Value;

class FactJsonTest {

  @Test
  void every_kind_of_value_comes_back_as_it_was_kept() {
    Map<String, Value> values = new LinkedHashMap<>();
    values.put("grams", Value.Grams.weighed(2));
    values.put("scoops", new Value.Scoops(2, 1.25));
    values.put("celsius", new Value.Celsius(4.5));
    values.put("day", new Value.Day(LocalDate.of(2026, 8, 9)));
    values.put("count", new Value.Count(3, "hive"));
    values.put("share", new Value.Share(0.02));
    values.put("minutes", new Value.Minutes(10));
    values.put("seconds", new Value.Seconds(173));
    values.put("road", new Value.Road(12.5));
    values.put("metres", new Value.Metres(300));
    values.put("litres", new Value.Litres(2));
    values.put("wind", new Value.Wind(3.5));
    values.put("figure", new Value.Figure(7));
    values.put("text", new Value.Text("Q1"));
    values.put("word", new Value.Word("GramsOf.PRODUCT"));
    values.put("said", new Value.Said(new Fact("missing.place", Map.of())));
    values.put("sum", new Value.Sum(List.of(Value.Grams.weighed(1), Value.Grams.weighed(2))));
    values.put("all", new Value.All(List.of(new Value.Text("a"), new Value.Figure(1))));
    assertThat(values.values().stream().map(Object::getClass).distinct())
        .as("none is forgotten here")
        .hasSameSizeAs(Value.class.getPermittedSubclasses());

    Fact fact = new Fact("dose.any", values);
    assertThat(FactJson.read(FactJson.write(fact))).isEqualTo(fact);
  }

  @Test
  void a_sentence_of_before_facts_stays_as_it_was_written() {
    Fact old = FactJson.read("opened early: cloth fell out");
    assertThat(FactJson.write(old)).isEqualTo("opened early: cloth fell out");
    assertThat(Wording.PLAIN.of(old)).isEqualTo("opened early: cloth fell out");
  }

  @Test
  void what_only_looks_like_a_fact_is_told_as_somebody_wrote_it() {
    String odd = "{\"code\":\"half a fact";
    assertThat(Wording.PLAIN.of(FactJson.read(odd))).isEqualTo(odd);
  }
}
