package ironshelf.http.problem;

import java.util.Map;
import org.springframework.http.HttpStatus;

/** A request that cannot be met as things stand. The wording stands in the catalogue. */
public class ProblemException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final HttpStatus status;
  private final String code;
  private final transient Map<String, Object> params;

  private ProblemException(HttpStatus status, String code, Map<String, Object> params) {
    super(code + " " + params);
    this.status = status;
    this.code = code;
    this.params = Map.copyOf(params);
  }

  /** 409: somebody else was there first, or the shop is not in the state that the act needs. */
  public static ProblemException conflict(String code, Map<String, Object> params) {
    return new ProblemException(HttpStatus.CONFLICT, code, params);
  }

  /** 412: what is to be changed is no longer what its editor saw. */
  public static ProblemException stale() {
    return new ProblemException(HttpStatus.PRECONDITION_FAILED, "edit.stale", Map.of());
  }

  /** 400: the request as a whole lacks something that no field can be named for. */
  public static ProblemException bad(String code, Map<String, Object> params) {
    return new ProblemException(HttpStatus.BAD_REQUEST, code, params);
  }

  /** 401: nobody is signed in, or what they said is not right. */
  public static ProblemException unknownAsker(String code, Map<String, Object> params) {
    return new ProblemException(HttpStatus.UNAUTHORIZED, code, params);
  }

  /** 403: who asks may not do it. */
  public static ProblemException forbidden(String code, Map<String, Object> params) {
    return new ProblemException(HttpStatus.FORBIDDEN, code, params);
  }

  /** 429: it was asked too often. */
  public static ProblemException tooOften(String code, Map<String, Object> params) {
    return new ProblemException(HttpStatus.TOO_MANY_REQUESTS, code, params);
  }

  /** 404: nothing of that kind has that id. */
  public static ProblemException unknown(String what, Object id) {
    return new ProblemException(
        HttpStatus.NOT_FOUND, "resource.unknown", Map.of("what", what, "value", id));
  }

  public HttpStatus status() {
    return status;
  }

  public String code() {
    return code;
  }

  public Map<String, Object> params() {
    return params;
  }
}
