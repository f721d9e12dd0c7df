package ironshelf.core.quantity;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What a number of a request is taken as where it was not given, that is where it is NaN. For those
 * who describe the request; the record itself does the taking.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface WhenMissing {
  String value();
}
