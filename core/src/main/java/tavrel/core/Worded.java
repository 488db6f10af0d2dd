package tavrel.core;

/** A constant that a {@link Fact} may name; the catalogue of words says it in every language. */
public interface Worded {

  /** Name of the constant. */
  String name();

  /**
   * Its lasting code: the type's name with those that it stands in, a point, and its own, {@code
   * GramsOf.PRODUCT}, {@code BroodBreakKind.WINDOW}.
   */
  default String word() {
    Class<?> own = getClass();
    String type = (own.isEnum() ? own : own.getSuperclass()).getName();
    return type.substring(type.lastIndexOf('.') + 1).replace("$", "") + "." + name();
  }
}
