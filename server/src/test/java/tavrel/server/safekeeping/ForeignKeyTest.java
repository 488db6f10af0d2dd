package tavrel.server.safekeeping;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class ForeignKeyTest {

  private static final ForeignKey BY_ONE =
      new ForeignKey("leaf", "stem", List.of(new ForeignKey.Pair("A", "A")));
  private static final ForeignKey BY_TWO =
      new ForeignKey(
          "leaf", "stem", List.of(new ForeignKey.Pair("A", "A"), new ForeignKey.Pair("B", "B")));

  private Connection connection;
  private Statement statement;

  @BeforeEach
  void two_tables() throws SQLException {
    connection = DriverManager.getConnection("jdbc:h2:mem:keys", DatabaseSwap.USER, "");
    statement = connection.createStatement();
    statement.execute("create table stem (a int, b int)");
    statement.execute("create table leaf (a int, b int)");
  }

  @AfterEach
  void are_gone() throws SQLException {
    connection.close();
  }

  @Test
  void a_row_that_names_none_is_no_stray_even_where_there_is_none_to_name() throws SQLException {
    statement.execute("insert into leaf values (null, null), (null, 1)");
    assertThat(stray(BY_ONE)).isFalse();
    assertThat(stray(BY_TWO)).isFalse();
  }

  @Test
  void a_row_that_names_one_that_is_there_is_no_stray() throws SQLException {
    statement.execute("insert into stem values (1, 2), (3, 4)");
    statement.execute("insert into leaf values (1, 2), (3, 4), (3, null)");
    assertThat(stray(BY_ONE)).isFalse();
    assertThat(stray(BY_TWO)).isFalse();
  }

  @Test
  void a_row_that_names_one_that_is_not_there_is_a_stray() throws SQLException {
    statement.execute("insert into leaf values (9, 9)");
    assertThat(stray(BY_ONE)).isTrue();
    assertThat(stray(BY_TWO)).isTrue();
    statement.execute("insert into stem values (1, 2), (3, 4)");
    assertThat(stray(BY_ONE)).isTrue();
    assertThat(stray(BY_TWO)).isTrue();
  }

  @Test
  void two_columns_have_to_be_there_in_one_row() throws SQLException {
    statement.execute("insert into stem values (1, 2), (3, 4)");
    statement.execute("insert into leaf values (1, 4)");
    assertThat(stray(BY_ONE)).isFalse();
    assertThat(stray(BY_TWO)).isTrue();
  }

  private boolean stray(ForeignKey key) throws SQLException {
    try (ResultSet found = statement.executeQuery(key.strayRows())) {
      return found.next();
    }
  }
}
