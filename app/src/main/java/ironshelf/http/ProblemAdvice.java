package ironshelf.http;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.hibernate.exception.ConstraintViolationException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import org.springframework.web.util.DisconnectedClientHelper;

/** Makes every failure a problem document (RFC 9457) with a code and, where it has any, errors. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {

  private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

  private final Catalogue catalogue;

  ProblemAdvice(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  @ExceptionHandler(RefusedException.class)
  ProblemDetail refused(RefusedException e) {
    ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, "request.refused", Map.of());
    problem.setProperty("errors", catalogue.views(e.findings()));
    return problem;
  }

  @ExceptionHandler(ProblemException.class)
  ProblemDetail problem(ProblemException e) {
    return problem(e.status(), e.code(), e.params());
  }

  @ExceptionHandler(ConcurrencyFailureException.class)
  ProblemDetail collided(ConcurrencyFailureException e) {
    LOG.info("Two acts collided: {}", e.getMessage());
    return problem(HttpStatus.CONFLICT, "state.changed", Map.of());
  }

  /** What the database refused, by the name of its rule: nothing was kept. */
  @ExceptionHandler(DataIntegrityViolationException.class)
  ProblemDetail broken(DataIntegrityViolationException e) {
    String rule =
        e.getCause() instanceof ConstraintViolationException violated
            ? String.valueOf(violated.getConstraintName())
            : "unnamed";
    LOG.warn("Refused by the rule {}", rule, e);
    return problem(HttpStatus.CONFLICT, "data.refused", Map.of("rule", rule));
  }

  @ExceptionHandler(MethodArgumentTypeMismatchException.class)
  ProblemDetail parameter(MethodArgumentTypeMismatchException e) {
    Map<String, Object> params =
        Map.of(
            "field",
            e.getName(),
            "value",
            String.valueOf(e.getValue()),
            "wanted",
            wanted(e.getRequiredType()));
    ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, "request.refused", Map.of());
    problem.setProperty(
        "errors",
        List.of(
            new FindingView(
                "request.parameter",
                e.getName(),
                params,
                catalogue.say("request.parameter", e.getName(), params))));
    return problem;
  }

  private static String wanted(@Nullable Class<?> type) {
    return type != null && type.isEnum()
        ? "one of " + Arrays.stream(type.getEnumConstants()).map(EnumNames::of).toList()
        : "a whole number";
  }

  @ExceptionHandler(BodyLimitFilter.TooLargeException.class)
  ProblemDetail tooLarge(BodyLimitFilter.TooLargeException e) {
    return problem(HttpStatus.CONTENT_TOO_LARGE, "request.tooLarge", Map.of("high", e.most()));
  }

  @ExceptionHandler(Exception.class)
  @Nullable ProblemDetail failed(Exception e) {
    if (DisconnectedClientHelper.isClientDisconnectedException(e)) {
      LOG.debug("The client has gone", e);
      return null;
    }
    LOG.error("A request failed", e);
    return problem(HttpStatus.INTERNAL_SERVER_ERROR, "request.failed", Map.of());
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    if (e.getRootCause() instanceof BodyLimitFilter.TooLargeException tooLarge) {
      return answer(
          e,
          headers,
          HttpStatus.CONTENT_TOO_LARGE,
          "request.tooLarge",
          Map.of("high", tooLarge.most()),
          request);
    }
    Throwable cause = e.getCause();
    // A record within a list of numbers is refused, and then misses itself.
    Findings found = BindingFindings.take();
    if (!found.isEmpty()) {
      ProblemDetail problem = refused(new RefusedException(found.toList()));
      return handleExceptionInternal(e, problem, headers, HttpStatus.BAD_REQUEST, request);
    }
    if (cause == null) {
      return answer(e, headers, HttpStatus.BAD_REQUEST, "request.empty", Map.of(), request);
    }
    String first = String.valueOf(cause.getMessage()).lines().findFirst().orElse("");
    String what = first.length() > 160 ? first.substring(0, 160) + "…" : first;
    return answer(
        e, headers, HttpStatus.BAD_REQUEST, "request.unreadable", Map.of("value", what), request);
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpRequestMethodNotSupported(
      HttpRequestMethodNotSupportedException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    Map<String, Object> params =
        Map.of("value", e.getMethod(), "wanted", String.valueOf(e.getSupportedHttpMethods()));
    return answer(e, headers, HttpStatus.METHOD_NOT_ALLOWED, "request.method", params, request);
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMediaTypeNotSupported(
      HttpMediaTypeNotSupportedException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    Map<String, Object> params = Map.of("value", String.valueOf(e.getContentType()));
    return answer(
        e, headers, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "request.mediaType", params, request);
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleNoResourceFoundException(
      NoResourceFoundException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    Map<String, Object> params = Map.of("what", "page", "value", e.getResourcePath());
    return answer(e, headers, HttpStatus.NOT_FOUND, "resource.unknown", params, request);
  }

  private @Nullable ResponseEntity<Object> answer(
      Exception e,
      HttpHeaders headers,
      HttpStatus status,
      String code,
      Map<String, Object> params,
      WebRequest request) {
    return handleExceptionInternal(e, problem(status, code, params), headers, status, request);
  }

  private ProblemDetail problem(HttpStatus status, String code, Map<String, Object> params) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(status, catalogue.say(code, "", params));
    problem.setProperty("code", code);
    problem.setProperty("params", params);
    return problem;
  }
}
