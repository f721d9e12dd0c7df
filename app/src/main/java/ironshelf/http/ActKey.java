package ironshelf.http;

import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.enums.ParameterIn;
import io.swagger.v3.oas.annotations.media.Schema;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A parameter that takes the key of an act from the header Idempotency-Key: the same key is the
 * same act, however often it is sent. A request without one is refused.
 */
@Target(ElementType.PARAMETER)
@Retention(RetentionPolicy.RUNTIME)
@Parameter(
    in = ParameterIn.HEADER,
    name = ActKey.HEADER,
    required = true,
    schema = @Schema(type = "string"))
public @interface ActKey {
  String HEADER = "Idempotency-Key";
}
