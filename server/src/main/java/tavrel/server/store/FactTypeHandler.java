package tavrel.server.store;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.server.words.FactJson;

/** A fact, kept as its code with its values. */
@MappedTypes(Fact.class)
public class FactTypeHandler extends BaseTypeHandler<Fact> {

  @Override
  public void setNonNullParameter(
      PreparedStatement statement, int index, Fact fact, @Nullable JdbcType type)
      throws SQLException {
    statement.setString(index, FactJson.write(fact));
  }

  @Override
  public @Nullable Fact getNullableResult(ResultSet row, String column) throws SQLException {
    return read(row.getString(column));
  }

  @Override
  public @Nullable Fact getNullableResult(ResultSet row, int column) throws SQLException {
    return read(row.getString(column));
  }

  @Override
  public @Nullable Fact getNullableResult(CallableStatement call, int column) throws SQLException {
    return read(call.getString(column));
  }

  private static @Nullable Fact read(@Nullable String kept) {
    return kept == null ? null : FactJson.read(kept);
  }
}
