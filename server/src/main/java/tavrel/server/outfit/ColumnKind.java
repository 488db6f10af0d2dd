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
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** How the values of a column are written in an outfit file, so that they come back the same. */
enum ColumnKind {
  TEXT("text", String.class, text -> text),
  ID("UUID", UUID.class, ColumnKind::uuid),
  WHOLE("whole number", Long.class, Long::valueOf),
  NUMBER("number, with a point", Double.class, Double::valueOf),
  YES_OR_NO("true or false", Boolean.class, ColumnKind::truth),
  DAY("day, YYYY-MM-DD", LocalDate.class, LocalDate::parse),
  MOMENT(
      "moment in UTC, YYYY-MM-DDThh:mm:ss.ffffffZ",
      Instant.class,
      text -> OffsetDateTime.ofInstant(Instant.parse(text), ZoneOffset.UTC));

  private final String words;
  private final Class<?> type;
  private final Function<String, Object> reading;

  ColumnKind(String words, Class<?> type, Function<String, Object> reading) {
    this.words = words;
    this.type = type;
    this.reading = reading;
  }

  /** What it holds, for the description in the file and for messages. */
  String words() {
    return words;
  }

  /** A value of a row as text, or null. */
  @Nullable String written(ResultSet row, int column) throws SQLException {
    Object value = row.getObject(column, type);
    return value == null ? null : value.toString();
  }

  /**
   * The value that a text stands for.
   *
   * @throws IllegalArgumentException or {@link DateTimeException} if it stands for none
   */
  Object read(String text) {
    return reading.apply(text);
  }

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

  /** Only as it is written: others stand for the same, but would not come out the same. */
  private static UUID uuid(String text) {
    UUID id = UUID.fromString(text);
    if (!id.toString().equals(text)) {
      throw new IllegalArgumentException(text);
    }
    return id;
  }

  private static boolean truth(String text) {
    return switch (text) {
      case "true" -> true;
      case "false" -> false;
      default -> throw new IllegalArgumentException(text);
    };
  }
}
