package tavrel.server.http;

import com.github.javaparser.JavaParser;
import com.github.javaparser.ParserConfiguration;
import com.github.javaparser.ast.CompilationUnit;
import com.github.javaparser.ast.body.MethodDeclaration;
import com.github.javaparser.ast.body.TypeDeclaration;
import com.github.javaparser.ast.nodeTypes.NodeWithJavadoc;
import com.github.javaparser.javadoc.Javadoc;
import com.github.javaparser.javadoc.JavadocBlockTag;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.reflect.Field;
import java.lang.reflect.Method;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springdoc.core.providers.JavadocProvider;

/**
 * What the Javadoc of the sources says of resources and of what they take and give, for the
 * description of the API. Read when that is written: nothing of it is packed but the description.
 */
final class SourceJavadoc implements JavadocProvider {

  private static final List<Path> SOURCES =
      List.of(Path.of("..", "core", "src", "main", "java"), Path.of("src", "main", "java"));

  private final JavaParser parser =
      new JavaParser(
          new ParserConfiguration().setLanguageLevel(ParserConfiguration.LanguageLevel.JAVA_17));
  private final Map<Path, Optional<CompilationUnit>> read = new ConcurrentHashMap<>();
  private final Map<Method, Optional<Javadoc>> ofMethods = new ConcurrentHashMap<>();
  private final Map<Class<?>, Map<String, String>> ofRecords = new ConcurrentHashMap<>();

  @Override
  public String getClassJavadoc(Class<?> type) {
    return declared(type)
        .flatMap(NodeWithJavadoc::getJavadoc)
        .map(SourceJavadoc::says)
        .orElse(null);
  }

  @Override
  public Map<String, String> getRecordClassParamJavadoc(Class<?> type) {
    return ofRecords.computeIfAbsent(
        type,
        each ->
            declared(each)
                .flatMap(NodeWithJavadoc::getJavadoc)
                .map(javadoc -> named(javadoc, JavadocBlockTag.Type.PARAM))
                .orElse(Map.of()));
  }

  @Override
  public String getMethodJavadocDescription(Method method) {
    return of(method).map(SourceJavadoc::says).orElse(null);
  }

  @Override
  public String getMethodJavadocReturn(Method method) {
    return of(method).stream()
        .flatMap(javadoc -> javadoc.getBlockTags().stream())
        .filter(tag -> tag.getType() == JavadocBlockTag.Type.RETURN)
        .map(tag -> plain(tag.getContent().toText()))
        .findFirst()
        .orElse(null);
  }

  @Override
  public Map<String, String> getMethodJavadocThrows(Method method) {
    return of(method).map(javadoc -> named(javadoc, JavadocBlockTag.Type.THROWS)).orElse(Map.of());
  }

  @Override
  public String getParamJavadoc(Method method, String name) {
    return of(method)
        .map(javadoc -> named(javadoc, JavadocBlockTag.Type.PARAM).get(name))
        .orElse(null);
  }

  @Override
  public String getFieldJavadoc(Field field) {
    return field.getDeclaringClass().isRecord()
        ? getRecordClassParamJavadoc(field.getDeclaringClass()).get(field.getName())
        : null;
  }

  @Override
  public String getFirstSentence(String text) {
    if (text == null) {
      return null;
    }
    int end = text.indexOf(". ");
    return end < 0 ? text : text.substring(0, end + 1);
  }

  private Optional<Javadoc> of(Method method) {
    return ofMethods.computeIfAbsent(method, this::readOf);
  }

  private Optional<Javadoc> readOf(Method method) {
    return declared(method.getDeclaringClass())
        .flatMap(
            type ->
                type.getMethodsByName(method.getName()).stream()
                    .filter(each -> each.getParameters().size() == method.getParameterCount())
                    .findFirst())
        .flatMap(MethodDeclaration::getJavadoc);
  }

  private Optional<TypeDeclaration<?>> declared(Class<?> type) {
    if (!type.getName().startsWith("tavrel.")) {
      return Optional.empty();
    }
    if (type.getDeclaringClass() != null) {
      return declared(type.getDeclaringClass())
          .flatMap(
              outer ->
                  outer.getMembers().stream()
                      .filter(TypeDeclaration.class::isInstance)
                      .<TypeDeclaration<?>>map(member -> (TypeDeclaration<?>) member)
                      .filter(inner -> inner.getNameAsString().equals(type.getSimpleName()))
                      .findFirst());
    }
    Path file = Path.of(type.getName().replace('.', '/') + ".java");
    return read.computeIfAbsent(file, this::parsed)
        .flatMap(
            unit ->
                unit.getTypes().stream()
                    .filter(each -> each.getNameAsString().equals(type.getSimpleName()))
                    .findFirst());
  }

  private Optional<CompilationUnit> parsed(Path file) {
    try {
      for (Path source : SOURCES) {
        if (Files.exists(source.resolve(file))) {
          return parser.parse(source.resolve(file)).getResult();
        }
      }
      return Optional.empty();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private static String says(Javadoc javadoc) {
    return plain(javadoc.getDescription().toText());
  }

  private static Map<String, String> named(Javadoc javadoc, JavadocBlockTag.Type type) {
    Map<String, String> named = new LinkedHashMap<>();
    for (JavadocBlockTag tag : javadoc.getBlockTags()) {
      if (tag.getType() == type) {
        tag.getName().ifPresent(name -> named.put(name, plain(tag.getContent().toText())));
      }
    }
    return named;
  }

  /** Without tags and breaks of lines. */
  private static String plain(String text) {
    return text.replaceAll("\\{@\\w+ (?:[^}]*#)?([^}]*)}", "$1")
        .replaceAll("<[^>]*>", " ")
        .replaceAll("\\s+", " ")
        .strip();
  }
}
