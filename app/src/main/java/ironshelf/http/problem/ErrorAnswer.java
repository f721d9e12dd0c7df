package ironshelf.http.problem;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Answers where a request failed before or after any controller; of the cause it says nothing. */
@RestController
@io.swagger.v3.oas.annotations.Hidden
class ErrorAnswer implements ErrorController {

  private final ProblemWriter problems;

  ErrorAnswer(ProblemWriter problems) {
    this.problems = problems;
  }

  @RequestMapping("/error")
  ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
    Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
    // Asked for by itself it is a page that is not there.
    HttpStatus status = code instanceof Integer no ? HttpStatus.resolve(no) : HttpStatus.NOT_FOUND;
    if (status == null || status.is5xxServerError()) {
      return answer(HttpStatus.INTERNAL_SERVER_ERROR, "request.failed", Map.of());
    }
    return status == HttpStatus.NOT_FOUND
        ? answer(status, "resource.unknown", Map.of("what", "page", "value", "error"))
        : answer(status, "request.rejected", Map.of());
  }

  private ResponseEntity<ProblemDetail> answer(
      HttpStatus status, String code, Map<String, Object> params) {
    return ResponseEntity.status(status).body(problems.problem(status, code, params));
  }
}
