package ironshelf.http.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Problem documents (RFC 9457) with a code and its wording; also where no controller answers. */
@Component
public class ProblemWriter {

  private final Catalogue catalogue;
  private final JsonMapper mapper;

  ProblemWriter(Catalogue catalogue, JsonMapper mapper) {
    this.catalogue = catalogue;
    this.mapper = mapper;
  }

  /** A problem by its code. */
  public ProblemDetail problem(HttpStatus status, String code, Map<String, Object> params) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(status, catalogue.say(code, "", params));
    problem.setProperty("code", code);
    problem.setProperty("params", params);
    return problem;
  }

  /** Answers with a problem. */
  public void write(
      HttpServletResponse response, HttpStatus status, String code, Map<String, Object> params)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setCharacterEncoding(StandardCharsets.UTF_8.name());
    response.getOutputStream().write(mapper.writeValueAsBytes(problem(status, code, params)));
  }
}
