package tavrel.server.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.type.filter.AssignableTypeFilter;
import org.springframework.util.ClassUtils;
import tavrel.core.Worded;

/**
 * Facts are kept in rounds, in the register and on phones, so a code once given is never taken
 * back: one that no code tells any more stays in the list and in the catalogue.
 */
class FactCodesTest {

  private static final Path LIST = Path.of("src/test/resources/fact-codes.txt");

  @ParameterizedTest
  @EnumSource
  void every_code_that_was_ever_told_can_still_be_said(Language language) throws IOException {
    Catalogue catalogue = Catalogue.of(language);
    assertThat(Files.readAllLines(LIST))
        .isSorted()
        .doesNotHaveDuplicates()
        .allSatisfy(code -> assertThat(catalogue.text("fact." + code)).as(code).isNotBlank());
  }

  @Test
  void every_code_of_the_catalogue_is_listed() throws IOException {
    assertThat(Files.readAllLines(LIST))
        .containsAll(
            Catalogue.of(Language.ENGLISH).keys().stream()
                .filter(key -> key.startsWith("fact.") && !key.startsWith("fact.word."))
                .map(key -> key.substring("fact.".length()))
                .toList());
  }

  @ParameterizedTest
  @EnumSource
  void every_word_of_the_trade_that_a_fact_may_name_is_in_each_language(Language language) {
    Catalogue catalogue = Catalogue.of(language);
    assertThat(words())
        .hasSizeGreaterThan(150)
        .allSatisfy(word -> assertThat(catalogue.text("fact.word." + word)).as(word).isNotBlank());
  }

  @Test
  void a_word_is_known_by_its_type_and_its_name() {
    assertThat(words()).contains("GramsOf.PRODUCT", "BroodBreakKind.WINDOW");
    assertThat(words()).allMatch(word -> !word.toLowerCase(Locale.ROOT).contains("$"));
  }

  private static List<String> words() {
    ClassPathScanningCandidateComponentProvider found =
        new ClassPathScanningCandidateComponentProvider(false);
    found.addIncludeFilter(new AssignableTypeFilter(Worded.class));
    return Stream.of("tavrel.core", "tavrel.server")
        .flatMap(where -> found.findCandidateComponents(where).stream())
        .map(each -> ClassUtils.resolveClassName(each.getBeanClassName(), null))
        .filter(Class::isEnum)
        .flatMap(type -> Arrays.stream(type.getEnumConstants()))
        .map(constant -> ((Worded) constant).word())
        .toList();
  }
}
