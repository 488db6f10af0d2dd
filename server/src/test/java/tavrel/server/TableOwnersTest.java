package tavrel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.annotation.Annotation;
import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.apache.ibatis.session.SqlSessionFactory;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** Each table and view has one owner; reports read all of them and keep nothing. */
class TableOwnersTest extends ServerTest {

  private static final Pattern NAMED =
      Pattern.compile("(from|join|into|update|table)\\s+([a-z_]+)", Pattern.CASE_INSENSITIVE);
  private static final Pattern CHANGED =
      Pattern.compile("(into|update|delete\\s+from)\\s+([a-z_]+)", Pattern.CASE_INSENSITIVE);
  private static final String REPORTS = "reporting";

  @Autowired private JdbcTemplate database;
  @Autowired private SqlSessionFactory sql;

  @Test
  void each_table_is_asked_for_by_one_part_alone() {
    Map<String, Set<String>> askedBy = new TreeMap<>();
    Set<String> tables = tables();
    for (Class<?> mapper : mappers()) {
      String part = part(mapper);
      if (!part.equals(REPORTS)) {
        for (String table : found(NAMED, mapper)) {
          if (tables.contains(table)) {
            askedBy.computeIfAbsent(table, none -> new TreeSet<>()).add(part);
          }
        }
      }
    }
    assertThat(askedBy).allSatisfy((table, parts) -> assertThat(parts).as(table).hasSize(1));
    assertThat(askedBy.keySet()).as("tables that nobody keeps").containsAll(kept(tables));
  }

  @Test
  void reports_keep_nothing() {
    for (Class<?> mapper : mappers()) {
      if (part(mapper).equals(REPORTS)) {
        assertThat(found(CHANGED, mapper))
            .as(mapper.getName())
            .doesNotContainAnyElementsOf(tables());
      }
    }
  }

  /** All but views. */
  private Set<String> kept(Set<String> tables) {
    Set<String> kept = new TreeSet<>(tables);
    kept.removeAll(named("VIEW"));
    return kept;
  }

  private Set<String> tables() {
    Set<String> all = named("BASE TABLE");
    all.addAll(named("VIEW"));
    all.remove("flyway_schema_history");
    return all;
  }

  private Set<String> named(String type) {
    return new TreeSet<>(
        database.queryForList(
            "select lower(table_name) from information_schema.tables where table_schema = 'PUBLIC' and table_type = ?",
            String.class,
            type));
  }

  private Collection<Class<?>> mappers() {
    Collection<Class<?>> mappers = sql.getConfiguration().getMapperRegistry().getMappers();
    assertThat(mappers).hasSizeGreaterThan(20);
    return mappers;
  }

  private static String part(Class<?> mapper) {
    return mapper.getPackageName().split("\\.")[2];
  }

  private static List<String> found(Pattern pattern, Class<?> mapper) {
    List<String> found = new ArrayList<>();
    for (Method method : mapper.getDeclaredMethods()) {
      for (Annotation annotation : method.getAnnotations()) {
        Matcher matcher = pattern.matcher(String.join(" ", sql(annotation)));
        while (matcher.find()) {
          found.add(matcher.group(2).toLowerCase(Locale.ROOT));
        }
      }
    }
    return found;
  }

  private static String[] sql(Annotation annotation) {
    if (annotation instanceof Select select) {
      return select.value();
    }
    if (annotation instanceof Insert insert) {
      return insert.value();
    }
    if (annotation instanceof Update update) {
      return update.value();
    }
    return annotation instanceof Delete delete ? delete.value() : new String[0];
  }
}
