package ironshelf.wire;

import ironshelf.http.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses changes that a page of another website asks for. A browser says with each of them which
 * page it is for (Fetch Metadata, W3C 2021; Origin, RFC 6454), and no page can change that; what is
 * no browser sends neither and acts for nobody else.
 */
final class ElsewhereFilter extends OncePerRequestFilter {

  static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
  private static final Set<String> OWN = Set.of("same-origin", "none");

  private final ProblemWriter problems;

  ElsewhereFilter(ProblemWriter problems) {
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!READING.contains(request.getMethod()) && !isOwn(request)) {
      problems.write(response, HttpStatus.FORBIDDEN, "request.elsewhere", Map.of());
      return;
    }
    chain.doFilter(request, response);
  }

  private static boolean isOwn(HttpServletRequest request) {
    String site = request.getHeader("Sec-Fetch-Site");
    String origin = request.getHeader(HttpHeaders.ORIGIN);
    return (site == null || OWN.contains(site)) && (origin == null || isOwn(origin, request));
  }

  private static boolean isOwn(String origin, HttpServletRequest request) {
    @Nullable URI from;
    try {
      from = URI.create(origin);
    } catch (IllegalArgumentException e) {
      return false;
    }
    String scheme = request.getScheme();
    int standard = "https".equals(scheme) ? 443 : 80;
    int port = from.getPort() < 0 ? standard : from.getPort();
    return scheme.equals(from.getScheme())
        && request.getServerName().equalsIgnoreCase(from.getHost())
        && request.getServerPort() == port;
  }
}
