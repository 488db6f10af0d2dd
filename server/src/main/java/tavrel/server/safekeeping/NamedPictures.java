package tavrel.server.safekeeping;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/** Files of pictures that the rows of an outfit name. */
final class NamedPictures {

  private NamedPictures() {}

  /** Their names in order, each once; an outfit with older tables names none. */
  static List<String> of(Connection connection) throws SQLException {
    List<String> names = new ArrayList<>();
    try (Statement statement = connection.createStatement()) {
      try (ResultSet tables =
          connection
              .getMetaData()
              .getTables(null, "PUBLIC", "PHOTO", new String[] {"BASE TABLE"})) {
        if (!tables.next()) {
          return List.of();
        }
      }
      try (ResultSet found =
          statement.executeQuery(
              "select distinct file_name from photo where struck_at is null order by file_name")) {
        while (found.next()) {
          names.add(found.getString(1));
        }
      }
    }
    return List.copyOf(names);
  }
}
