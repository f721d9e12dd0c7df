package ironshelf.wire;

import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import ironshelf.http.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * How much another device may ask for. Signing in and pairing, which are guessed at, have a
 * narrower measure of their own besides.
 */
final class RateFilter extends OncePerRequestFilter {

  private static final int MOST_DEVICES = 2000;
  private static final int GUESSES_A_MINUTE = 20;

  private final Map<String, Bucket> all = lastUsed();
  private final Map<String, Bucket> guesses = lastUsed();
  private final Bandwidth usual;
  private final ProblemWriter problems;

  RateFilter(int burst, int perSecond, ProblemWriter problems) {
    this.usual =
        Bandwidth.builder().capacity(burst).refillGreedy(perSecond, Duration.ofSeconds(1)).build();
    this.problems = problems;
  }

  /** The shop's own machine asks as much as it likes. */
  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.isSecure();
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String from = request.getRemoteAddr();
    boolean guess =
        "POST".equals(request.getMethod())
            && ("/api/session".equals(request.getServletPath())
                || "/api/devices/paired".equals(request.getServletPath()));
    boolean within = all.computeIfAbsent(from, f -> bucket(usual)).tryConsume(1);
    if (!within || (guess && !guesses.computeIfAbsent(from, f -> few()).tryConsume(1))) {
      response.setHeader(HttpHeaders.RETRY_AFTER, guess ? "60" : "1");
      problems.write(response, HttpStatus.TOO_MANY_REQUESTS, "request.tooOften", Map.of());
      return;
    }
    chain.doFilter(request, response);
  }

  private static Bucket bucket(Bandwidth measure) {
    return Bucket.builder().addLimit(measure).build();
  }

  private static Bucket few() {
    return bucket(
        Bandwidth.builder()
            .capacity(GUESSES_A_MINUTE)
            .refillIntervally(GUESSES_A_MINUTE, Duration.ofMinutes(1))
            .build());
  }

  /** Those that were seen last; the others start afresh. */
  private static Map<String, Bucket> lastUsed() {
    return Collections.synchronizedMap(
        new LinkedHashMap<>(16, 0.75f, true) {
          private static final long serialVersionUID = 1L;

          @Override
          protected boolean removeEldestEntry(Map.Entry<String, Bucket> eldest) {
            return size() > MOST_DEVICES;
          }
        });
  }
}
