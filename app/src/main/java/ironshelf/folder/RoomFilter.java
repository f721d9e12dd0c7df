package ironshelf.folder;

import ironshelf.http.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses acts while there is hardly any room on the disk, or the data folder cannot be written to:
 * a database that runs out of room half-way keeps nothing that comes after, whatever it answers.
 * Reads go on, and acts do as soon as there is room.
 */
@Component
class RoomFilter extends OncePerRequestFilter {

  private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
  private static final long MB = 1L << 20;

  private final Path data;
  private final long leastMb;
  private final ProblemWriter problems;

  RoomFilter(
      @Value("${ironshelf.data}") String data,
      @Value("${ironshelf.least-room-mb}") long leastMb,
      ProblemWriter problems) {
    this.data = Path.of(data);
    this.leastMb = leastMb;
    this.problems = problems;
  }

  /** What is only reckoned is kept nowhere. */
  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return READING.contains(request.getMethod())
        || request.getRequestURI().startsWith("/api/calc/")
        || !Files.isDirectory(data);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    long freeMb = Files.getFileStore(data).getUsableSpace() / MB;
    if (freeMb < leastMb) {
      problems.write(
          response,
          HttpStatus.INSUFFICIENT_STORAGE,
          "disk.full",
          Map.of("value", freeMb, "least", leastMb));
      return;
    }
    if (!Files.isWritable(data)) {
      problems.write(response, HttpStatus.INSUFFICIENT_STORAGE, "disk.readOnly", Map.of());
      return;
    }
    chain.doFilter(request, response);
  }
}
