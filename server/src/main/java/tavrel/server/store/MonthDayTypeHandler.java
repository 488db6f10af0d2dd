package tavrel.server.store;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.MonthDay;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;

/** A day of any year, kept as {@code --09-05}. */
@MappedTypes(MonthDay.class)
public class MonthDayTypeHandler extends BaseTypeHandler<MonthDay> {

  @Override
  public void setNonNullParameter(
      PreparedStatement statement, int index, MonthDay day, @Nullable JdbcType type)
      throws SQLException {
    statement.setString(index, day.toString());
  }

  @Override
  public @Nullable MonthDay getNullableResult(ResultSet row, String column) throws SQLException {
    return read(row.getString(column));
  }

  @Override
  public @Nullable MonthDay getNullableResult(ResultSet row, int column) throws SQLException {
    return read(row.getString(column));
  }

  @Override
  public @Nullable MonthDay getNullableResult(CallableStatement call, int column)
      throws SQLException {
    return read(call.getString(column));
  }

  private static @Nullable MonthDay read(@Nullable String text) {
    return text == null ? null : MonthDay.parse(text);
  }
}
