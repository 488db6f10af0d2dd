package tavrel.server.words;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.UncheckedIOException;
import tavrel.core.Fact;
import tavrel.core.Value;

/** Facts as JSON: a value is told by the name of its field, {@code {"celsius": 14.5}}. */
public final class FactJson {

  /** How each kind of value is known again. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.DEDUCTION)
  @JsonSubTypes({
    @JsonSubTypes.Type(Value.Grams.class),
    @JsonSubTypes.Type(Value.Scoops.class),
    @JsonSubTypes.Type(Value.Celsius.class),
    @JsonSubTypes.Type(Value.Day.class),
    @JsonSubTypes.Type(Value.Count.class),
    @JsonSubTypes.Type(Value.Share.class),
    @JsonSubTypes.Type(Value.Minutes.class),
    @JsonSubTypes.Type(Value.Seconds.class),
    @JsonSubTypes.Type(Value.Road.class),
    @JsonSubTypes.Type(Value.Metres.class),
    @JsonSubTypes.Type(Value.Litres.class),
    @JsonSubTypes.Type(Value.Wind.class),
    @JsonSubTypes.Type(Value.Figure.class),
    @JsonSubTypes.Type(Value.Text.class),
    @JsonSubTypes.Type(Value.Word.class),
    @JsonSubTypes.Type(Value.Said.class),
    @JsonSubTypes.Type(Value.Sum.class),
    @JsonSubTypes.Type(Value.All.class)
  })
  private interface ByItsField {}

  private static final String BEGINS = "{\"code\":";
  private static final ObjectMapper JSON = knowing(JsonMapper.builder().build());

  /** Many rows say the same: of a round's hives, of a day's weather. */
  private static final Cache<String, Fact> KNOWN = Caffeine.newBuilder().maximumSize(4_096).build();

  private FactJson() {}

  /** Lets a mapper read and write values. */
  public static ObjectMapper knowing(ObjectMapper mapper) {
    return mapper
        .addMixIn(Value.class, ByItsField.class)
        .registerModule(new JavaTimeModule())
        .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS);
  }

  /** A fact as it is kept: one that was kept as a sentence stays one. */
  public static String write(Fact fact) {
    if (fact.code().equals(Fact.LEGACY)
        && fact.values().get("text") instanceof Value.Text sentence) {
      return sentence.text();
    }
    try {
      return JSON.writeValueAsString(fact);
    } catch (JsonProcessingException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /** What was kept: a fact, or a sentence from before facts were kept or by somebody's hand. */
  public static Fact read(String kept) {
    return kept.startsWith(BEGINS) ? KNOWN.get(kept, FactJson::parsed) : Fact.legacy(kept);
  }

  private static Fact parsed(String kept) {
    try {
      return JSON.readValue(kept, Fact.class);
    } catch (JsonProcessingException typedSo) {
      return Fact.legacy(kept);
    }
  }
}
