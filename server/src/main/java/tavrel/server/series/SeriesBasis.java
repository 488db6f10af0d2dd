package tavrel.server.series;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.UncheckedIOException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tavrel.server.spacing.SpacingQuestion;

/**
 * What a series was reckoned with, as its row has it: JSON with the version of its shape. A row
 * outlives the program that wrote it, so every shape that was ever written is read.
 *
 * <ul>
 *   <li>1: the question alone, without a version
 *   <li>2: the same with {@code "version": 2}
 * </ul>
 */
@Component
class SeriesBasis {

  private static final Logger LOG = LoggerFactory.getLogger(SeriesBasis.class);
  private static final String VERSION = "version";
  private static final int WRITTEN = 2;

  private final ObjectMapper json;

  SeriesBasis(ObjectMapper json) {
    this.json = json;
  }

  /** As it goes into the row. */
  String write(SpacingQuestion bench) {
    try {
      ObjectNode shape = json.valueToTree(bench);
      return json.writeValueAsString(shape.put(VERSION, WRITTEN));
    } catch (JsonProcessingException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /**
   * What a row holds; empty where the series was not reckoned on a bench, or with figures that
   * cannot be any more: a series goes on without its estimate rather than not at all.
   */
  Optional<SpacingQuestion> read(@Nullable String row) {
    if (row == null) {
      return Optional.empty();
    }
    try {
      ObjectNode shape = json.readValue(row, ObjectNode.class);
      shape.remove(VERSION);
      return Optional.of(json.treeToValue(shape, SpacingQuestion.class));
    } catch (JsonProcessingException | IllegalArgumentException cannotBe) {
      LOG.warn("A series goes on without its estimate: {}", cannotBe.getMessage());
      return Optional.empty();
    }
  }
}
