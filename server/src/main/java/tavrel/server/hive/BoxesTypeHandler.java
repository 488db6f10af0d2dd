package tavrel.server.hive;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.jspecify.annotations.Nullable;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.BroodBox;

/**
 * Keeps brood boxes in the notation of a roster. Named where it is used; no other list is kept so.
 */
public final class BoxesTypeHandler extends BaseTypeHandler<List<BroodBox>> {

  @Override
  public void setNonNullParameter(
      PreparedStatement statement, int at, List<BroodBox> boxes, @Nullable JdbcType type)
      throws SQLException {
    statement.setString(at, BoxNotation.write(boxes));
  }

  @Override
  public List<BroodBox> getNullableResult(ResultSet row, String column) throws SQLException {
    return BoxNotation.read(row.getString(column));
  }

  @Override
  public List<BroodBox> getNullableResult(ResultSet row, int column) throws SQLException {
    return BoxNotation.read(row.getString(column));
  }

  @Override
  public List<BroodBox> getNullableResult(CallableStatement call, int column) throws SQLException {
    return BoxNotation.read(call.getString(column));
  }
}
