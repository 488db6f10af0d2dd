package tavrel.server.run;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.jspecify.annotations.Nullable;
import tavrel.core.ready.Task;

/** What to do at a hive, kept as codes, one a line. */
public final class TasksTypeHandler extends BaseTypeHandler<List<Task>> {

  @Override
  public void setNonNullParameter(
      PreparedStatement statement, int at, List<Task> tasks, @Nullable JdbcType type)
      throws SQLException {
    statement.setString(at, tasks.stream().map(Task::written).collect(Collectors.joining("\n")));
  }

  @Override
  public List<Task> getNullableResult(ResultSet row, String column) throws SQLException {
    return read(row.getString(column));
  }

  @Override
  public List<Task> getNullableResult(ResultSet row, int column) throws SQLException {
    return read(row.getString(column));
  }

  @Override
  public List<Task> getNullableResult(CallableStatement call, int column) throws SQLException {
    return read(call.getString(column));
  }

  private static List<Task> read(String written) {
    return written.lines().map(Task::read).toList();
  }
}
