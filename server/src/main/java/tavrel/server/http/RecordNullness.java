package tavrel.server.http;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.databind.introspect.Annotated;
import com.fasterxml.jackson.databind.introspect.AnnotatedConstructor;
import com.fasterxml.jackson.databind.introspect.AnnotatedField;
import com.fasterxml.jackson.databind.introspect.AnnotatedMember;
import com.fasterxml.jackson.databind.introspect.AnnotatedMethod;
import com.fasterxml.jackson.databind.introspect.AnnotatedParameter;
import com.fasterxml.jackson.databind.introspect.NopAnnotationIntrospector;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * Lets JSON keep the promise of our records: a component that is not {@code @Nullable} must be
 * there and not be null. The same promise goes into the API's description as "required".
 */
final class RecordNullness extends NopAnnotationIntrospector {

  private static final long serialVersionUID = 1L;

  @Override
  public @Nullable Boolean hasRequiredMarker(AnnotatedMember member) {
    RecordComponent component = component(member);
    return component == null ? null : !nullable(component);
  }

  @Override
  public JsonSetter.Value findSetterInfo(Annotated annotated) {
    RecordComponent component =
        annotated instanceof AnnotatedMember member ? component(member) : null;
    return component == null || nullable(component)
        ? JsonSetter.Value.empty()
        : JsonSetter.Value.forValueNulls(Nulls.FAIL);
  }

  private static @Nullable RecordComponent component(AnnotatedMember member) {
    RecordComponent[] components = member.getDeclaringClass().getRecordComponents();
    if (components == null || !member.getDeclaringClass().getName().startsWith("tavrel.")) {
      return null;
    }
    if (member instanceof AnnotatedParameter parameter) {
      boolean canonical =
          parameter.getOwner() instanceof AnnotatedConstructor constructor
              && constructor.getParameterCount() == components.length;
      return canonical ? components[parameter.getIndex()] : null;
    }
    if (member instanceof AnnotatedField || member instanceof AnnotatedMethod) {
      return Arrays.stream(components)
          .filter(component -> component.getName().equals(member.getName()))
          .findFirst()
          .orElse(null);
    }
    return null;
  }

  private static boolean nullable(RecordComponent component) {
    return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
  }
}
