package tavrel.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.RecordComponent;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import javax.sql.DataSource;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.mapping.ResultMap;
import org.apache.ibatis.mapping.SqlCommandType;
import org.apache.ibatis.session.SqlSessionFactory;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tavrel.server.ServerTest;

class RecordRowsTest extends ServerTest {

  /** Whatever a statement asks for is there, and is of one thing. */
  static final class Anything extends HashMap<String, Object> {

    private static final long serialVersionUID = 1L;

    Anything() {
      put("one", "thing");
    }

    /** As of a choice. */
    public String name() {
      return "";
    }

    @Override
    public boolean containsKey(Object key) {
      return true;
    }

    @Override
    public Object get(Object key) {
      return this;
    }
  }

  @Autowired SqlSessionFactory sessions;
  @Autowired DataSource database;

  @Test
  void every_component_of_every_record_that_is_read_has_its_column() throws SQLException {
    List<String> wrong = new ArrayList<>();
    int looked = 0;
    try (Connection connection = database.getConnection()) {
      for (Object each : Set.copyOf(sessions.getConfiguration().getMappedStatements())) {
        if (each instanceof MappedStatement statement
            && statement.getSqlCommandType() == SqlCommandType.SELECT) {
          for (ResultMap map : statement.getResultMaps()) {
            if (map.getType().isRecord()) {
              looked++;
              look(statement, map, connection, wrong);
            }
          }
        }
      }
    }
    assertThat(looked).isGreaterThan(150);
    assertThat(wrong).isEmpty();
  }

  private static void look(
      MappedStatement statement, ResultMap map, Connection connection, List<String> wrong)
      throws SQLException {
    Set<String> told = labels(statement, connection);
    if (map.getConstructorResultMappings().isEmpty()) {
      wrong.add(
          statement.getId() + ": columns of " + map.getType() + " are looked for in each row");
    }
    map.getConstructorResultMappings().stream()
        .map(column -> column.getColumn())
        .filter(column -> !told.contains(column))
        .forEach(column -> wrong.add(statement.getId() + ": no column " + column));
  }

  private static Set<String> labels(MappedStatement statement, Connection connection)
      throws SQLException {
    String sql = statement.getBoundSql(new Anything()).getSql();
    try (PreparedStatement prepared = connection.prepareStatement(sql)) {
      ResultSetMetaData columns = prepared.getMetaData();
      Set<String> labels = new HashSet<>();
      for (int i = 1; i <= columns.getColumnCount(); i++) {
        labels.add(columns.getColumnLabel(i).toLowerCase(Locale.ROOT));
      }
      return labels;
    }
  }

  private record Kept(UUID id, int hives) {}

  record Choosy(int grams) {

    Choosy {
      if (grams < 0) {
        throw new IllegalArgumentException("less than nothing");
      }
    }
  }

  @Test
  void a_row_becomes_a_record_that_is_nobody_elses() {
    UUID id = new UUID(0, 7);
    assertThat(new RecordFactory().create(Kept.class, types(Kept.class), List.of(id, 3)))
        .isEqualTo(new Kept(id, 3));
  }

  @Test
  void what_a_record_refuses_is_told_with_its_reason() {
    assertThatThrownBy(
            () -> new RecordFactory().create(Choosy.class, types(Choosy.class), List.of(-1)))
        .isInstanceOf(IllegalStateException.class)
        .hasRootCauseMessage("less than nothing");
  }

  private static List<Class<?>> types(Class<?> record) {
    List<Class<?>> types = new ArrayList<>();
    for (RecordComponent component : record.getRecordComponents()) {
      types.add(component.getType());
    }
    return types;
  }
}
