package ironshelf.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Stops reading a request body after a megabyte: nothing that a workshop sends is that long. */
@Component
class BodyLimitFilter extends OncePerRequestFilter {

  static final int MOST_BYTES = 1_000_000;

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    chain.doFilter(
        new HttpServletRequestWrapper(request) {
          @Override
          public ServletInputStream getInputStream() throws IOException {
            return new Limited(super.getInputStream());
          }
        },
        response);
  }

  /** The body went on past the limit. */
  static final class TooLargeException extends IOException {
    private static final long serialVersionUID = 1L;

    TooLargeException() {
      super("over " + MOST_BYTES + " bytes");
    }

    int most() {
      return MOST_BYTES;
    }
  }

  private static final class Limited extends ServletInputStream {
    private final ServletInputStream in;
    private int left = MOST_BYTES;

    Limited(ServletInputStream in) {
      this.in = in;
    }

    @Override
    public int read() throws IOException {
      int b = in.read();
      count(b < 0 ? 0 : 1);
      return b;
    }

    @Override
    public int read(byte[] bytes, int offset, int length) throws IOException {
      int n = in.read(bytes, offset, length);
      count(Math.max(n, 0));
      return n;
    }

    private void count(int n) throws IOException {
      left -= n;
      if (left < 0) {
        throw new TooLargeException();
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
