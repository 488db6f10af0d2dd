package tavrel.server.store;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.util.Arrays;
import java.util.List;
import org.apache.ibatis.reflection.factory.DefaultObjectFactory;
import org.jspecify.annotations.Nullable;

/**
 * Makes a record of each row. Few records of rows are public, and to the usual factory each one
 * that is not costs an exception a row: it tries first whether it may.
 */
final class RecordFactory extends DefaultObjectFactory {

  private static final long serialVersionUID = 1L;

  /** The constructor with all components, open to us; looked for once a class. */
  private static final ClassValue<Constructor<?>> CANONICAL =
      new ClassValue<>() {
        @Override
        protected Constructor<?> computeValue(Class<?> type) {
          Class<?>[] components =
              Arrays.stream(type.getRecordComponents())
                  .map(each -> (Class<?>) each.getType())
                  .toArray(Class<?>[]::new);
          try {
            Constructor<?> constructor = type.getDeclaredConstructor(components);
            constructor.setAccessible(true);
            return constructor;
          } catch (NoSuchMethodException none) {
            throw new IllegalStateException(type + " has no constructor of its components", none);
          }
        }
      };

  @Override
  public <T> T create(
      Class<T> type, @Nullable List<Class<?>> types, @Nullable List<Object> values) {
    if (!type.isRecord() || types == null || values == null) {
      return super.create(type, types, values);
    }
    Constructor<?> constructor = CANONICAL.get(type);
    if (!Arrays.asList(constructor.getParameterTypes()).equals(types)) {
      return super.create(type, types, values);
    }
    try {
      return type.cast(constructor.newInstance(values.toArray()));
    } catch (InvocationTargetException refused) {
      throw new IllegalStateException("A kept row is no " + type, refused.getCause());
    } catch (ReflectiveOperationException broken) {
      throw new IllegalStateException(broken);
    }
  }
}
