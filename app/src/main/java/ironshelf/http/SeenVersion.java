package ironshelf.http;

import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.enums.ParameterIn;
import io.swagger.v3.oas.annotations.media.Schema;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A parameter that takes the version that an editor saw from the header If-Match; a request without
 * one is refused. Answers carry it in their body and no ETag: a mould with its copies changes
 * without the mould's own version, and a browser would keep showing the old one.
 */
@Target(ElementType.PARAMETER)
@Retention(RetentionPolicy.RUNTIME)
@Parameter(
    in = ParameterIn.HEADER,
    name = SeenVersion.HEADER,
    required = true,
    schema = @Schema(type = "string"))
public @interface SeenVersion {
  String HEADER = "If-Match";
}
