package ironshelf.store;

import ironshelf.http.problem.Catalogue;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Says which stored row is damaged, and what can be done, instead of that something failed. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class StoreAdvice {

  private static final Logger LOG = LoggerFactory.getLogger(StoreAdvice.class);

  private static final String CODE = "store.unreadable";

  private final JsonColumns columns;
  private final Catalogue catalogue;

  StoreAdvice(JsonColumns columns, Catalogue catalogue) {
    this.columns = columns;
    this.catalogue = catalogue;
  }

  @ExceptionHandler(UnreadableException.class)
  ProblemDetail unreadable(UnreadableException e) {
    String rows = String.join("; ", columns.unreadable(e.type()));
    LOG.error("A stored document cannot be read: {}: {}", rows, e.getMessage());
    Map<String, Object> params = Map.of("rows", rows, "place", e.place());
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.INTERNAL_SERVER_ERROR, catalogue.say(CODE, "", params));
    problem.setProperty("code", CODE);
    problem.setProperty("params", params);
    return problem;
  }
}
