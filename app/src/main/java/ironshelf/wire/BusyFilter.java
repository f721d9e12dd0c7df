package ironshelf.wire;

import ironshelf.http.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Semaphore;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets so many requests with bodies in at once, so that those whose bodies do not come never take
 * the threads of all others: the shelf is shown whatever happens.
 */
final class BusyFilter extends OncePerRequestFilter {

  private static final Set<String> WITHOUT_BODY = Set.of("GET", "HEAD", "OPTIONS");

  private final Semaphore places;
  private final ProblemWriter problems;

  BusyFilter(int most, ProblemWriter problems) {
    this.places = new Semaphore(most);
    this.problems = problems;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return WITHOUT_BODY.contains(request.getMethod());
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!places.tryAcquire()) {
      response.setHeader("Retry-After", "1");
      problems.write(response, HttpStatus.SERVICE_UNAVAILABLE, "request.busy", Map.of());
      return;
    }
    try {
      chain.doFilter(request, response);
    } finally {
      places.release();
    }
  }
}
