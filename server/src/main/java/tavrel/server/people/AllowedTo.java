package tavrel.server.people;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Who may ask for something, beside a resource or one of its methods. Where nothing is said,
 * everybody who is signed in may look and the keeper alone may change.
 */
@Target({ElementType.TYPE, ElementType.METHOD})
@Retention(RetentionPolicy.RUNTIME)
public @interface AllowedTo {

  /** The roles that may. */
  Role[] value();
}
