package tavrel.server.words;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * All that is said in one language, by key. The files are those of the screens; of them only what
 * the server says itself is held: facts, refusals, counted nouns, papers.
 */
final class Catalogue {

  /** Parts that the server says. */
  private static final String[] PARTS = {"fact", "refusal", "counted", "paper"};

  private static final Map<Language, Catalogue> ALL = new EnumMap<>(Language.class);

  private final Map<String, String> texts = new HashMap<>();

  private Catalogue(Language language) {
    String file = "/words/" + language.locale().getLanguage() + ".json";
    try (InputStream in = Catalogue.class.getResourceAsStream(file)) {
      if (in == null) {
        throw new IOException(file + " is missing");
      }
      JsonNode whole = new ObjectMapper().readTree(in);
      for (String part : PARTS) {
        add(part, whole.path(part));
      }
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private Catalogue(Map<String, String> all) {
    texts.putAll(all);
  }

  /** The same with each text made into another, as by marks that show what is said out of it. */
  Catalogue with(UnaryOperator<String> each) {
    Map<String, String> made = new HashMap<>();
    texts.forEach((key, text) -> made.put(key, each.apply(text)));
    return new Catalogue(made);
  }

  /** That of a language, read once. */
  static synchronized Catalogue of(Language language) {
    return ALL.computeIfAbsent(language, Catalogue::new);
  }

  /** A text, or null where there is none. */
  @Nullable String text(String key) {
    return texts.get(key);
  }

  /** All keys that the server says. */
  Set<String> keys() {
    return Set.copyOf(texts.keySet());
  }

  private void add(String path, JsonNode node) {
    if (node.isTextual()) {
      texts.put(path, node.asText());
    } else {
      node.properties().forEach(each -> add(path + "." + each.getKey(), each.getValue()));
    }
  }
}
