package tavrel.server.outfit;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** How the values of a column are written in an outfit file, so that they come back the same. */
enum ColumnKind {
  TEXT("text") {
    @Override
    @Nullable String written(ResultSet row, int column) throws SQLException {
      return row.getString(column);
    }

    @Override
    Object read(String text) {
      return text;
    }
  },
  ID("UUID") {
    @Override
    @Nullable String written(ResultSet row, int column) throws SQLException {
      return text(row.getObject(column, UUID.class));
    }

    @Override
    Object read(String text) {
      UUID id = UUID.fromString(text);
      if (!id.toString().equals(text)) {
        throw new IllegalArgumentException(text);
      }
      return id;
    }
  },
  WHOLE("whole number") {
    @Override
    @Nullable String written(ResultSet row, int column) throws SQLException {
      return text(row.getObject(column));
    }

    @Override
    Object read(String text) {
      return Long.valueOf(text);
    }
  },
  NUMBER("number, with a point") {
    @Override
    @Nullable String written(ResultSet row, int column) throws SQLException {
      return text(row.getObject(column));
    }

    @Override
    Object read(String text) {
      return Double.valueOf(text);
    }
  },
  YES_OR_NO("true or false") {
    @Override
    @Nullable String written(ResultSet row, int column) throws SQLException {
      return text(row.getObject(column));
    }

    @Override
    Object read(String text) {
      return switch (text) {
        case "true" -> true;
        case "false" -> false;
        default -> throw new IllegalArgumentException(text);
      };
    }
  },
  DAY("day, YYYY-MM-DD") {
    @Override
    @Nullable String written(ResultSet row, int column) throws SQLException {
      return text(row.getObject(column, LocalDate.class));
    }

    @Override
    Object read(String text) {
      return LocalDate.parse(text);
    }
  },
  MOMENT("moment in UTC, YYYY-MM-DDThh:mm:ss.ffffffZ") {
    @Override
    @Nullable String written(ResultSet row, int column) throws SQLException {
      return text(row.getObject(column, Instant.class));
    }

    @Override
    Object read(String text) {
      return OffsetDateTime.ofInstant(Instant.parse(text), ZoneOffset.UTC);
    }
  };

  private final String words;

  ColumnKind(String words) {
    this.words = words;
  }

  /** What it holds, for the description in the file and for messages. */
  String words() {
    return words;
  }

  /** A value of a row as text, or null. */
  abstract @Nullable String written(ResultSet row, int column) throws SQLException;

  /**
   * The value that a text stands for.
   *
   * @throws IllegalArgumentException or {@link DateTimeException} if it stands for none
   */
  abstract Object read(String text);

  static ColumnKind of(int type, String name) {
    return switch (type) {
      case Types.VARCHAR, Types.CHAR -> TEXT;
      case Types.INTEGER, Types.BIGINT, Types.SMALLINT -> WHOLE;
      case Types.DOUBLE, Types.FLOAT, Types.REAL -> NUMBER;
      case Types.BOOLEAN, Types.BIT -> YES_OR_NO;
      case Types.DATE -> DAY;
      case Types.TIMESTAMP_WITH_TIMEZONE -> MOMENT;
      default -> {
        if (name.equals("UUID")) {
          yield ID;
        }
        throw new IllegalStateException("A column of type " + name + " has no way into a file.");
      }
    };
  }

  private static @Nullable String text(@Nullable Object value) {
    return value == null ? null : value.toString();
  }
}
