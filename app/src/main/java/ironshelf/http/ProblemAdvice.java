package ironshelf.http;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import ironshelf.http.json.BindingFindings;
import ironshelf.http.json.EnumNames;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.FindingView;
import ironshelf.http.problem.ProblemException;
import ironshelf.http.problem.ProblemWriter;
import java.io.IOException;
import java.net.SocketTimeoutException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.apache.tomcat.util.http.InvalidParameterException;
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
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
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

  /** A class as the JSON library names it, with its packages. */
  private static final Pattern INSIDE = Pattern.compile("`?(?:[a-z]\\w*\\.)+([A-Z][\\w$]*)`?");

  private final Catalogue catalogue;
  private final ProblemWriter problems;

  ProblemAdvice(Catalogue catalogue, ProblemWriter problems) {
    this.catalogue = catalogue;
    this.problems = problems;
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
    return parameter(e.getName(), String.valueOf(e.getValue()), wanted(e.getRequiredType()));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleMissingServletRequestParameter(
      MissingServletRequestParameterException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return handleExceptionInternal(
        e,
        parameter(e.getParameterName(), "left out", wanted(e.getParameterType())),
        headers,
        status,
        request);
  }

  private ProblemDetail parameter(String name, String value, String wanted) {
    Map<String, Object> params = Map.of("field", name, "value", value, "wanted", wanted);
    ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, "request.refused", Map.of());
    problem.setProperty(
        "errors",
        List.of(
            new FindingView(
                "request.parameter",
                name,
                params,
                catalogue.say("request.parameter", name, params))));
    return problem;
  }

  private static String wanted(@Nullable Class<?> type) {
    return type != null && type.isEnum()
        ? "one of " + Arrays.stream(type.getEnumConstants()).map(EnumNames::of).toList()
        : wanted(type == null ? "" : type.getSimpleName());
  }

  private static String wanted(String type) {
    return switch (type) {
      case "int", "Integer", "long", "Long" -> "a whole number";
      case "double", "Double" -> "a number";
      case "LocalTime" -> "a time like 07:30";
      case "LocalDate" -> "a date like 2027-03-05";
      default -> "a value for it";
    };
  }

  @ExceptionHandler({BodyLimitFilter.TooSlowException.class, SocketTimeoutException.class})
  ProblemDetail tooSlow(IOException e) {
    LOG.debug("A body that did not come", e);
    return problem(HttpStatus.REQUEST_TIMEOUT, "request.tooSlow", Map.of());
  }

  @ExceptionHandler(BodyLimitFilter.TooLargeException.class)
  ProblemDetail tooLarge(BodyLimitFilter.TooLargeException e) {
    return problem(HttpStatus.CONTENT_TOO_LARGE, "request.tooLarge", Map.of("high", e.most()));
  }

  /** Percent signs that stand for nothing, bytes that are no UTF-8, names with odd signs. */
  @ExceptionHandler({InvalidParameterException.class, RequestRejectedException.class})
  ProblemDetail undecodable(Exception e) {
    LOG.debug("A request that cannot be read", e);
    return problem(HttpStatus.BAD_REQUEST, "request.rejected", Map.of());
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
    if (e.getRootCause() instanceof BodyLimitFilter.TooSlowException
        || e.getRootCause() instanceof SocketTimeoutException) {
      return answer(e, headers, HttpStatus.REQUEST_TIMEOUT, "request.tooSlow", Map.of(), request);
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
    String said = String.valueOf(cause.getMessage()).lines().findFirst().orElse("");
    // What it is made of is nobody's business.
    String first = INSIDE.matcher(said).replaceAll("$1").replaceFirst(" \\(but could .*", "");
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
    return problems.problem(status, code, params);
  }
}
