package tavrel.server.store;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.ibatis.mapping.ResultFlag;
import org.apache.ibatis.mapping.ResultMap;
import org.apache.ibatis.mapping.ResultMapping;
import org.apache.ibatis.session.Configuration;
import org.apache.ibatis.type.TypeHandler;

/**
 * Which column goes to which component of a record, found once when a mapper is read. By themselves
 * mappers look for it anew in each row: with twenty columns that is nine tenths of reading.
 *
 * <p>A component {@code hiveId} comes from a column {@code hive_id}.
 */
final class RecordRows extends Configuration {

  RecordRows() {
    setMapUnderscoreToCamelCase(true);
    setArgNameBasedConstructorAutoMapping(true);
    setObjectFactory(new RecordFactory());
  }

  @Override
  public void addResultMap(ResultMap map) {
    boolean plain = map.getType().isRecord() && map.getResultMappings().isEmpty();
    List<ResultMapping> columns = plain ? columnsOf(map.getType()) : List.of();
    super.addResultMap(
        columns.isEmpty()
            ? map
            : new ResultMap.Builder(this, map.getId(), map.getType(), columns, false).build());
  }

  /** One for each component; none where a kind of value has no handler of its own. */
  private List<ResultMapping> columnsOf(Class<?> type) {
    List<ResultMapping> columns = new ArrayList<>();
    for (RecordComponent component : type.getRecordComponents()) {
      TypeHandler<?> handler = getTypeHandlerRegistry().getTypeHandler(component.getType());
      if (handler == null) {
        return List.of();
      }
      columns.add(
          new ResultMapping.Builder(this, null, column(component.getName()), component.getType())
              .typeHandler(handler)
              .flags(List.of(ResultFlag.CONSTRUCTOR))
              .build());
    }
    return columns;
  }

  private static String column(String component) {
    return component.replaceAll("(?<=[a-z0-9])(?=[A-Z])", "_").toLowerCase(Locale.ROOT);
  }
}
