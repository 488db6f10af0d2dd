package tavrel.server.store;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;
import tavrel.core.count.SquaresCounted;

/** Squares counted on a board, kept in one line. */
@MappedTypes(SquaresCounted.class)
public class SquaresTypeHandler extends BaseTypeHandler<SquaresCounted> {

  @Override
  public void setNonNullParameter(
      PreparedStatement statement, int index, SquaresCounted squares, @Nullable JdbcType type)
      throws SQLException {
    statement.setString(index, squares.written());
  }

  @Override
  public @Nullable SquaresCounted getNullableResult(ResultSet row, String column)
      throws SQLException {
    return read(row.getString(column));
  }

  @Override
  public @Nullable SquaresCounted getNullableResult(ResultSet row, int column) throws SQLException {
    return read(row.getString(column));
  }

  @Override
  public @Nullable SquaresCounted getNullableResult(CallableStatement call, int column)
      throws SQLException {
    return read(call.getString(column));
  }

  private static @Nullable SquaresCounted read(@Nullable String kept) {
    return kept == null ? null : SquaresCounted.of(kept);
  }
}
