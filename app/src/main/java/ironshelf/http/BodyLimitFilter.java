package ironshelf.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Stops reading a request body after a megabyte: nothing that a workshop sends is that long, but a
 * mesh, which may take a hundred. It also stops where a body does not come: who sends one byte now
 * and then holds a place that others need.
 */
@Component
class BodyLimitFilter extends OncePerRequestFilter {

  static final int MOST_BYTES = 1_000_000;
  static final int MOST_MESH_BYTES = 105_000_000;

  /** A large file over a slow radio takes its time. */
  private static final int MESH_TAKES = 10;

  private final Duration patience;

  BodyLimitFilter(@Value("${ironshelf.body-seconds}") long patienceSeconds) {
    this.patience = Duration.ofSeconds(patienceSeconds);
  }

  private static boolean isMesh(HttpServletRequest request) {
    return request.getRequestURI().endsWith("/api/calc/mesh");
  }

  /** A whole shop with its pictures, from its owner. */
  private static boolean isEverything(HttpServletRequest request) {
    return request.getRequestURI().endsWith("/api/everything");
  }

  private static int mostFor(HttpServletRequest request) {
    if (isEverything(request)) {
      return Integer.MAX_VALUE;
    }
    return isMesh(request) ? MOST_MESH_BYTES : MOST_BYTES;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    // Only an act under a key is ever compared with another one.
    RequestPrint print =
        request.getHeader(ActKey.HEADER) == null ? null : RequestPrint.begin(request);
    long until =
        System.nanoTime()
            + patience
                .multipliedBy(isMesh(request) || isEverything(request) ? MESH_TAKES : 1)
                .toNanos();
    chain.doFilter(
        new HttpServletRequestWrapper(request) {
          @Override
          public ServletInputStream getInputStream() throws IOException {
            return new Limited(super.getInputStream(), mostFor(request), print, until);
          }
        },
        response);
  }

  /** The body went on past the limit. */
  static final class TooLargeException extends IOException {
    private static final long serialVersionUID = 1L;

    private final int most;

    TooLargeException(int most) {
      super("over " + most + " bytes");
      this.most = most;
    }

    int most() {
      return most;
    }
  }

  /** The body did not come in time. */
  static final class TooSlowException extends IOException {
    private static final long serialVersionUID = 1L;
  }

  private static final class Limited extends ServletInputStream {
    private final ServletInputStream in;
    private final int most;
    private final @Nullable RequestPrint print;
    private final long until;
    private int left;

    Limited(ServletInputStream in, int most, @Nullable RequestPrint print, long until) {
      this.until = until;
      this.in = in;
      this.print = print;
      this.most = most;
      this.left = most;
    }

    @Override
    public int read() throws IOException {
      byte[] one = new byte[1];
      return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
    }

    @Override
    public int read(byte[] bytes, int offset, int length) throws IOException {
      int n = in.read(bytes, offset, length);
      count(Math.max(n, 0));
      if (print != null) {
        print.read(bytes, offset, Math.max(n, 0));
      }
      return n;
    }

    private void count(int n) throws IOException {
      left -= n;
      if (left < 0) {
        throw new TooLargeException(most);
      }
      if (System.nanoTime() - until > 0) {
        throw new TooSlowException();
      }
    }

    @Override
    public boolean isFinished() {
      return in.isFinished();
    }

    @Override
    public boolean isReady() {
      return in.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      in.setReadListener(listener);
    }
  }
}
