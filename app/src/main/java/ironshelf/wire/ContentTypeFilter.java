package ironshelf.wire;

import ironshelf.http.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses a body whose type is no type, or several at once. */
final class ContentTypeFilter extends OncePerRequestFilter {

  private static final int SHOWN = 100;

  private final ProblemWriter problems;

  ContentTypeFilter(ProblemWriter problems) {
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String type = request.getContentType();
    if (type != null && !isConcrete(type)) {
      String shown = type.length() > SHOWN ? type.substring(0, SHOWN) + "…" : type;
      problems.write(
          response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "request.mediaType", Map.of("value", shown));
      return;
    }
    chain.doFilter(request, response);
  }

  private static boolean isConcrete(String type) {
    try {
      return MediaType.parseMediaType(type).isConcrete();
    } catch (InvalidMediaTypeException e) {
      return false;
    }
  }
}
