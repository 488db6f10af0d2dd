package tavrel.server.safekeeping;

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
  MOMENT("moment in UTC, YYYY-MM-DDThh:mm:ss.ffffffZ", Instant.class, ColumnKind::moment);

  private static final String UUID_SHAPE = "00000000-0000-0000-0000-000000000000";
  private static final String MOMENT_SHAPE = "0000-00-00T00:00:00.";

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
    if (text.length() != UUID_SHAPE.length()) {
      throw new IllegalArgumentException(text);
    }
    for (int i = 0; i < text.length(); i++) {
      char found = text.charAt(i);
      boolean digit = (found >= '0' && found <= '9') || (found >= 'a' && found <= 'f');
      if (UUID_SHAPE.charAt(i) == '-' ? found != '-' : !digit) {
        throw new IllegalArgumentException(text);
      }
    }
    return UUID.fromString(text);
  }

  /**
   * Read digit by digit: the library's way takes as long as all the rest of a row of the run log.
   */
  private static OffsetDateTime moment(String text) {
    int last = text.length() - 1;
    if (last < 19 || last == 20 || last > 29) {
      throw new IllegalArgumentException(text);
    }
    for (int i = 0; i <= last; i++) {
      char wanted = i == last ? 'Z' : i < 20 ? MOMENT_SHAPE.charAt(i) : '0';
      char found = text.charAt(i);
      if (wanted == '0' ? found < '0' || found > '9' : found != wanted) {
        throw new IllegalArgumentException(text);
      }
    }
    int nanos = 0;
    for (int i = 20; i < 29; i++) {
      nanos = 10 * nanos + (i < last ? text.charAt(i) - '0' : 0);
    }
    return OffsetDateTime.of(
        digits(text, 0, 4),
        digits(text, 5, 7),
        digits(text, 8, 10),
        digits(text, 11, 13),
        digits(text, 14, 16),
        digits(text, 17, 19),
        nanos,
        ZoneOffset.UTC);
  }

  private static int digits(String text, int from, int to) {
    return Integer.parseInt(text, from, to, 10);
  }

  private static boolean truth(String text) {
    return switch (text) {
      case "true" -> true;
      case "false" -> false;
      default -> throw new IllegalArgumentException(text);
    };
  }
}
